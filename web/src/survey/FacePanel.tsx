import { Box, Field, Flex, Heading, Input, NativeSelect, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { FaceView, MakeUp } from '../api/client';
import { usePots } from '../api/queries';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { LengthField } from '../common/LengthField';
import { Notes } from '../common/Notes';
import { withFace } from '../plan/edits';
import { usePlan } from '../plan/PlanProvider';
import {
  addBlemish,
  addKeepOut,
  type Placing,
  withBlemish,
  withKeepOut,
  withoutMark,
} from './marks';

const MAKE_UPS: ReadonlyArray<readonly [MakeUp, string]> = [
  ['BARE_WOOD', 'bare wood'],
  ['VENEER', 'veneer'],
  ['BOARD', 'board'],
  ['LAMINATE', 'laminate'],
  ['GLASS', 'glass'],
  ['GLAZED', 'glazed'],
  ['METAL', 'metal'],
  ['PLASTIC', 'plastic'],
  ['LEATHER', 'leather'],
  ['STONE_WARE', 'stoneware'],
  ['PAINTED', 'painted'],
  ['WAXED', 'waxed'],
  ['VARNISHED', 'varnished'],
];

type Props = {
  readonly face: FaceView;
  readonly placing: Placing | null;
  readonly onPlacing: (placing: Placing | null) => void;
};

/** What a face is made of, its ground, and what is in the way on it. */
export function FacePanel({ face, placing, onPlacing }: Props) {
  const plan = usePlan();
  const name = face.name.toLowerCase();
  return (
    <Flex direction="column" gap="4">
      <Box>
        <Text fontSize="12.5px" color="soft">
          {plan.document.name}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {face.name}
        </Heading>
      </Box>
      <Field.Root>
        <Field.Label color="soft" fontSize="13px" fontWeight="500">
          Make-up
        </Field.Label>
        <NativeSelect.Root size="sm">
          <NativeSelect.Field
            bg="card"
            borderColor="hairline"
            value={face.makeUp}
            onChange={(e) => {
              const makeUp = e.currentTarget.value as MakeUp;
              plan.change(
                withFace(plan.document, face.id, (f) => ({ ...f, makeUp })),
                `Make-up of the ${name}`,
              );
            }}
          >
            {MAKE_UPS.map(([key, text]) => (
              <option key={key} value={key}>
                {text}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      </Field.Root>
      <GroundField face={face} />

      <Box>
        <Flex justify="space-between" align="center">
          <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
            Keep-outs
          </Heading>
          <PlaceButtons
            what="keep-out"
            placing={placing === 'keepOut'}
            onClickMap={() => onPlacing(placing === 'keepOut' ? null : 'keepOut')}
            onMiddle={() =>
              plan.change(
                addKeepOut(plan.document, face.id, middle(face)),
                `Keep-out on the ${name}`,
              )
            }
          />
        </Flex>
        {face.keepOuts.length === 0 && (
          <Text color="soft">None: nothing here has to stay bare.</Text>
        )}
        {face.keepOuts.map((k) => (
          <KeepOutFields key={k.id} face={face} keepOut={k} />
        ))}
      </Box>

      <Box>
        <Flex justify="space-between" align="center">
          <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
            Blemishes
          </Heading>
          <PlaceButtons
            what="blemish"
            placing={placing === 'blemish'}
            onClickMap={() => onPlacing(placing === 'blemish' ? null : 'blemish')}
            onMiddle={() =>
              plan.change(addBlemish(plan.document, face.id, middle(face)), `Damage on the ${name}`)
            }
          />
        </Flex>
        {face.blemishes.length === 0 && <Text color="soft">None: nothing to hide.</Text>}
        {face.blemishes.map((b) => (
          <BlemishFields key={b.id} face={face} blemish={b} />
        ))}
      </Box>
      {face.notes.length > 0 && <Notes notes={face.notes} />}
    </Flex>
  );
}

const middle = (face: FaceView) => ({ x: face.width.mm / 2, y: face.height.mm / 2 });

function PlaceButtons({
  what,
  placing,
  onClickMap,
  onMiddle,
}: {
  what: string;
  placing: boolean;
  onClickMap: () => void;
  onMiddle: () => void;
}) {
  return (
    <Flex gap="1">
      <Button
        size="xs"
        look={placing ? 'sea' : 'quiet'}
        aria-pressed={placing}
        aria-label={`Put a ${what} by clicking on the map`}
        onClick={onClickMap}
      >
        click on map
      </Button>
      <Button size="xs" aria-label={`Add a ${what} by its distances`} onClick={onMiddle}>
        by distances
      </Button>
    </Flex>
  );
}

function KeepOutFields({
  face,
  keepOut,
}: {
  face: FaceView;
  keepOut: FaceView['keepOuts'][number];
}) {
  const plan = usePlan();
  const set = (edit: Parameters<typeof withKeepOut>[3], what: string) =>
    plan.change(
      withKeepOut(plan.document, face.id, keepOut.id, edit),
      `${what} of the ${keepOut.name.toLowerCase()}`,
      `${keepOut.id} ${what}`,
    );
  return (
    <Mark
      onTakeAway={() =>
        plan.change(
          withoutMark(plan.document, face.id, keepOut.id),
          `Took away the ${keepOut.name.toLowerCase()}`,
        )
      }
      takeAwayName={keepOut.name}
      title={
        <NameInput
          value={keepOut.name}
          label="Name of the keep-out"
          onName={(name) => set({ name }, 'Name')}
        />
      }
    >
      <FromEdges
        left={keepOut.left}
        top={keepOut.top}
        what={keepOut.name}
        onLeft={(leftMm) => set({ leftMm }, 'Place')}
        onTop={(topMm) => set({ topMm }, 'Place')}
      />
      <LengthField
        width="46%"
        label="Width"
        name={`Width of the ${keepOut.name}`}
        value={keepOut.width}
        kind="SIZE"
        onLength={(widthMm) => set({ widthMm }, 'Width')}
      />
      <LengthField
        width="46%"
        label="Height"
        name={`Height of the ${keepOut.name}`}
        value={keepOut.height}
        kind="SIZE"
        onLength={(heightMm) => set({ heightMm }, 'Height')}
      />
    </Mark>
  );
}

function BlemishFields({
  face,
  blemish,
}: {
  face: FaceView;
  blemish: FaceView['blemishes'][number];
}) {
  const plan = usePlan();
  const set = (edit: Parameters<typeof withBlemish>[3], what: string) =>
    plan.change(
      withBlemish(plan.document, face.id, blemish.id, edit),
      `${what} of blemish ${blemish.number}`,
      `${blemish.id} ${what}`,
    );
  return (
    <Mark
      onTakeAway={() =>
        plan.change(
          withoutMark(plan.document, face.id, blemish.id),
          `Took away blemish ${blemish.number}`,
        )
      }
      takeAwayName={`blemish ${blemish.number}`}
      title={
        <Flex align="center" gap="2" flex="1">
          <Box
            w="20px"
            h="20px"
            flexShrink={0}
            borderRadius="full"
            bg="rust"
            color="sheet"
            fontSize="11px"
            fontWeight="700"
            textAlign="center"
            lineHeight="20px"
          >
            {blemish.number}
          </Box>
          <NameInput
            value={blemish.kind}
            label={`Kind of blemish ${blemish.number}`}
            onName={(kind) => set({ kind }, 'Kind')}
          />
          <Text color="soft">{blemish.cell}</Text>
        </Flex>
      }
    >
      <FromEdges
        left={blemish.left}
        top={blemish.top}
        what={`blemish ${blemish.number}`}
        onLeft={(xMm) => set({ xMm }, 'Place')}
        onTop={(yMm) => set({ yMm }, 'Place')}
      />
      <LengthField
        width="46%"
        label="Across"
        name={`Size of blemish ${blemish.number}`}
        value={blemish.diameter}
        kind="SIZE"
        mostMm={2000}
        onLength={(diameterMm) => set({ diameterMm }, 'Size')}
      />
    </Mark>
  );
}

function FromEdges({
  left,
  top,
  what,
  onLeft,
  onTop,
}: {
  left: FaceView['width'];
  top: FaceView['width'];
  what: string;
  onLeft: (mm: number) => void;
  onTop: (mm: number) => void;
}) {
  return (
    <>
      <LengthField
        width="46%"
        label="From the left edge"
        name={`Distance of the ${what} from the left`}
        value={left}
        kind="PLACE"
        onLength={onLeft}
      />
      <LengthField
        width="46%"
        label="From the top edge"
        name={`Distance of the ${what} from the top`}
        value={top}
        kind="PLACE"
        onLength={onTop}
      />
    </>
  );
}

function Mark({
  title,
  takeAwayName,
  onTakeAway,
  children,
}: {
  title: React.ReactNode;
  takeAwayName: string;
  onTakeAway: () => void;
  children: React.ReactNode;
}) {
  return (
    <Box mt="2" p="3" bg="card" borderWidth="1px" borderColor="hairline" borderRadius="lg">
      <Flex justify="space-between" align="center" gap="2" mb="2">
        {title}
        <Button size="xs" look="warn" aria-label={`Take away ${takeAwayName}`} onClick={onTakeAway}>
          take away
        </Button>
      </Flex>
      <Flex wrap="wrap" gap="3">
        {children}
      </Flex>
    </Box>
  );
}

function NameInput({
  value,
  label,
  onName,
}: {
  value: string;
  label: string;
  onName: (name: string) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const done = () => {
    const name = (text ?? value).trim();
    if (name !== '' && name !== value) {
      onName(name);
    }
    setText(null);
  };
  return (
    <Input
      size="xs"
      flex="1"
      aria-label={label}
      fontWeight="600"
      borderColor="transparent"
      _hover={{ borderColor: 'hairline' }}
      px="1"
      maxLength={40}
      value={text ?? value}
      onChange={(e) => setText(e.currentTarget.value)}
      onBlur={done}
      onKeyDown={(e) => e.key === 'Enter' && done()}
    />
  );
}

/** The ground's colour: one of the pots on the shelf, or any other. */
function GroundField({ face }: { face: FaceView }) {
  const plan = usePlan();
  const pots = usePots().data ?? [];
  const set = (ground: string, gesture?: string) =>
    plan.change(
      withFace(plan.document, face.id, (f) => ({ ...f, ground })),
      `Ground of the ${face.name.toLowerCase()}`,
      gesture,
    );
  return (
    <Box>
      <Text color="soft" fontSize="13px" fontWeight="500" mb="1.5">
        Ground colour
      </Text>
      <Flex gap="2" align="center">
        {pots.map((pot) => (
          <Box
            as="button"
            key={pot.id}
            aria-label={`Ground ${pot.name}`}
            aria-pressed={pot.colour.toUpperCase() === face.ground}
            title={pot.name}
            w="30px"
            h="30px"
            borderRadius="full"
            bg={pot.colour}
            borderWidth="2px"
            borderColor={pot.colour.toUpperCase() === face.ground ? 'ochre' : 'hairline'}
            onClick={() => set(pot.colour)}
          />
        ))}
        <label>
          <Box
            as="span"
            display="inline-block"
            px="2.5"
            py="1"
            borderWidth="1px"
            borderColor="hairline"
            borderRadius="md"
            fontSize="13px"
            cursor="pointer"
          >
            other
          </Box>
          <input
            type="color"
            aria-label="Another ground colour"
            value={face.ground.toLowerCase()}
            onChange={(e) => set(e.currentTarget.value.toUpperCase(), `${face.id} ground`)}
            style={{ width: 0, height: 0, opacity: 0, position: 'absolute' }}
          />
        </label>
      </Flex>
      <Text fontSize="12px" color="soft" mt="1">
        <Fig text={pots.find((p) => p.colour.toUpperCase() === face.ground)?.name ?? face.ground} />
      </Text>
    </Box>
  );
}
