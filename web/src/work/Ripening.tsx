import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import type { WorkView } from '../api/client';
import { leftText, ringing, share } from './left';
import { ring } from './ring';

/** What dries meanwhile, with the time that is left; it rings once it is ripe. */
export function Ripening({
  of,
  pieceId,
  now,
}: {
  of: WorkView['ripening'];
  /** the piece that is worked on: others are told by name */
  pieceId: string;
  now: number;
}) {
  const before = useRef(now);
  useEffect(() => {
    if (ringing(of, before.current, now).length > 0) {
      ring();
    }
    before.current = now;
  }, [of, now]);
  if (of.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Ripening" mb="5">
      <Heading as="h2" fontFamily="heading" fontSize="22px" fontWeight="600" mb="2.5">
        Ripening
      </Heading>
      {of.map((r) => {
        const ripe = Date.parse(r.ripe);
        const until = r.until === undefined ? undefined : Date.parse(r.until);
        const left = leftText(ripe - now);
        const open = until === undefined ? '' : leftText(until - now);
        return (
          <Box key={`${r.pieceId} ${r.stepId}`} mb="4">
            <Flex justify="space-between" align="baseline" gap="3">
              <Text fontSize="18px" fontWeight="600" lineHeight="1.25">
                {r.title}
              </Text>
              <Text
                fontSize="23px"
                fontWeight="600"
                whiteSpace="nowrap"
                fontFeatureSettings="'tnum'"
              >
                {left === '' ? 'ripe' : left}
              </Text>
            </Flex>
            <Text fontSize="16px" color="ink">
              {r.pieceId === pieceId ? '' : `${r.pieceName}: `}
              {r.nextText}
            </Text>
            {left === '' && until !== undefined && (
              <Text fontSize="16px" fontWeight="600" color={open === '' ? 'rust' : 'ink'}>
                {open === '' ? 'It should have followed by now.' : `Within ${open}.`}
              </Text>
            )}
            <Box mt="1.5" h="12px" borderRadius="full" bg="paper" overflow="hidden">
              <Box
                h="100%"
                w={`${100 * share(Date.parse(r.since), ripe, now)}%`}
                borderRadius="full"
                bg="sea"
              />
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
