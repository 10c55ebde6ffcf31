import { type KeyboardEvent, type PointerEvent, type RefObject, useRef, useState } from 'react';
import type { FaceView, HandleView, LayDoc, OptionView } from '../api/client';
import { wayOf } from '../common/arrows';
import { SvgFig } from '../common/Fig';
import { type Snapped, snap } from '../map/snapping';
import { num, type Spot } from '../map/viewport';
import { counted, pulled, turned } from '../plan/handles';
import { ink } from '../theme/theme';

type Props = {
  readonly face: FaceView;
  readonly doc: LayDoc;
  readonly name: string;
  readonly handles: ReadonlyArray<HandleView>;
  /** among which a count is picked */
  readonly options: ReadonlyArray<OptionView>;
  readonly k: number;
  readonly divisionMm: number;
  readonly toPlan: RefObject<((client: Spot) => Spot) | null>;
  /** the lay while it is moved, whether it was let go, and by how much a carried one moved */
  readonly onMove: (
    lay: LayDoc,
    handle: HandleView,
    by: Spot,
    done: boolean,
    gesture: string,
  ) => void;
};

const COARSE = 10;
const GESTURE_PAUSE_MS = 1200;
const REACH_PX = 7;
const DEG_PER_KEY = 1;

type Grip = {
  readonly handle: HandleView;
  readonly doc: LayDoc;
  readonly from: Spot;
  readonly gesture: string;
};

/**
 * What can be gripped of the chosen lay: drag it, or reach it with Tab and move it with the arrow
 * keys by the smallest division of the tape. While it is dragged it is drawn to meaningful lines,
 * Alt leaves them.
 */
export function Handles(props: Props) {
  const { face, doc, name, handles, options, k, divisionMm, toPlan, onMove } = props;
  const [held, setHeld] = useState<string | null>(null);
  const [drawnTo, setDrawnTo] = useState<Snapped | null>(null);
  const grip = useRef<Grip | null>(null);
  const keyGesture = useRef({ name: '', at: 0 });

  const down = (handle: HandleView) => (e: PointerEvent<SVGElement>) => {
    e.stopPropagation();
    e.currentTarget.setPointerCapture(e.pointerId);
    const from = toPlan.current?.({ x: e.clientX, y: e.clientY });
    if (from) {
      grip.current = { handle, doc, from, gesture: crypto.randomUUID() };
      setHeld(handle.id);
    }
  };

  const drag = (done: boolean) => (e: PointerEvent<SVGElement>) => {
    const g = grip.current;
    const at = toPlan.current?.({ x: e.clientX, y: e.clientY });
    if (!g || !at) {
      return;
    }
    e.stopPropagation();
    if (g.handle.role === 'TURN') {
      onMove(turned(g.doc, g.handle, at, g.from), g.handle, { x: 0, y: 0 }, done, g.gesture);
    } else if (g.handle.role === 'COUNT') {
      const by = { x: at.x - g.from.x, y: at.y - g.from.y };
      onMove(counted(g.doc, g.handle, by, options), g.handle, by, done, g.gesture);
    } else {
      const there = {
        x: g.handle.xMm + at.x - g.from.x,
        y: g.handle.yMm + at.y - g.from.y,
      };
      const snapped = e.altKey
        ? { at: there, to: [] }
        : snap(there, guidesFor(g.handle, face), REACH_PX / k, doc.id);
      const by = { x: snapped.at.x - g.handle.xMm, y: snapped.at.y - g.handle.yMm };
      const next = pulled(g.doc, g.handle, by, divisionMm, snapped.to.length > 0);
      setDrawnTo(snapped.to.length > 0 ? snapped : null);
      onMove(next, g.handle, by, done, g.gesture);
    }
    if (done) {
      grip.current = null;
      setHeld(null);
      setDrawnTo(null);
    }
  };

  const key = (handle: HandleView) => (e: KeyboardEvent) => {
    const way = wayOf(e.key);
    if (!way) {
      return;
    }
    e.preventDefault();
    e.stopPropagation();
    const now = Date.now();
    // A run of key presses is one step back, as a drag is.
    if (now - keyGesture.current.at > GESTURE_PAUSE_MS) {
      keyGesture.current.name = crypto.randomUUID();
    }
    keyGesture.current.at = now;
    const [x, y] = way;
    const times = e.shiftKey ? COARSE : 1;
    const move = handle.moves[0];
    if (handle.role === 'TURN' && move) {
      const angle = move.value + (x - y) * times * DEG_PER_KEY;
      const next = {
        ...doc,
        rule: { ...doc.rule, measures: { ...doc.rule.measures, [move.key]: angle } },
      };
      onMove(next, handle, { x: 0, y: 0 }, true, keyGesture.current.name);
      return;
    }
    if (handle.role === 'COUNT' && move) {
      const step = { ...handle, moves: [{ ...move, perXMm: 1, perYMm: 0 }] };
      const one = { x: x - y, y: 0 };
      onMove(counted(doc, step, one, options), handle, one, true, keyGesture.current.name);
      return;
    }
    const by = { x: x * times * divisionMm, y: y * times * divisionMm };
    onMove(pulled(doc, handle, by, divisionMm, false), handle, by, true, keyGesture.current.name);
  };

  return (
    <g>
      {drawnTo && <Guides face={face} snapped={drawnTo} k={k} />}
      {[...handles]
        .sort((a, b) => (a.box ? 0 : 1) - (b.box ? 0 : 1))
        .map((handle) => (
          <Handle
            key={handle.id}
            handle={handle}
            name={name}
            k={k}
            held={held === handle.id}
            grips={{
              onPointerDown: down(handle),
              onPointerMove: drag(false),
              onPointerUp: drag(true),
              onKeyDown: key(handle),
            }}
          />
        ))}
    </g>
  );
}

