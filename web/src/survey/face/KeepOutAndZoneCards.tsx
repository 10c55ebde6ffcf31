import { Box, Flex, Text } from '@chakra-ui/react';
import type {
  AreaDoc,
  FaceView,
  KeepOutDoc,
  KeepOutView,
  PlanEdit,
  ZoneDoc,
  ZoneView,
} from '../../api/client';
import { ChoiceField } from '../../common/ChoiceField';
import { LengthField } from '../../common/LengthField';
import { usePlan } from '../../plan/PlanProvider';
import { MarkCard } from './MarkCard';
import { PointFields } from './PointFields';
import { FINISHES, MAKE_UPS } from './surfaces';
import { usePut } from './usePut';

const SHAPES: ReadonlyArray<readonly [AreaDoc['kind'], string]> = [
  ['UPRIGHT', 'box'],
  ['ROUND', 'round'],
  ['CORNERS', 'by corners'],
  ['STRIP', 'strip along a side'],
  ['RIM', 'all round the rim'],
];

const SIDES: ReadonlyArray<readonly [NonNullable<AreaDoc['side']>, string]> = [
  ['TOP', 'top'],
  ['RIGHT', 'right'],
  ['BOTTOM', 'bottom'],
  ['LEFT', 'left'],
  ['RIM', 'rim'],
];

type Forbids = KeepOutDoc['forbids'];

/** Which designs a keep-out keeps off, in the groups that people think in. */
const FORBIDDEN: ReadonlyArray<readonly [string, string, Forbids]> = [
  ['all', 'everything', []],
  ['relief', 'relief only', ['RAISED_STENCIL', 'MOULDING', 'CASTING', 'TEXTURE', 'PLASTER_FABRIC']],
  ['sheets', 'papers and transfers only', ['TRANSFER', 'NAPKIN', 'PAPER', 'COLLAGE', 'FOIL']],
  [
    'stencils',
    'stencils only',
    ['STENCIL', 'ADHESIVE_STENCIL', 'STENCIL_ROLL', 'RAISED_STENCIL', 'CUSTOM_CUT'],
  ],
  ['fixed', 'mouldings and castings only', ['MOULDING', 'CASTING']],
];

const groupOf = (forbids: Forbids) =>
  FORBIDDEN.find(
    ([, , kinds]) =>
      kinds.length === forbids.length && kinds.every((kind) => forbids.includes(kind)),
  )?.[0] ?? 'own';

/** Where an area lies: its shape, and the measures of that shape. */
function AreaFields({
  face,
  mark,
  what,
  fresh,
  onArea,
}: {
  face: FaceView;
  mark: KeepOutView | ZoneView;
  what: string;
  fresh: boolean;
  onArea: (change: Partial<AreaDoc>, word: string) => void;
}) {
  const plan = usePlan();
  const own = face.sides.map((s) => s.name);
  return (
    <>
      {mark.fields.map((f, i) => (
        <LengthField
          key={f.key}
          width="46%"
          label={f.label}
          name={`${f.label} of the ${what}`}
          value={f.length}
          kind={f.place ? 'PLACE' : 'SIZE'}
          autoFocus={fresh && i === 0}
          onLength={(mm) => onArea({ [f.key]: mm }, f.label)}
        />
      ))}
      {mark.area.kind === 'STRIP' && (
        <ChoiceField
          width="46%"
          label="Along the"
          value={mark.area.side ?? 'TOP'}
          among={SIDES.filter(([side]) => own.includes(side))}
          onChoice={(side) => onArea({ side }, 'Side')}
        />
      )}
      {mark.area.kind === 'CORNERS' && (
        <PointFields
          points={mark.area.points ?? []}
          corners={mark.corners}
          what={`the ${what}`}
          onPoints={(points) => onArea({ points: [...points] }, 'Corners')}
        />
      )}
      <ChoiceField
        width="46%"
        label="Shape"
        value={mark.area.kind}
        among={SHAPES}
        onChoice={(shape) =>
          plan.edit({ kind: 'SHAPE_MARK', faceId: face.id, markId: mark.id, shape })
        }
      />
    </>
  );
}

