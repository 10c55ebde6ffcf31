import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, ask, type DesignGiven, type DesignView, type MotifDoc, seen } from '../api/client';
import { LINES_AT_FIRST } from '../api/keys';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { ErrorState, Loading } from '../common/States';
import { useElementSize } from '../common/useElementSize';
import { FactList, StockOf, UsedOn } from './DesignBrief';
import { Entries, Ledger, Older } from './Ledger';
import { MotifRow } from './MotifRow';
import { useDesign, useShelfChanged } from './queries';
import { SheetView } from './SheetView';
import type { DrawnBox } from './useDrawnBox';
import { WhoField } from './WhoField';

type Drawing = 'motif' | 'offcut' | null;

/** One design: its sheet with named parts and offcuts, properties, stock, uses and history. */
export function DesignPage() {
  const { designId = '' } = useParams();
  const [lines, setLines] = useState(LINES_AT_FIRST);
  const design = useDesign(designId, lines);
  if (design.isPending) {
    return <Loading what="the design" />;
  }
  if (design.isError) {
    return <ErrorState problem={design.error} again={() => design.refetch()} />;
  }
  return (
    <Loaded
      key={design.data.id}
      design={design.data}
      coming={design.isPlaceholderData}
      onOlder={() => setLines(lines + LINES_AT_FIRST)}
    />
  );
}

/** What can be done to a design: changed, taken off the shelf. */
function useDesignChanges(design: DesignView) {
  const changed = useShelfChanged();
  const go = useNavigate();
  const latest = useRef(design.version);
  useEffect(() => {
    latest.current = design.version;
  }, [design.version]);
  const change = useMutation({
    mutationFn: (given: DesignGiven) =>
      ask(
        api.PUT('/api/designs/{id}', {
          params: { path: { id: design.id }, header: seen(latest.current) },
          body: given,
        }),
      ),
    scope: { id: design.id },
    onSuccess: (saved: DesignView) => {
      latest.current = saved.version;
    },
    // also when it was refused: what somebody else did meanwhile has to be seen
    onSettled: changed,
  });
  const away = useMutation({
    mutationFn: () =>
      ask(api.DELETE('/api/designs/{id}', { params: { path: { id: design.id } } }), true),
    onSuccess: () => {
      changed();
      go('/shelf');
    },
  });
  return { change, away };
}

interface LoadedProps {
  readonly design: DesignView;
  /** Older lines of its history were asked for and are not here yet. */
  readonly coming: boolean;
  readonly onOlder: () => void;
}

