import { memo, useMemo, useRef, useState } from 'react';
import type { FaceView, HandleView, LayDoc, LayView, OptionView } from '../api/client';
import { useStudio } from '../api/queries';
import { SvgFig } from '../common/Fig';
import { FaceDrawing, Insets, LayDrawing } from '../map/FaceDrawing';
import { FaceMap } from '../map/FaceMap';
import type { Stencils } from '../map/Items';
import { BlemishPins, MapGrid } from '../map/MapMarks';
import { Dimension } from '../map/Net';
import { Tape } from '../map/Tape';
import { num, type Spot } from '../map/viewport';
import { withLay } from '../plan/edits';
import { useLive, usePlan } from '../plan/PlanProvider';
import { ink } from '../theme/theme';
import { Handles } from './Handles';

type Props = {
  readonly face: FaceView;
  readonly stencils: Stencils;
  readonly lay: LayView | null;
  readonly onSelect: (layId: string) => void;
};

const LEVEL_MARGINS = { left: 62, top: 70, right: 58, bottom: 208 };
const UPRIGHT_MARGINS = { left: 170, top: 70, right: 40, bottom: 70 };
const TAPE_BELOW = 112;
const NO_MARKS: SetOut['marks'] = [];
const NO_HANDLES: ReadonlyArray<HandleView> = [];
const NO_OPTIONS: ReadonlyArray<OptionView> = [];

type SetOut = NonNullable<LayView['laid']>['setOuts'][number];

/** Marks that lie on a straight edge can be shown on the tape beside the face. */
const ON_TOP = new Set(['TOP_FROM_LEFT', 'BOTTOM_FROM_LEFT']);
const ON_SIDE = new Set(['LEFT_FROM_TOP', 'RIGHT_FROM_TOP']);

type Carry = { readonly handle: string; readonly from: Spot; readonly by: Spot };

