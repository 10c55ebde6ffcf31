import { Box, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Link, useRouteError } from 'react-router';
import { Button } from '../common/Button';
import { Empty } from '../common/States';
import { NotFetched } from './page';

/**
 * Instead of a blank page where one cannot be drawn. What was changed is saved with every pause of
 * the hand, so that opening it again loses nothing but what was just typed.
 */
export function Broken() {
  const what = useRouteError();
  if (what instanceof NotFetched) {
    return (
      <Instead title="This page did not come">
        Its script could not be fetched: the server does not answer just now, or has been renewed
        since this window was opened. What you changed is saved; open it again.
      </Instead>
    );
  }
  return (
    <Instead
      title="This page could not be drawn"
      says={what instanceof Error ? what.message : undefined}
    >
      The fault is ours. What you changed is saved; open the page again, or go back to the pieces.
    </Instead>
  );
}

function Instead({
  title,
  says,
  children,
}: {
  title: string;
  /** What the fault itself has to say, if it is one. */
  says?: string;
  children: ReactNode;
}) {
  return (
    <Box as="main" p="8" role="alert">
      <title>Something went wrong · Craft Map</title>
      <Empty title={title} level="h1">
        <Text mb="4">{children}</Text>
        <Button onClick={() => window.location.reload()}>Open it again</Button>
        <Text mt="4">
          <Link to="/" reloadDocument>
            Back to the pieces
          </Link>
        </Text>
        {says !== undefined && (
          <Text mt="6" color="soft" fontSize="sm">
            It says: {says}
          </Text>
        )}
      </Empty>
    </Box>
  );
}
