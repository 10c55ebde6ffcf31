import { memo, useMemo, useRef, useState } from 'react';
import type { FaceView, HandleView, LayDoc, LayView, OptionView } from '../api/client';
import { useStudio } from '../api/queries';
import { FaceDrawing, Insets, LayDrawing } from '../map/FaceDrawing';
import { FaceMap } from '../map/FaceMap';
import type { Stencils } from '../map/Items';
import { BlemishPins, FrontMark, MapGrid } from '../map/MapMarks';
import { Dimension } from '../map/Net';
import { Tape } from '../map/Tape';
import { num, type Spot } from '../map/viewport';
import { layEdits } from '../plan/layEdits';
import { useLive, usePlan } from '../plan/PlanProvider';
import { Handles } from './Handles';
import { Neighbours } from './Neighbours';
import { Advice, ON_SIDE, ON_TOP, TAPE_BELOW, Ticks } from './Ticks';

type Props = {
  readonly face: FaceView;
  readonly stencils: Stencils;
  readonly lay: LayView | null;
  readonly onSelect: (layId: string) => void;
  readonly onFace: (faceId: string) => void;
};

const LEVEL_MARGINS = { left: 62, top: 62, right: 58, bottom: 182 };
const UPRIGHT_MARGINS = { left: 170, top: 62, right: 40, bottom: 62 };
const NO_MARKS: SetOut['marks'] = [];
const NO_HANDLES: ReadonlyArray<HandleView> = [];
const NO_OPTIONS: ReadonlyArray<OptionView> = [];

type SetOut = NonNullable<LayView['laid']>['setOuts'][number];

type Carry = { readonly handle: string; readonly from: Spot; readonly by: Spot };

/** The face with its lays, what can be gripped of the chosen one, and the tape beside it. */
export function LayMap({ face, stencils, lay, onSelect, onFace }: Props) {
  const plan = usePlan();
  const tape = useStudio().data?.tape;
  const toPlanRef = useRef<((client: Spot) => Spot) | null>(null);
  const [carry, setCarry] = useState<Carry | null>(null);
  const doc = lay && plan.document.lays.find((l) => l.id === lay.id);
  const answered = useLive();
  const live = lay && answered?.id === lay.id && answered.faceId === face.id ? answered : null;
  const shown = live ?? lay;

  const move = (next: LayDoc, handle: HandleView, by: Spot, done: boolean, gesture: string) => {
    if (!lay || !doc) {
      return;
    }
    const edits = layEdits(doc, next);
    if (done) {
      setCarry(null);
      plan.stopTrying();
      if (edits.length > 0) {
        plan.edit(edits, { gesture });
      }
    } else {
      if (handle.role === 'CARRY') {
        const clamped = carriedBy(handle, by);
        setCarry({ handle: handle.id, from: { x: handle.xMm, y: handle.yMm }, by: clamped });
      }
      plan.tryLay(edits, lay.id, face.id);
    }
  };

  // What is under the pointer is carried along as it was drawn, as long as its copies lie alike.
  const moving = shown && (carry || live) ? shown : null;
  const drawn = useRef<LayView | null>(null);
  if (!moving || !drawn.current || !sameCopies(drawn.current, moving)) {
    drawn.current = moving;
  }
  const carriedLay = drawn.current;
  const setOut = (carriedLay ?? shown)?.laid?.setOuts[0];
  const upright = setOut !== undefined && ON_SIDE.has(setOut.along);
  const carried = useMemo(
    () => carriedLay && { plan: <LayDrawing lay={carriedLay} stencils={stencils} /> },
    [carriedLay, stencils],
  );
  const byMm = carriedLay ? behind(carriedLay, carry) : { x: 0, y: 0 };

  return (
    <FaceMap
      widthMm={face.width.mm}
      heightMm={face.height.mm}
      label={`${face.name}, ${face.width.text} by ${face.height.text}`}
      margins={upright ? UPRIGHT_MARGINS : LEVEL_MARGINS}
      toPlanRef={toPlanRef}
      plan={
        <>
          <FaceDrawing face={face} stencils={stencils} without={moving?.id} />
          <Insets face={face} faces={plan.piece.reading.faces} stencils={stencils} />
        </>
      }
      under={(k, room) => (
        <>
          <Neighbours
            face={face}
            faces={plan.piece.reading.faces}
            stencils={stencils}
            k={k}
            room={room}
            upright={upright}
            onGo={onFace}
          />
          <MapGrid face={face} k={k} />
        </>
      )}
      carried={carried && { ...carried, byMm }}
      over={(k) => (
        <>
          <OtherLays face={face} chosen={lay?.id} k={k} onSelect={onSelect} />
          {shown?.laid && setOut && <Ticks face={face} lay={shown} setOut={setOut} k={k} />}
          {lay && doc && shown && tape && !lay.locked && (
            <g transform={carry ? `translate(${num(byMm.x * k)} ${num(byMm.y * k)})` : undefined}>
              <Handles
                face={face}
                doc={doc}
                name={lay.designName}
                handles={carriedLay?.handles ?? shown.handles ?? NO_HANDLES}
                options={shown.laid?.options ?? NO_OPTIONS}
                k={k}
                divisionMm={tape.divisionMm}
                toPlan={toPlanRef}
                onMove={move}
              />
            </g>
          )}
          <FrontMark face={face} k={k} />
          <BlemishPins face={face} k={k} />
          <g transform={`translate(0 ${num(face.height.mm * k + (upright ? 26 : 30))})`}>
            <Dimension x1={0} x2={face.width.mm * k} y={0} text={face.width.text} />
          </g>
          {tape && !upright && (
            <g transform={`translate(0 ${num(face.height.mm * k + TAPE_BELOW)})`}>
              {(!setOut || ON_TOP.has(setOut.along)) && (
                <Tape edgeMm={face.width.mm} k={k} tape={tape} marks={setOut?.marks ?? NO_MARKS} />
              )}
              <Advice
                middle={(face.width.mm * k) / 2}
                y={setOut && !ON_TOP.has(setOut.along) ? 0 : 64}
                text={setOut?.tapeText ?? (lay ? '' : 'Choose a lay to see its marks on the tape.')}
              />
            </g>
          )}
          {tape && upright && (
            <g transform="translate(-64 0) rotate(90) ">
              <Tape edgeMm={face.height.mm} k={k} tape={tape} marks={setOut.marks} />
            </g>
          )}
        </>
      )}
    />
  );
}