export function KeepOutCard({
  face,
  keepOut: k,
  fresh,
}: {
  face: FaceView;
  keepOut: KeepOutView;
  fresh: boolean;
}) {
  const what = k.name.toLowerCase();
  const { mark: doc, set } = usePut(
    face.id,
    k.id,
    (f) => f.keepOuts,
    (keepOut: KeepOutDoc): PlanEdit => ({ kind: 'PUT_KEEP_OUT', faceId: face.id, keepOut }),
  );
  const setArea = (change: Partial<AreaDoc>, word: string) =>
    set((mark) => ({ area: { ...mark.area, ...change } }), word);
  const group = groupOf(doc?.forbids ?? []);
  return (
    <MarkCard
      face={face}
      id={k.id}
      name={k.name}
      nameLabel="Name of the keep-out"
      what={k.name}
      given={k.given}
      onName={(name) => set({ name }, 'Name')}
    >
      {k.given ? (
        <Text fontSize="13px" color="soft">
          {k.forbidsText}
        </Text>
      ) : (
        <>
          <AreaFields face={face} mark={k} what={what} fresh={fresh} onArea={setArea} />
          <ChoiceField
            width="46%"
            label="Keeps off"
            value={group}
            among={[
              ...FORBIDDEN.map(([key, text]) => [key, text] as const),
              ...(group === 'own' ? [['own', k.forbidsText] as const] : []),
            ]}
            onChoice={(key) => {
              const chosen = FORBIDDEN.find(([name]) => name === key);
              if (chosen) {
                set({ forbids: [...chosen[2]] }, 'Kinds kept off');
              }
            }}
          />
        </>
      )}
    </MarkCard>
  );
}

/** Nothing of its own. */
const AS_THE_FACE = '';

export function ZoneCard({
  face,
  zone: z,
  fresh,
}: {
  face: FaceView;
  zone: ZoneView;
  fresh: boolean;
}) {
  const what = z.name.toLowerCase();
  const { set } = usePut(
    face.id,
    z.id,
    (f) => f.zones,
    (zone: ZoneDoc): PlanEdit => ({ kind: 'PUT_ZONE', faceId: face.id, zone }),
  );
  const setArea = (change: Partial<AreaDoc>, word: string) =>
    set((mark) => ({ area: { ...mark.area, ...change } }), word);
  return (
    <MarkCard
      face={face}
      id={z.id}
      name={z.name}
      nameLabel="Name of the zone"
      what={z.name}
      onName={(name) => set({ name }, 'Name')}
      before={
        <label>
          <Box
            w="18px"
            h="18px"
            borderRadius="4px"
            bg={z.colour}
            borderWidth="1px"
            borderColor="fold"
            cursor="pointer"
          />
          <input
            type="color"
            aria-label={`Colour of the ${what}`}
            value={z.colour.toLowerCase()}
            onChange={(e) => set({ colour: e.currentTarget.value.toUpperCase() }, 'Colour')}
            style={{ width: 0, height: 0, opacity: 0, position: 'absolute' }}
          />
        </label>
      }
      after={<Text color="soft">{z.areaText}</Text>}
    >
      <AreaFields face={face} mark={z} what={what} fresh={fresh} onArea={setArea} />
      <Flex gap="3" mt="3">
        <ChoiceField
          label="Made of"
          width="47%"
          value={z.makeUp ?? AS_THE_FACE}
          among={[[AS_THE_FACE, 'as the face'] as const, ...MAKE_UPS]}
          onChoice={(makeUp) =>
            set({ makeUp: makeUp === AS_THE_FACE ? undefined : makeUp }, 'Make-up')
          }
        />
        <ChoiceField
          label="Its finish"
          width="47%"
          value={z.finish ?? AS_THE_FACE}
          among={[[AS_THE_FACE, 'as the face'] as const, ...FINISHES]}
          onChoice={(finish) =>
            set({ finish: finish === AS_THE_FACE ? undefined : finish }, 'Finish')
          }
        />
      </Flex>
    </MarkCard>
  );
}