function Loaded({ design, coming, onOlder }: LoadedProps) {
  const [sheet, size] = useElementSize();
  const [drawing, setDrawing] = useState<Drawing>(null);
  const [motif, setMotif] = useState<number | null>(null);
  const [unnamed, setUnnamed] = useState<number | null>(null);
  const [offcut, setOffcut] = useState<DrawnBox | null>(null);
  const { change, away } = useDesignChanges(design);
  useKeys({ escape: () => setDrawing(null) });
  const motifs = design.given.motifs;
  const setMotifs = (now: MotifDoc[]) => change.mutate({ ...design.given, motifs: now });
  const drawn = (box: DrawnBox) => {
    if (drawing === 'motif') {
      setMotifs([...motifs, { name: `motif ${motifs.length + 1}`, ...box, importance: 3 }]);
      setMotif(motifs.length);
      setUnnamed(motifs.length);
    } else {
      setOffcut(box);
    }
    setDrawing(null);
  };
  return (
    <Flex h="100%">
      <Flex direction="column" flex="1" minW="0" px="6" py="4" gap="3">
        <Head design={design} drawing={drawing} onDraw={setDrawing} />
        {drawing && (
          <Text color="rust" role="status">
            {drawing === 'motif'
              ? 'Draw a box round the part on the picture, or move its two corners by the arrow keys and press Enter.'
              : 'Draw a box round what is left, where it was on the sheet, or move its two corners by the arrow keys and press Enter.'}
          </Text>
        )}
        <Refusal of={change.error ?? away.error} />
        <Box ref={sheet} flex="1" minH="0" overflow="hidden">
          {size && (
            <SheetView
              design={design}
              width={size.width}
              height={size.height - 4}
              marks
              chosenMotif={motif}
              onBox={drawing ? drawn : null}
              corners={offcut ? cornersOf(offcut) : undefined}
            />
          )}
        </Box>
      </Flex>
      <Box
        as="aside"
        aria-label="Its properties"
        w="378px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        <Flex direction="column" gap="4">
          {offcut && (
            <KeepOffcut
              design={design}
              box={offcut}
              onBox={setOffcut}
              done={() => setOffcut(null)}
            />
          )}
          {motifs.length > 0 && (
            <Section title="Parts of the picture">
              {motifs.map((m, i) => (
                <MotifRow
                  // biome-ignore lint/suspicious/noArrayIndexKey: boxes are their places in the list
                  key={i}
                  motif={m}
                  chosen={i === motif}
                  fresh={i === unnamed}
                  onChoose={() => setMotif(i)}
                  onChange={(now) => setMotifs(motifs.map((x, j) => (j === i ? now : x)))}
                  onRemove={() => {
                    setMotif(null);
                    setUnnamed(null);
                    setMotifs(motifs.filter((_, j) => j !== i));
                  }}
                />
              ))}
            </Section>
          )}
          <Stock design={design} />
          <Section title="What follows from it">
            <FactList facts={design.reading.facts} />
          </Section>
          <UsedOn design={design} />
          <Section title="History">
            {design.history.length === 0 ? (
              <Text color="soft">Nothing has happened to it yet.</Text>
            ) : (
              <Entries entries={design.history.map((h) => h.entry)} />
            )}
            <Older older={design.older} coming={coming} onOlder={onOlder} />
          </Section>
          <Box>
            <Button look="warn" onClick={() => away.mutate()}>
              Take it off the shelf
            </Button>
            <Text color="soft" fontSize="12.5px">
              Plans that have it keep it.
            </Text>
          </Box>
        </Flex>
      </Box>
    </Flex>
  );
}

/** What it is called, and what may be drawn on its picture. */
function Head({
  design,
  drawing,
  onDraw,
}: {
  design: DesignView;
  drawing: Drawing;
  onDraw: (drawing: Drawing) => void;
}) {
  const sheetful = design.reading.unit === 'SHEETS' || design.reading.unit === 'PIECES';
  const pen = (what: Exclude<Drawing, null>, label: string) => (
    <Button
      look={drawing === what ? 'sea' : 'quiet'}
      aria-pressed={drawing === what}
      onClick={() => onDraw(drawing === what ? null : what)}
    >
      {label}
    </Button>
  );
  return (
    <Flex justify="space-between" align="flex-start" gap="4">
      <Box>
        <Text fontSize="13px" color="soft">
          <Link to="/shelf">Shelf</Link> · {design.reading.kindText}
        </Text>
        <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600">
          {design.given.name}
        </Heading>
        <Text color="soft">{design.given.note}</Text>
      </Box>
      <Flex gap="2" flexShrink={0}>
        {design.picture && pen('motif', 'Name a part…')}
        {design.picture && sheetful && pen('offcut', 'Keep an offcut…')}
        <Link to={`/shelf/designs/${design.id}/change`}>
          <Button as="span">Change it…</Button>
        </Link>
      </Flex>
    </Flex>
  );
}

/** How much of it there is; each stock can be booked on. */
function Stock({ design }: { design: DesignView }) {
  const [holding, setHolding] = useState<string | null>(null);
  return (
    <Section title="On the shelf">
      <StockOf design={design} />
      {design.reading.unit !== undefined && <Buy design={design} />}
      <Flex gap="2" wrap="wrap" mt="2">
        {design.holdings
          .filter((h) => h.holding.offcut === undefined)
          .map((h) => (
            <Button
              key={h.holding.id}
              size="xs"
              aria-pressed={holding === h.holding.id}
              onClick={() => setHolding(holding === h.holding.id ? null : h.holding.id)}
            >
              Book on {h.holding.handText || 'this stock'} {h.holding.code}
            </Button>
          ))}
      </Flex>
      {holding && (
        <Box mt="3" p="3" bg="card" borderWidth="1px" borderColor="hairline">
          <Ledger key={holding} holdingId={holding} />
        </Box>
      )}
    </Section>
  );
}