/** The face with its lays, what can be gripped of the chosen one, and the tape beside it. */
export function LayMap({ face, stencils, lay, onSelect }: Props) {
  const plan = usePlan();
  const tape = useStudio().data?.tape;
  const toPlanRef = useRef<((client: Spot) => Spot) | null>(null);
  const [carry, setCarry] = useState<Carry | null>(null);
  const doc = lay && plan.document.lays.find((l) => l.id === lay.id);
  const answered = useLive();
  const live = lay && answered?.id === lay.id && answered.faceId === face.id ? answered : null;
  const shown = live ?? lay;

  const move = (next: LayDoc, handle: HandleView, by: Spot, done: boolean, gesture: string) => {
    if (!lay) {
      return;
    }
    const changed = withLay(plan.document, lay.id, () => next);
    if (done) {
      setCarry(null);
      plan.stopTrying();
      plan.change(changed, `${handle.label} of ${lay.designName}`, gesture);
    } else {
      if (handle.role === 'CARRY') {
        const clamped = carriedBy(handle, by);
        setCarry({ handle: handle.id, from: { x: handle.xMm, y: handle.yMm }, by: clamped });
      }
      plan.tryLay(changed, lay.id, face.id);
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
      under={(k) => <MapGrid face={face} k={k} />}
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

/** From each mark a dotted line to the tape. */
function Ticks({
  face,
  lay,
  setOut,
  k,
}: {
  face: FaceView;
  lay: LayView;
  setOut: SetOut;
  k: number;
}) {
  const level = ON_TOP.has(setOut.along);
  if (!level && !ON_SIDE.has(setOut.along)) {
    return <TicksOnFace face={face} marks={setOut.marks} k={k} />;
  }
  const line = lay.handles.find((h) => h.id === 'line' && h.box)?.box;
  const items = lay.laid?.items ?? [];
  const lowest = Math.max(...items.map((i) => i.yMm));
  const leftmost = Math.min(...items.map((i) => i.xMm));
  const h = face.height.mm * k;
  const from = level
    ? (line ? line.topMm + line.heightMm : lowest) * k
    : (line ? line.leftMm : leftmost) * k;
  return (
    <g pointerEvents="none">
      <path
        d={setOut.marks
          .map((m) =>
            level
              ? `M${num(m.exactMm * k)} ${num(from)}V${num(h + TAPE_BELOW - 28)}`
              : `M${num(from)} ${num(m.exactMm * k)}H-92`,
          )
          .join('')}
        stroke={ink('rust')}
        strokeWidth="1"
        strokeDasharray="1.5 5"
        strokeOpacity="0.75"
        fill="none"
      />
      {level && line && <Distance face={face} lay={lay} box={line} k={k} />}
    </g>
  );
}

const LEAST_BETWEEN_FIGURES_PX = 46;

/**
 * Marks of a ring or a drawn line, ticked where they are, with their figures where there is room:
 * further out from the middle than the copies.
 */
function TicksOnFace({ face, marks, k }: { face: FaceView; marks: SetOut['marks']; k: number }) {
  const middle = { x: (face.width.mm / 2) * k, y: (face.height.mm / 2) * k };
  let last: Spot | null = null;
  return (
    <g pointerEvents="none" data-testid="ticks-on-face">
      {marks.map((m) => {
        if (!m.at) {
          return null;
        }
        const at = { x: m.at.xMm * k, y: m.at.yMm * k };
        const far = Math.hypot(at.x - middle.x, at.y - middle.y) || 1;
        const out = { x: (at.x - middle.x) / far, y: (at.y - middle.y) / far };
        const room: boolean =
          last === null || Math.hypot(at.x - last.x, at.y - last.y) >= LEAST_BETWEEN_FIGURES_PX;
        last = room ? at : last;
        return (
          <g key={m.number}>
            <circle
              cx={num(at.x)}
              cy={num(at.y)}
              r="3.4"
              fill={ink('rust')}
              stroke={ink('sheet')}
              strokeWidth="1.2"
            />
            {room && (
              <text
                x={num(at.x + out.x * 17)}
                y={num(at.y + out.y * 17 + 4)}
                textAnchor="middle"
                fill={ink('rust')}
                stroke={ink('sheet')}
                strokeWidth="3"
                paintOrder="stroke"
                style={{ fontSize: 12, fontWeight: 600 }}
              >
                <SvgFig text={m.figure} />
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

const LINE_CHARACTERS = 62;

/** What to do with the tape, under it and on the middle of the face, in lines of readable length. */
function Advice({ middle, y, text }: { middle: number; y: number; text: string }) {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const longer = `${lines.at(-1) ?? ''} ${word}`.trim();
    if (lines.length > 0 && longer.length <= LINE_CHARACTERS) {
      lines[lines.length - 1] = longer;
    } else {
      lines.push(word);
    }
  }
  return (
    <text fill={ink('soft')} textAnchor="middle" style={{ fontSize: 13 }}>
      {lines.map((line, i) => (
        <tspan key={line} x={num(middle)} y={y + i * 17}>
          {line}
        </tspan>
      ))}
    </text>
  );
}

/** How far the line is from the edge it follows. */
function Distance({
  face,
  lay,
  box,
  k,
}: {
  face: FaceView;
  lay: LayView;
  box: NonNullable<HandleView['box']>;
  k: number;
}) {
  const field = lay.fields.find((f) => f.key === 'distance');
  const below = lay.fields.find((f) => f.key === 'edge')?.choice === 'BOTTOM';
  const lineY = (box.topMm + box.heightMm / 2) * k;
  const edgeY = below ? face.height.mm * k : 0;
  const x = face.width.mm * k + 12;
  return (
    <g>
      <path
        d={`M${num(x - 4)} ${num(edgeY)}h8M${num(x - 4)} ${num(lineY)}h8M${num(x)} ${num(edgeY)}V${num(lineY)}`}
        stroke={ink('rust')}
        strokeWidth="1.2"
        fill="none"
      />
      <g transform={`translate(${num(x + 13)} ${num((edgeY + lineY) / 2)}) rotate(90)`}>
        <text textAnchor="middle" fill={ink('rust')} style={{ fontSize: 12, fontWeight: 600 }}>
          <SvgFig text={field?.length?.text ?? ''} />
        </text>
      </g>
    </g>
  );
}
