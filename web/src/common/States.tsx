import { Box, Flex, Heading, Spinner, Text } from '@chakra-ui/react';
import { type ReactNode, useEffect, useState } from 'react';
import { Button } from './Button';

/** Says what is being fetched, but only when it takes long enough to wonder. */
export function Loading({ what }: { what: string }) {
  const [late, setLate] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLate(true), 400);
    return () => clearTimeout(timer);
  }, []);
  return (
    <Flex role="status" minH="40" align="center" justify="center" gap="3" color="soft">
      {late && (
        <>
          <Spinner size="sm" color="sea" />
          <Text>Fetching {what}…</Text>
        </>
      )}
    </Flex>
  );
}

export function ErrorState({ problem, again }: { problem: Error; again: () => void }) {
  return (
    <Box role="alert" maxW="520px" mx="auto" mt="16" p="6" bg="sheet" borderRadius="lg">
      <Heading as="h2" fontFamily="heading" fontSize="xl">
        That did not work
      </Heading>
      <Text mt="2">{problem.message}</Text>
      <Button mt="4" look="sea" onClick={again}>
        Try again
      </Button>
    </Box>
  );
}

export function Empty({
  title,
  level = 'h2',
  children,
}: {
  title: string;
  /** The heading of the page, where it holds nothing else. */
  level?: 'h1' | 'h2';
  children: ReactNode;
}) {
  return (
    <Box
      borderWidth="1px"
      borderStyle="dashed"
      borderColor="fold"
      borderRadius="lg"
      p="6"
      maxW="560px"
    >
      <Heading as={level} fontFamily="heading" fontSize="lg">
        {title}
      </Heading>
      <Box
        mt="1"
        color="soft"
        css={{
          '& a:not([class])': {
            color: 'sea',
            textDecoration: 'underline',
            textUnderlineOffset: '3px',
          },
        }}
      >
        {children}
      </Box>
    </Box>
  );
}
