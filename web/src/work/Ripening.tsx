import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { WorkView } from '../api/client';
import { Big } from './Big';
import { leftText, ringing, share } from './left';
import { allowed, askForNotices, notice } from './notice';
import { ring } from './ring';

/** What dries meanwhile, with the time that is left; it rings once it is ripe. */
export function Ripening({
  of,
  pieceId,
  now,
  onFound,
}: {
  of: WorkView['ripening'];
  /** the piece that is worked on: others are told by name */
  pieceId: string;
  now: number;
  /** what of this piece was found dry, or wet still */
  onFound: (found: 'DRY' | 'WET', step: { key: string; title: string }) => void;
}) {
  const [found, setFound] = useState<Record<string, string>>({});
  const [notices, setNotices] = useState(allowed);
  const before = useRef(now);
  useEffect(() => {
    const rings = ringing(of, before.current, now);
    if (rings.length > 0) {
      ring();
    }
    for (const r of rings) {
      void notice(`Ripe: ${r.title}`, `${r.pieceName}: ${r.nextText}`);
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
      {notices === 'ASK' && (
        <Big
          type="button"
          w="100%"
          mb="3"
          fontSize="16px"
          onClick={() => void askForNotices().then(setNotices)}
        >
          Tell me of it beside other windows too
        </Big>
      )}
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
            {r.wet && r.pieceId === pieceId && (
              <Flex gap="2" mt="2" mb="2" wrap="wrap" align="center">
                {(['DRY', 'WET'] as const).map((kind) => (
                  <Big
                    key={kind}
                    type="button"
                    fontSize="16px"
                    flex="1"
                    aria-pressed={found[r.key] === kind}
                    bg={found[r.key] === kind ? 'ochreWash' : 'sheet'}
                    disabled={found[r.key] === 'DRY' || found[r.key] === kind}
                    onClick={() => {
                      setFound({ ...found, [r.key]: kind });
                      onFound(kind, r);
                    }}
                  >
                    {kind === 'DRY' ? 'It is dry' : 'Not dry yet'}
                  </Big>
                ))}
              </Flex>
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
