import { Box, Flex, Heading } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A part of a side panel under its own small heading. */
export function Section({
  title,
  right,
  children,
}: {
  title: string;
  right?: ReactNode;
  children: ReactNode;
}) {
  return (
    <Box as="section" aria-label={title}>
      <Flex justify="space-between" align="center" mb="1.5" minH="28px">
        <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
          {title}
        </Heading>
        {right}
      </Flex>
      {children}
    </Box>
  );
}