/** Only lines across which the handle moves draw it. */
function guidesFor(handle: HandleView, face: FaceView) {
  const across = handle.moves.some((m) => m.perXMm !== 0);
  const down = handle.moves.some((m) => m.perYMm !== 0);
  return face.guides.filter((g) => (g.upright ? across : down));
}

type HandleProps = {
  readonly handle: HandleView;
  readonly name: string;
  readonly k: number;
  readonly held: boolean;
  readonly grips: {
    readonly onPointerDown: (e: PointerEvent<SVGElement>) => void;
    readonly onPointerMove: (e: PointerEvent<SVGElement>) => void;
    readonly onPointerUp: (e: PointerEvent<SVGElement>) => void;
    readonly onKeyDown: (e: KeyboardEvent) => void;
  };
};

function Handle({ handle, name, k, held, grips }: HandleProps) {
  const move = handle.moves[0];
  const across = handle.moves.some((m) => m.perXMm !== 0);
  const down = handle.moves.some((m) => m.perYMm !== 0);
  const cursor =
    handle.role === 'TURN' || (across && down) ? 'move' : across ? 'ew-resize' : 'ns-resize';
  const shared = {
    role: 'slider',
    tabIndex: 0,
    'data-testid': handle.id,
    'aria-label': handle.id === 'line' ? `Line of ${name}` : handle.label,
    'aria-orientation': across && !down ? ('horizontal' as const) : ('vertical' as const),
    'aria-valuenow': move?.value ?? 0,
    'aria-valuemin': move?.least ?? 0,
    'aria-valuemax': move?.most ?? 0,
    'aria-valuetext': handle.valueText,
    style: { cursor },
    ...grips,
  };
  if (handle.box) {
    const b = handle.box;
    return (
      <rect
        x={num(b.leftMm * k - 4)}
        y={num(b.topMm * k - 4)}
        width={num(b.widthMm * k + 8)}
        height={num(b.heightMm * k + 8)}
        rx="5"
        fill={held ? ink('ochreWash') : 'transparent'}
        fillOpacity="0.12"
        stroke={ink('ochre')}
        strokeWidth="2.2"
        {...shared}
      >
        <title>{`${handle.label}: ${handle.valueText}`}</title>
      </rect>
    );
  }
  const x = handle.xMm * k;
  const y = handle.yMm * k;
  const title = <title>{`${handle.label}: ${handle.valueText}`}</title>;
  if (handle.role === 'TURN') {
    return (
      <g>
        {handle.about && (
          <line
            x1={num(handle.about.xMm * k)}
            y1={num(handle.about.yMm * k)}
            x2={num(x)}
            y2={num(y)}
            stroke={ink('ochre')}
            strokeWidth="1.2"
            strokeDasharray="2 3"
            pointerEvents="none"
          />
        )}
        <circle
          cx={num(x)}
          cy={num(y)}
          r="6.5"
          fill={ink('ochreWash')}
          stroke={ink('ochre')}
          strokeWidth="2.2"
          {...shared}
        >
          {title}
        </circle>
      </g>
    );
  }
  if (handle.role === 'COUNT') {
    return (
      <g style={{ cursor }}>
        <rect
          x={num(x - 9)}
          y={num(y - 9)}
          width="18"
          height="18"
          rx="5"
          fill={ink('card')}
          stroke={ink('ochre')}
          strokeWidth="2.2"
          {...shared}
        >
          {title}
        </rect>
        <text
          x={num(x)}
          y={num(y + 4)}
          textAnchor="middle"
          fill={ink('ink')}
          pointerEvents="none"
          style={{ fontSize: 11, fontWeight: 700 }}
        >
          {handle.valueText}
        </text>
      </g>
    );
  }
  // A gap is pulled by a small lozenge, an end or an edge by a ring.
  return handle.id === 'gap' || handle.id === 'down' ? (
    <path
      d={`M${num(x)} ${num(y - 7)}l7 7l-7 7l-7 -7z`}
      fill={ink('card')}
      stroke={ink('ochre')}
      strokeWidth="2"
      {...shared}
    >
      {title}
    </path>
  ) : (
    <circle
      cx={num(x)}
      cy={num(y)}
      r="6.5"
      fill={ink('card')}
      stroke={ink('ochre')}
      strokeWidth="2.4"
      {...shared}
    >
      {title}
    </circle>
  );
}

/** The lines a hand was drawn to, with what they are and how far they are from the edge. */
function Guides({ face, snapped, k }: { face: FaceView; snapped: Snapped; k: number }) {
  return (
    <g pointerEvents="none">
      {snapped.to.map((g) => {
        const at = num(g.atMm * k);
        return (
          <g key={`${g.upright}${g.atMm}${g.text}`}>
            <path
              d={
                g.upright
                  ? `M${at} -14V${num(face.height.mm * k + 8)}`
                  : `M-14 ${at}H${num(face.width.mm * k + 8)}`
              }
              stroke={ink('plum')}
              strokeWidth="1.2"
              strokeDasharray="5 3"
              fill="none"
            />
            <text
              x={g.upright ? at : num(face.width.mm * k + 12)}
              y={g.upright ? -18 : Number(at) + 4}
              textAnchor={g.upright ? 'middle' : 'start'}
              fill={ink('plum')}
              style={{ fontSize: 12, fontWeight: 600 }}
              data-testid="drawn-to"
            >
              <SvgFig text={`${g.text} · ${g.distanceText}`} />
            </text>
          </g>
        );
      })}
    </g>
  );
}
