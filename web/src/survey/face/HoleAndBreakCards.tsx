import { Text } from '@chakra-ui/react';
import type { BreakDoc, BreakView, FaceView, HoleDoc, HoleView, PlanEdit } from '../../api/client';
import { ChoiceField } from '../../common/ChoiceField';
import { CountField } from '../../common/CountField';
import { Fig } from '../../common/Fig';
import { LengthField } from '../../common/LengthField';
import { MarkCard, MarkLengths } from './MarkCard';
import { usePut } from './usePut';

const WAYS = [
  ['level', 'side by side'],
  ['upright', 'over each other'],
] as const;

/** Where hardware goes back: one hole, a pair by its centre distance, or a row. */
export function HoleCard({
  face,
  hole: h,
  fresh,
}: {
  face: FaceView;
  hole: HoleView;
  fresh: boolean;
}) {
  const what = h.name.toLowerCase();
  const { set } = usePut(
    face.id,
    h.id,
    (f) => f.holes,
    (hole: HoleDoc): PlanEdit => ({ kind: 'PUT_HOLE', faceId: face.id, hole }),
  );
  return (
    <MarkCard
      face={face}
      id={h.id}
      name={h.name}
      nameLabel="Name of the hole"
      what={`the ${what}`}
      given={h.given}
      onName={(name) => set({ name }, 'Name')}
    >
      {h.given ? (
        <Text fontSize="13px" color="soft">
          <Fig
            text={`${h.count === 1 ? 'one hole' : `${h.count} holes, ${h.spacing.text} apart`}, middle ${h.left.text} from the left, ${h.top.text} from the top`}
          />
        </Text>
      ) : (
        <>
          <LengthField
            width="46%"
            label="Middle, from the left"
            name={`Place of the ${what} from the left`}
            value={h.left}
            kind="PLACE"
            autoFocus={fresh}
            onLength={(xMm) => set({ xMm }, 'Place')}
          />
          <LengthField
            width="46%"
            label="Middle, from the top"
            name={`Place of the ${what} from the top`}
            value={h.top}
            kind="PLACE"
            onLength={(yMm) => set({ yMm }, 'Place')}
          />
          <LengthField
            width="46%"
            label="Diameter"
            name={`Diameter of the ${what}`}
            value={h.diameter}
            kind="SIZE"
            mostMm={200}
            onLength={(diameterMm) => set({ diameterMm }, 'Diameter')}
          />
          <CountField
            width="46%"
            label="Holes"
            value={h.count}
            least={1}
            most={40}
            onCount={(count) =>
              set(
                {
                  count,
                  spacingMm: count > 1 && h.spacing.mm === 0 ? h.usuallyApartMm : h.spacing.mm,
                },
                'Count',
              )
            }
          />
          {h.count > 1 && (
            <>
              <LengthField
                width="46%"
                label="Centre to centre"
                name={`Spacing of the ${what}`}
                value={h.spacing}
                kind="SIZE"
                onLength={(spacingMm) => set({ spacingMm }, 'Spacing')}
              />
              <ChoiceField
                width="46%"
                label="They lie"
                value={h.upright ? 'upright' : 'level'}
                among={WAYS}
                onChoice={(way) => set({ upright: way === 'upright' }, 'Direction')}
              />
            </>
          )}
        </>
      )}
      {h.coveredText && (
        <Text fontSize="13px" w="100%">
          {h.coveredText}
        </Text>
      )}
    </MarkCard>
  );
}

/** A line where the surface is interrupted. */
export function BreakCard({
  face,
  mark: b,
  fresh,
}: {
  face: FaceView;
  mark: BreakView;
  fresh: boolean;
}) {
  const what = b.name.toLowerCase();
  const { set } = usePut(
    face.id,
    b.id,
    (f) => f.breaks,
    (joint: BreakDoc): PlanEdit => ({ kind: 'PUT_BREAK', faceId: face.id, joint }),
  );
  return (
    <MarkCard
      face={face}
      id={b.id}
      name={b.name}
      nameLabel="Name of the break"
      what={`the ${what}`}
      given={b.given}
      onName={(name) => set({ name }, 'Name')}
    >
      {b.given ? (
        <Text fontSize="13px" color="soft">
          <Fig text={b.text} />
        </Text>
      ) : (
        <MarkLengths
          fields={b.fields}
          what={what}
          focusFirst={fresh}
          onLength={(key, mm, label) => set({ [key]: mm }, label)}
        />
      )}
    </MarkCard>
  );
}
