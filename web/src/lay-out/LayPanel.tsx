import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { memo, useDeferredValue } from 'react';
import type { FaceView, LayView, PotView } from '../api/client';
import { Button } from '../common/Button';
import { Notes } from '../common/Notes';
import type { Stencils } from '../map/Items';
import { withLay } from '../plan/edits';
import { useLive, usePlan } from '../plan/PlanProvider';
import { EyeSection } from './EyeSection';
import { LayActions } from './LayActions';
import { OptionList } from './OptionList';
import { PaintSection } from './PaintSection';
import { RuleSection } from './RuleSection';
import { SectionTitle } from './SectionTitle';
import { SetOutSection } from './SetOutSection';
import { TakesSection } from './TakesSection';

type Props = {
  readonly face: FaceView;
  readonly lay: LayView;
  readonly pots: ReadonlyArray<PotView>;
  readonly stencils: Stencils;
  readonly onPick: (index: number) => void;
  readonly onTakeOff: () => void;
  readonly onCompare: () => void;
};

/** Everything about the chosen lay: its options, marks, what it takes, and what to look out for. */
export function LayPanel(props: Props) {
  // Figures follow a drag as fast as they can, but never hold the drag up.
  const live = useDeferredValue(useLive());
  return <Panel {...props} live={live?.id === props.lay.id ? live : props.lay} />;
}

const Panel = memo(function Panel({
  face,
  lay,
  live,
  pots,
  stencils,
  onPick,
  onTakeOff,
  onCompare,
}: Props & { readonly live: LayView }) {
  const plan = usePlan();
  const doc = plan.document.lays.find((l) => l.id === lay.id);
  if (!doc) {
    return null;
  }
  const { laid } = live;
  return (
    <Flex direction="column" gap="4" p="4">
      <Box>
        <Text fontSize="12.5px" color="soft">
          {lay.kindText} · {lay.ruleText.toLowerCase()}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {lay.designName}
        </Heading>
      </Box>
      {laid ? (
        <OptionList face={face} lay={live} laid={laid} stencils={stencils} onPick={onPick} />
      ) : (
        <Notes notes={live.notes} />
      )}
      {laid && laid.options.length > 1 && (
        <Button look="plain" size="xs" alignSelf="flex-start" mt="-2" onClick={onCompare}>
          Compare side by side
        </Button>
      )}
      {laid && laid.pickState !== 'FOLLOWS_BEST' && (
        <Flex gap="2" align="center" justify="space-between">
          <Text fontSize="12.5px" color={laid.pickState === 'NOT_POSSIBLE' ? 'rust' : 'soft'}>
            {laid.pickText}
          </Text>
          <Button
            size="xs"
            look="plain"
            onClick={() =>
              plan.change(
                (now) => withLay(now, lay.id, ({ pick: _, ...rest }) => rest),
                `Followed the best option of ${lay.designName}`,
              )
            }
          >
            Follow the best
          </Button>
        </Flex>
      )}
      {laid?.setOuts.map((s) => (
        <SetOutSection key={s.along} setOut={s} />
      ))}
      {laid && <TakesSection lay={live} laid={laid} pots={pots} />}
      {(laid || face.notes.length > 0) && (
        <Box>
          <SectionTitle>Look out</SectionTitle>
          <Box mt="1.5">
            <Notes notes={[...(laid ? live.notes : []), ...face.notes]} />
          </Box>
        </Box>
      )}
      <RuleSection lay={live} doc={doc} />
      {lay.painted && <PaintSection lay={lay} doc={doc} pots={pots} />}
      <EyeSection lay={live} doc={doc} />
      <LayActions face={face} lay={lay} onTakeOff={onTakeOff} />
    </Flex>
  );
});
