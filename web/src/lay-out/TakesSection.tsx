import { Box, Flex, Text } from '@chakra-ui/react';
import type { LaidView, LayView, PotView } from '../api/client';
import { Fig } from '../common/Fig';
import { Why } from '../common/Why';
import { SectionTitle } from './SectionTitle';

type Props = {
  readonly lay: LayView;
  readonly laid: LaidView;
  readonly pots: ReadonlyArray<PotView>;
};

/** What the lay takes, each figure to be asked why. */
export function TakesSection({ lay, laid, pots }: Props) {
  const pot = pots.find((p) => p.id === lay.potId);
  const passes = laid.why.slice(-2);
  const paint = laid.why.slice(0, -2);
  const throughSheet = laid.washes > 0;
  return (
    <Box>
      <SectionTitle>It takes</SectionTitle>
      <Row name={throughSheet ? 'Positions' : 'Copies'}>
        {throughSheet ? <Why why={passes}>{laid.positionsText}</Why> : laid.positionsText}
      </Row>
      {lay.putOn && (
        <Row
          name={lay.potName || lay.putOn.text}
          note={pot ? laid.coatsText : `${laid.coatsText}, no pot named yet`}
        >
          <Why why={throughSheet ? paint : laid.why}>
            {laid.potText}
            {pot ? ` of ${pot.levelText} left` : ''}
          </Why>
        </Row>
      )}
      {laid.takes.map((t) => (
        <Row key={t.name} name={t.name} note={t.note}>
          <Why why={t.why}>
            <Fig text={t.text} />
          </Why>
        </Row>
      ))}
    </Box>
  );
}

function Row({ name, note, children }: { name: string; note?: string; children: React.ReactNode }) {
  return (
    <Flex justify="space-between" align="baseline" gap="3" py="1">
      <Box>
        <Text>{name}</Text>
        {note && (
          <Text fontSize="12px" color="soft">
            {note}
          </Text>
        )}
      </Box>
      <Box whiteSpace="nowrap">{children}</Box>
    </Flex>
  );
}
