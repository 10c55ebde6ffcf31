import { Box, Flex } from '@chakra-ui/react';
import type { LayDoc, LayView, PotView } from '../api/client';
import { ChoiceField } from '../common/ChoiceField';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

type Props = {
  readonly lay: LayView;
  readonly doc: LayDoc;
  readonly pots: ReadonlyArray<PotView>;
};

/** What it is put on with, and how often. */
export function PaintSection({ lay, doc, pots }: Props) {
  const plan = usePlan();
  return (
    <Box>
      <SectionTitle>Paint</SectionTitle>
      <Flex wrap="wrap" gap="3" mt="2">
        <ChoiceField
          width="47%"
          label="Pot"
          value={doc.paintId ?? ''}
          among={[
            ...(doc.paintId ? [] : [['', 'choose one'] as const]),
            ...pots.map((p) => [p.id, p.name] as const),
          ]}
          onChoice={(paintId) => plan.edit({ kind: 'PAINT_WITH', layId: lay.id, paintId })}
        />
        <ChoiceField
          width="47%"
          label="Thin coats"
          value={String(doc.coats)}
          among={[1, 2, 3, 4].map((n) => [String(n), String(n)] as const)}
          onChoice={(coats) =>
            plan.edit({ kind: 'CHANGE_COATS', layId: lay.id, coats: Number(coats) })
          }
        />
      </Flex>
    </Box>
  );
}
