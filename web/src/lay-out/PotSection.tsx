import { Box, Flex } from '@chakra-ui/react';
import type { LayDoc, LayView, PotView } from '../api/client';
import { ChoiceField } from '../common/ChoiceField';
import { usePlan } from '../plan/PlanProvider';
import { byUse } from './byUse';
import { SectionTitle } from './SectionTitle';

type Props = {
  readonly lay: LayView;
  readonly doc: LayDoc;
  readonly pots: ReadonlyArray<PotView>;
};

const COATS = [1, 2, 3, 4];

/** What it is put on with, and how often: pots of what is usual for it come first. */
export function PotSection({ lay, doc, pots }: Props) {
  const plan = usePlan();
  if (!lay.putOn) {
    return null;
  }
  const { text, roles } = lay.putOn;
  const counts = COATS.includes(doc.coats) ? COATS : [...COATS, doc.coats];
  return (
    <Box>
      <SectionTitle note={doc.potId ? undefined : `Out of a pot of ${text}.`}>
        Put on with
      </SectionTitle>
      <Flex wrap="wrap" gap="3" mt="2">
        <ChoiceField
          width="47%"
          label="Pot"
          value={doc.potId ?? ''}
          among={[
            ...(doc.potId ? [] : [['', 'choose one'] as const]),
            ...byUse(pots, roles).map((p) => [p.id, p.name] as const),
          ]}
          onChoice={(potId) => plan.edit({ kind: 'PUT_ON_WITH', layId: lay.id, potId })}
        />
        <ChoiceField
          width="47%"
          label="Thin coats"
          value={String(doc.coats)}
          among={counts.map((n) => [String(n), String(n)] as const)}
          onChoice={(coats) =>
            plan.edit({ kind: 'CHANGE_COATS', layId: lay.id, coats: Number(coats) })
          }
        />
      </Flex>
    </Box>
  );
}