/** A handle that only moves one way carries the lay only that way, and only between its limits. */
function carriedBy(handle: HandleView, by: Spot): Spot {
  let x = 0;
  let y = 0;
  for (const m of handle.moves) {
    const wanted = m.value + by.x * m.perXMm + by.y * m.perYMm;
    const change = Math.min(m.most, Math.max(m.least, wanted)) - m.value;
    x += change * m.perXMm;
    y += change * m.perYMm;
  }
  return { x, y };
}

/** How far the drawn copy lags behind the hand. */
function behind(drawn: LayView, carry: Carry | null): Spot {
  const handle = carry && drawn.handles.find((h) => h.id === carry.handle);
  return handle
    ? {
        x: carry.from.x + carry.by.x - handle.xMm,
        y: carry.from.y + carry.by.y - handle.yMm,
      }
    : { x: 0, y: 0 };
}

/** True where two answers lay the same copies, be they moved as a whole. */
function sameCopies(a: LayView, b: LayView): boolean {
  const [first, ...rest] = a.laid?.items ?? [];
  const [other, ...others] = b.laid?.items ?? [];
  return (
    a.id === b.id &&
    first !== undefined &&
    other !== undefined &&
    rest.length === others.length &&
    first.clip === undefined &&
    other.clip === undefined &&
    first.turnDeg === other.turnDeg &&
    first.scale === other.scale &&
    rest.every((item, i) => {
      const twin = others[i];
      return (
        twin !== undefined &&
        item.clip === undefined &&
        twin.clip === undefined &&
        near(item.xMm - first.xMm, twin.xMm - other.xMm) &&
        near(item.yMm - first.yMm, twin.yMm - other.yMm) &&
        item.turnDeg === twin.turnDeg
      );
    })
  );
}

const near = (a: number, b: number) => Math.abs(a - b) < 1e-6;

type OtherProps = {
  readonly face: FaceView;
  readonly chosen: string | undefined;
  readonly k: number;
  readonly onSelect: (layId: string) => void;
};

/** The lays that are not chosen, each to be chosen by a click on a copy. */
const OtherLays = memo(function OtherLays({ face, chosen, k, onSelect }: OtherProps) {
  return face.lays
    .filter((other) => other.id !== chosen && !other.hidden && other.laid)
    .map((other) => (
      <g
        key={other.id}
        style={{ cursor: 'pointer' }}
        role="button"
        tabIndex={0}
        aria-label={`Choose ${other.title}`}
        onPointerDown={(e) => e.stopPropagation()}
        onClick={() => onSelect(other.id)}
        onKeyDown={(e) => e.key === 'Enter' && onSelect(other.id)}
      >
        <path d={boxes(other, k)} fill="transparent" />
      </g>
    ));
});

/** The copies' boxes as one path to click on. */
function boxes(lay: LayView, k: number): string {
  const arts = lay.laid?.arts ?? [];
  return (lay.laid?.items ?? [])
    .map((item) => {
      const print = arts[item.art]?.print;
      const w = ((print?.widthMm ?? 0) * item.scale) / 2;
      const h = ((print?.heightMm ?? 0) * item.scale) / 2;
      const c = Math.cos((item.turnDeg * Math.PI) / 180);
      const s = Math.sin((item.turnDeg * Math.PI) / 180);
      const at = (x: number, y: number) =>
        `${num((item.xMm + x * c - y * s) * k)} ${num((item.yMm + x * s + y * c) * k)}`;
      return `M${at(-w, -h)}L${at(w, -h)}L${at(w, h)}L${at(-w, h)}Z`;
    })
    .join('');
}
