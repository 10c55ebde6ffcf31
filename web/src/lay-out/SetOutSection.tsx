import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { LaidView } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { SectionTitle } from './SectionTitle';

/** More marks than these would push everything else off the screen. */
const FIRST = 24;

/** What to tick, in the order one ticks it. */
export function SetOutSection({ setOut }: { setOut: LaidView['setOuts'][number] }) {
  const [all, setAll] = useState(false);
  const { marks } = setOut;
  if (marks.length === 0) {
    return null;
  }
  const onTape = setOut.along.endsWith('FROM_LEFT');
  return (
    <Box>
      <SectionTitle
        note={onTape ? setOut.roundingText : `${setOut.tapeText} ${setOut.roundingText}`}
      >
        {setOut.title}
      </SectionTitle>
      <Box
        as="ol"
        mt="1.5"
        listStyleType="none"
        columnCount={marks.length > 3 ? 3 : 1}
        columnGap="3"
        data-testid={setOut.along === 'LEFT_FROM_TOP' && !onTape ? 'marks-down' : 'marks'}
      >
        {marks.slice(0, all ? undefined : FIRST).map((m) => (
          <Flex as="li" key={m.number} gap="2" breakInside="avoid" py="0.5">
            <Text as="span" color="soft" minW="4">
              {m.number}
            </Text>
            <Text as="span" whiteSpace="nowrap">
              <Fig text={m.text} />
            </Text>
          </Flex>
        ))}
      </Box>
      {marks.length > FIRST && (
        <Button size="xs" look="plain" onClick={() => setAll(!all)}>
          {all ? 'fewer marks' : `all ${marks.length} marks`}
        </Button>
      )}
    </Box>
  );
}
