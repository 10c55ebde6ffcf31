import { Box, Text } from '@chakra-ui/react';
import { Link, useRouteError } from 'react-router';
import { Button } from '../common/Button';
import { Empty } from '../common/States';

/**
 * Instead of a blank page where one cannot be drawn. What was changed is saved with every pause of
 * the hand, so that opening it again loses nothing but what was just typed.
 */
export function Broken() {
  const what = useRouteError();
  return (
    <Box as="main" p="8" role="alert">
      <title>Something went wrong · Craft Map</title>
      <Empty title="This page could not be drawn" level="h1">
        <Text mb="4">
          The fault is ours. What you changed is saved; open the page again, or go back to the
          pieces.
        </Text>
        <Button onClick={() => window.location.reload()}>Open it again</Button>
        <Text mt="4">
          <Link to="/" reloadDocument>
            Back to the pieces
          </Link>
        </Text>
        {what instanceof Error && (
          <Text mt="6" color="soft" fontSize="sm">
            It says: {what.message}
          </Text>
        )}
      </Empty>
    </Box>
  );
}
