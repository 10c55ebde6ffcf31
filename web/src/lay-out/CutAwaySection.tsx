import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import type { LayDoc, LayView } from '../api/client';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

/** Named parts of the picture that are cut off on purpose and kept. */
export function CutAwaySection({ lay, doc }: { lay: LayView; doc: LayDoc }) {
  const plan = usePlan();
  if (lay.motifs.length === 0) {
    return null;
  }
  const cutOff = new Set((doc.rule.text ?? '').split('\n'));
  const set = (name: string, off: boolean) => {
    const names = lay.motifs.filter((n) => (n === name ? off : cutOff.has(n)));
    plan.edit({ kind: 'TEXT_OF_LAY', layId: lay.id, text: names.join('\n') });
  };
  return (
    <Box>
      <SectionTitle note="Kept for another piece, not laid on this one.">Cut off</SectionTitle>
      <Flex wrap="wrap" columnGap="4" rowGap="1" mt="1.5">
        {lay.motifs.map((m) => (
          <chakra.label key={m} display="flex" gap="1.5" alignItems="center" minH="24px">
            <input
              type="checkbox"
              checked={cutOff.has(m)}
              disabled={lay.locked || doc.locked}
              onChange={(e) => set(m, e.currentTarget.checked)}
            />
            <Text as="span" fontSize="13px">
              {m}
            </Text>
          </chakra.label>
        ))}
      </Flex>
    </Box>
  );
}
