import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';

/** What comes off, with its number; and the map on paper and in files. */
export function PartsAndPapers() {
  const { piece } = usePlan();
  const { parts } = piece.reading;
  const base = `/api/pieces/${piece.id}`;
  return (
    <>
      <Section title="Parts that come off">
        {parts.length === 0 && <Text color="soft">None: nothing has to be numbered.</Text>}
        {parts.map((part) => (
          <Flex key={part.number} gap="2.5" py="0.5" align="baseline">
            <Box as="span" fontWeight="700" minW="16px" textAlign="right">
              {part.number}
            </Box>
            <Text>{part.name}</Text>
            <Text color="soft" fontSize="13px">
              {part.bagText}
            </Text>
          </Flex>
        ))}
        {parts.length > 0 && (
          <Row>
            <Paper href={`${base}/print/labels?paper=A4`}>Labels, A4</Paper>
            <Paper href={`${base}/print/labels?paper=LETTER`}>Labels, Letter</Paper>
          </Row>
        )}
      </Section>
      <Section title="On paper and in files">
        <Row>
          <Paper href={`${base}/print/map?paper=A4`}>Map, A4</Paper>
          <Paper href={`${base}/print/map?paper=LETTER`}>Map, Letter</Paper>
        </Row>
        <Row>
          <Paper href={`${base}/map.svg`}>Map, SVG</Paper>
          <Paper href={`${base}/templates.svg`}>Templates, SVG</Paper>
          <Paper href={`${base}/templates.dxf`}>Templates, DXF</Paper>
        </Row>
        <Row>
          <Paper href={`${base}/export`}>The whole piece as a file</Paper>
        </Row>
      </Section>
    </>
  );
}

function Row({ children }: { children: ReactNode }) {
  return (
    <Flex gap="4" wrap="wrap" mt="1">
      {children}
    </Flex>
  );
}

function Paper({ href, children }: { href: string; children: ReactNode }) {
  return (
    <a href={href} target="_blank" rel="noreferrer">
      <Text as="span" color="sea" fontWeight="500" fontSize="13.5px">
        {children}
      </Text>
    </a>
  );
}
