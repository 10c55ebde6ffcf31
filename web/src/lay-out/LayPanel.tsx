import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { memo, useDeferredValue } from 'react';
import type { FaceView, LaidView, LayView, PotView } from '../api/client';
import { Button } from '../common/Button';
import { Notes } from '../common/Notes';
import type { Stencils } from '../map/Items';
import { useLive, usePlan } from '../plan/PlanProvider';
import { AimSection } from './AimSection';
import { CutAwaySection } from './CutAwaySection';
import { EyeSection } from './EyeSection';
import { FacesSection } from './FacesSection';
import { FilmSection } from './FilmSection';
import { LayActions } from './LayActions';
import { Mends } from './Mends';
import { OptionList } from './OptionList';
import { PartSection } from './PartSection';
import { PiecesSection } from './PiecesSection';
import { PotSection } from './PotSection';
import { RuleSection } from './RuleSection';
import { SectionTitle } from './SectionTitle';
import { SetOutSection } from './SetOutSection';
import { SheetsSection } from './SheetsSection';
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

/** Sheets that meet and colour that covers are not wobbled. */
const BY_RULE_ONLY = new Set(['ACROSS', 'COVER', 'WRAP', 'STRIPS', 'PAGES', 'WHOLE_FACE']);

/** Rules whose options differ by how many copies there are. */
const COUNTED = new Set(['RUN', 'LINE', 'RING', 'BORDER', 'GRID', 'ROLLER', 'COVER', 'WRAP']);

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
        <Flex gap="2" mt="-2" align="center">
          <Button look="plain" size="xs" onClick={onCompare}>
            Compare side by side
          </Button>
          {COUNTED.has(lay.rule) && <Count laid={laid} onPick={onPick} />}
        </Flex>
      )}
      {laid && laid.pickState !== 'FOLLOWS_BEST' && (
        <Flex gap="2" align="center" justify="space-between">
          <Text fontSize="12.5px" color={laid.pickState === 'NOT_POSSIBLE' ? 'rust' : 'soft'}>
            {laid.pickText}
          </Text>
          <Button
            size="xs"
            look="plain"
            onClick={() => plan.edit({ kind: 'PICK_OPTION', layId: lay.id })}
          >
            Follow the best
          </Button>
        </Flex>
      )}
      {laid && <SheetsSection lay={live} laid={laid} />}
      {laid?.setOuts.map((s) => (
        <SetOutSection key={s.along} setOut={s} />
      ))}
      {laid && <TakesSection lay={live} laid={laid} pots={pots} />}
      {(laid || face.notes.length > 0) && (
        <Box data-testid="look-out">
          <SectionTitle>Look out</SectionTitle>
          <Box mt="1.5">
            <Notes
              notes={[...(laid ? live.notes : []), ...face.notes]}
              under={(note) => <Mends key={note.rule} lay={lay} note={note} />}
            />
          </Box>
        </Box>
      )}
      <FacesSection lay={live} doc={doc} />
      <AimSection face={face} lay={live} doc={doc} />
      <CutAwaySection lay={live} doc={doc} />
      <PartSection lay={live} doc={doc} />
      <PiecesSection lay={live} doc={doc} />
      <RuleSection lay={live} doc={doc} />
      <FilmSection lay={live} doc={doc} />
      <PotSection lay={lay} doc={doc} pots={pots} />
      {!BY_RULE_ONLY.has(lay.rule) && <EyeSection lay={live} doc={doc} />}
      <LayActions face={face} lay={lay} onTakeOff={onTakeOff} />
    </Flex>
  );
});

/** The best option with one more copy to the row, or with one fewer. */
function Count({ laid, onPick }: { laid: LaidView; onPick: (index: number) => void }) {
  const now = laid.options[laid.chosen]?.count ?? 0;
  const counts = [...new Set(laid.options.map((o) => o.count))].sort((a, b) => a - b);
  const next = (by: -1 | 1) => counts[counts.indexOf(now) + by];
  const take = (count: number | undefined) =>
    count !== undefined && onPick(laid.options.findIndex((o) => o.count === count));
  return counts.length > 1 ? (
    <Flex gap="1" ml="auto" align="center" role="group" aria-label="Count">
      <Button size="xs" disabled={next(-1) === undefined} onClick={() => take(next(-1))}>
        Fewer
      </Button>
      <Button size="xs" disabled={next(1) === undefined} onClick={() => take(next(1))}>
        More
      </Button>
    </Flex>
  ) : null;
}