const cornersOf = (b: DrawnBox) => [
  { xMm: b.leftMm, yMm: b.topMm },
  { xMm: b.leftMm + b.widthMm, yMm: b.topMm },
  { xMm: b.leftMm + b.widthMm, yMm: b.topMm + b.heightMm },
  { xMm: b.leftMm, yMm: b.topMm + b.heightMm },
];

function Buy({ design }: { design: DesignView }) {
  const [quantity, setQuantity] = useState('');
  const [place, setPlace] = useState('');
  const changed = useShelfChanged();
  const buy = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/designs/{id}/purchases', {
          params: { path: { id: design.id } },
          body: { quantity, stock: place ? { place } : undefined },
        }),
      ),
    onSuccess: () => {
      changed();
      setQuantity('');
      setPlace('');
    },
  });
  return (
    <Box
      as="form"
      mt="2"
      onSubmit={(e: React.FormEvent) => {
        e.preventDefault();
        buy.mutate();
      }}
    >
      <Flex gap="2" align="flex-end">
        <PlainField
          label={design.reading.unit === 'MM' ? 'Another roll or length' : 'Bought'}
          value={quantity}
          onText={setQuantity}
          width="132px"
        />
        <PlainField label="Place" value={place} onText={setPlace} maxLength={80} />
        <Button type="submit" disabled={quantity.trim() === '' || buy.isPending}>
          Add
        </Button>
      </Flex>
      <Refusal of={buy.error} />
    </Box>
  );
}

/** A leftover goes back onto the shelf: its box on the sheet, its place, whether a sheet was cut. */
function KeepOffcut({
  design,
  box,
  onBox,
  done,
}: {
  design: DesignView;
  box: DrawnBox;
  onBox: (box: DrawnBox) => void;
  done: () => void;
}) {
  const [place, setPlace] = useState('');
  const [note, setNote] = useState('');
  const whole = design.holdings.find((h) => h.holding.form === 'WHOLE' && h.holding.level >= 1);
  const [cut, setCut] = useState(whole !== undefined);
  const changed = useShelfChanged();
  const keep = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/designs/{id}/offcuts', {
          params: { path: { id: design.id } },
          body: {
            outline: cornersOf(box),
            cutFrom: cut ? whole?.holding.id : undefined,
            place,
            note,
          },
        }),
      ),
    onSuccess: () => {
      changed();
      done();
    },
  });
  const round = (mm: number) => Math.round(mm * 10) / 10;
  const side = (key: keyof DrawnBox, label: string) => (
    <PlainField
      label={label}
      width="76px"
      value={String(round(box[key]))}
      inputMode="decimal"
      onText={(text) => {
        const mm = Number(text.replace(',', '.'));
        if (Number.isFinite(mm)) {
          onBox({ ...box, [key]: mm });
        }
      }}
    />
  );
  return (
    <Box borderWidth="1px" borderColor="plum" borderRadius="md" p="3" bg="card">
      <Section title="An offcut to keep">
        <Flex gap="2" wrap="wrap">
          {side('leftMm', 'Left, mm')}
          {side('topMm', 'Top, mm')}
          {side('widthMm', 'Wide, mm')}
          {side('heightMm', 'High, mm')}
        </Flex>
        <Flex gap="2" mt="2">
          <PlainField label="Place" value={place} onText={setPlace} maxLength={80} />
          <PlainField label="From" value={note} onText={setNote} maxLength={200} />
        </Flex>
        {whole && (
          <Flex as="label" gap="2" mt="2" align="center">
            <input
              type="checkbox"
              checked={cut}
              onChange={(e) => setCut(e.currentTarget.checked)}
            />
            <Text>
              A sheet was cut for it (<Fig text={whole.holding.levelText} /> there)
            </Text>
          </Flex>
        )}
        <Flex gap="3" mt="2" align="flex-end">
          <Button look="sea" onClick={() => keep.mutate()} disabled={keep.isPending}>
            Keep it
          </Button>
          <Button onClick={done}>Never mind</Button>
          <WhoField />
        </Flex>
        <Refusal of={keep.error} />
      </Section>
    </Box>
  );
}
