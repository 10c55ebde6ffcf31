import { type KeyboardEvent, type PointerEvent, type RefObject, useRef, useState } from 'react';
import type { FaceView, LayView, RunDoc } from '../api/client';
import { isLevel, onDivision, stripOf } from '../map/lines';
import { num, type Spot } from '../map/viewport';
import { ink } from '../theme/theme';

type Part = 'line' | 'start' | 'end';

type Props = {
  readonly face: FaceView;
  readonly lay: LayView;
  readonly run: RunDoc;
  readonly k: number;
  readonly divisionMm: number;
  readonly toPlan: RefObject<((client: Spot) => Spot) | null>;
  /** the run while it is moved, and whether it was let go */
  readonly onMove: (run: RunDoc, done: boolean, gesture: string) => void;
};

const COARSE = 10;
const GESTURE_PAUSE_MS = 1200;

/**
 * The chosen band's line: drag it across the face, drag its ends along, or reach each with Tab and
 * move it with the arrow keys by the smallest division of the tape.
 */
export function LineHandles({ face, lay, run, k, divisionMm, toPlan, onMove }: Props) {
  const [held, setHeld] = useState<Part | null>(null);
  const grip = useRef<{ from: Spot; run: RunDoc; gesture: string } | null>(null);
  const keyGesture = useRef({ name: '', at: 0 });
  const strip = stripOf(face, run, lay.line);
  const level = isLevel(run.edge);
  const edgeMm = lay.line.edgeMm;

  const moved = (from: RunDoc, part: Part, along: number, across: number): RunDoc => {
    const most = edgeMm - lay.line.motifMm;
    switch (part) {
      case 'line':
        return {
          ...from,
          distanceMm: onDivision(
            from.distanceMm + (run.edge === 'BOTTOM' || run.edge === 'RIGHT' ? -across : across),
            divisionMm,
            lay.line.nearestMm,
            lay.line.farthestMm,
          ),
        };
      case 'start':
        return {
          ...from,
          startInsetMm: onDivision(
            from.startInsetMm + along,
            divisionMm,
            0,
            Math.max(0, most - from.endInsetMm),
          ),
        };
      case 'end':
        return {
          ...from,
          endInsetMm: onDivision(
            from.endInsetMm - along,
            divisionMm,
            0,
            Math.max(0, most - from.startInsetMm),
          ),
        };
    }
  };

  const down = (part: Part) => (e: PointerEvent<SVGElement>) => {
    e.stopPropagation();
    e.currentTarget.setPointerCapture(e.pointerId);
    const from = toPlan.current?.({ x: e.clientX, y: e.clientY });
    if (from) {
      grip.current = { from, run, gesture: crypto.randomUUID() };
      setHeld(part);
    }
  };
  const drag = (part: Part, done: boolean) => (e: PointerEvent<SVGElement>) => {
    const held = grip.current;
    const at = toPlan.current?.({ x: e.clientX, y: e.clientY });
    if (!held || !at) {
      return;
    }
    e.stopPropagation();
    const dx = at.x - held.from.x;
    const dy = at.y - held.from.y;
    onMove(moved(held.run, part, level ? dx : dy, level ? dy : dx), done, held.gesture);
    if (done) {
      grip.current = null;
      setHeld(null);
    }
  };

  const key = (part: Part) => (e: KeyboardEvent) => {
    const step = divisionMm * (e.shiftKey ? COARSE : 1);
    const way = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[
      e.key
    ];
    if (!way) {
      return;
    }
    e.preventDefault();
    e.stopPropagation();
    const [x = 0, y = 0] = way;
    // A run of key presses is one step back, as a drag is.
    const now = Date.now();
    if (now - keyGesture.current.at > GESTURE_PAUSE_MS) {
      keyGesture.current.name = crypto.randomUUID();
    }
    keyGesture.current.at = now;
    const along = (level ? x : y) * step;
    const across = (level ? y : x) * step;
    onMove(moved(run, part, along, across), true, keyGesture.current.name);
  };

  const x = strip.x * k;
  const y = strip.y * k;
  const w = strip.width * k;
  const h = strip.height * k;
  const ends: ReadonlyArray<readonly [Part, number, number]> = level
    ? [
        ['start', x, y + h / 2],
        ['end', x + w, y + h / 2],
      ]
    : [
        ['start', x + w / 2, y],
        ['end', x + w / 2, y + h],
      ];
  const across = level ? 'ns-resize' : 'ew-resize';
  const alongCursor = level ? 'ew-resize' : 'ns-resize';
  const { distance, startInset, endInset } = lay.line;
  return (
    <g>
      <rect
        x={num(x - 4)}
        y={num(y - 4)}
        width={num(w + 8)}
        height={num(h + 8)}
        rx="5"
        fill={held === 'line' ? ink('ochreWash') : 'transparent'}
        fillOpacity="0.12"
        stroke={ink('ochre')}
        strokeWidth="2.2"
        style={{ cursor: across }}
        role="slider"
        tabIndex={0}
        data-testid="line"
        aria-label={`Line of ${lay.designName}`}
        aria-orientation={level ? 'vertical' : 'horizontal'}
        aria-valuenow={run.distanceMm}
        aria-valuemin={lay.line.nearestMm}
        aria-valuemax={lay.line.farthestMm}
        aria-valuetext={`${distance.text} from the edge`}
        onPointerDown={down('line')}
        onPointerMove={drag('line', false)}
        onPointerUp={drag('line', true)}
        onKeyDown={key('line')}
      />
      {ends.map(([part, cx, cy]) => (
        <circle
          key={part}
          cx={num(cx)}
          cy={num(cy)}
          r="6.5"
          fill={ink('card')}
          stroke={ink('ochre')}
          strokeWidth="2.4"
          style={{ cursor: alongCursor }}
          role="slider"
          tabIndex={0}
          data-testid={part}
          aria-label={part === 'start' ? 'Start of the line' : 'End of the line'}
          aria-orientation={level ? 'horizontal' : 'vertical'}
          aria-valuenow={part === 'start' ? run.startInsetMm : run.endInsetMm}
          aria-valuemin={0}
          aria-valuemax={edgeMm}
          aria-valuetext={`${part === 'start' ? startInset.text : endInset.text} from the corner`}
          onPointerDown={down(part)}
          onPointerMove={drag(part, false)}
          onPointerUp={drag(part, true)}
          onKeyDown={key(part)}
        />
      ))}
    </g>
  );
}
