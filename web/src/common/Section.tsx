import { Box, Flex, Heading } from '@chakra-ui/react';
import { createContext, type ReactNode, useContext } from 'react';
import { Outlet } from 'react-router';

/** What the headings of sections are: one level below what stands over them. */
export const SectionLevel = createContext<'h2' | 'h3'>('h3');

/** Pages on which sections stand right under the page's own heading. */
export function Sections({ level }: { level: 'h2' | 'h3' }) {
  return (
    <SectionLevel value={level}>
      <Outlet />
    </SectionLevel>
  );
}

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
  const level = useContext(SectionLevel);
  return (
    <Box as="section" aria-label={title}>
      <Flex justify="space-between" align="center" mb="1.5" minH="28px">
        <Heading as={level} fontFamily="heading" fontSize="15px" fontWeight="600">
          {title}
        </Heading>
        {right}
      </Flex>
      {children}
    </Box>
  );
}
