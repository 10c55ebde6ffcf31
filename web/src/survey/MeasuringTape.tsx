import type { FaceView } from '../api/client';
import { SvgFig } from '../common/Fig';
import { num, type Spot } from '../map/viewport';
import { ink } from '../theme/theme';
import { useBetween } from './useBetween';

const SNAP_PX = 11;

/** So far above the tape what it reads, clear of whatever holds its ends. */
const ABOVE_PX = 48;

/** The nearest corner, centre, hole or blemish, else the nearest edge, else the place itself. */
export function snapped(face: FaceView, at: Spot, k: number): Spot {
  const reach = SNAP_PX / k;
  let best: Spot = at;
  let nearest = reach;
  const points: Spot[] = [
    ...face.corners.map((c) => ({ x: c.xMm, y: c.yMm })),
    ...face.holes.flatMap((h) => h.centres.map((c) => ({ x: c.xMm, y: c.yMm }))),
    ...face.blemishes.map((b) => ({ x: b.xMm, y: b.yMm })),
    ...face.breaks.flatMap((b) => [
      { x: b.from.xMm, y: b.from.yMm },
      { x: b.to.xMm, y: b.to.yMm },
    ]),
  ];
  for (const p of points) {
    const d = Math.hypot(p.x - at.x, p.y - at.y);
    if (d < nearest) {
      nearest = d;
      best = p;
    }
  }
  return best === at ? (onEdge(face, at, reach) ?? at) : best;
}

const STEPS = 600;

/** The place on the drawn outline next to a spot: found on the path the browser holds already. */
function onEdge(face: FaceView, at: Spot, reach: number): Spot | null {
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
  path.setAttribute('d', face.pathData);
  const length = path.getTotalLength();
  const away = (s: number) => {
    const p = path.getPointAtLength(s);
    return Math.hypot(p.x - at.x, p.y - at.y);
  };
  let best = 0;
  for (let i = 1; i <= STEPS; i++) {
    const s = (length * i) / STEPS;
    if (away(s) < away(best)) {
      best = s;
    }
  }
  for (let step = length / STEPS; step > 0.01; step /= 2) {
    for (const s of [best - step, best + step]) {
      if (s >= 0 && s <= length && away(s) < away(best)) {
        best = s;
      }
    }
  }
  if (away(best) > reach) {
    return null;
  }
  const p = path.getPointAtLength(best);
  return { x: p.x, y: p.y };
}

/** A tape held between two places of a face, with what it reads. */
export function MeasuringTape({ from, to, k }: { from: Spot; to: Spot | null; k: number }) {
  const answer = useBetween(from, to);
  const a = { x: from.x * k, y: from.y * k };
  const b = to && { x: to.x * k, y: to.y * k };
  return (
    <g data-testid="measuring" style={{ pointerEvents: 'none' }}>
      {b && (
        <path
          d={`M${num(a.x)} ${num(a.y)}L${num(b.x)} ${num(b.y)}`}
          stroke={ink('rust')}
          strokeWidth="2"
        />
      )}
      {[a, b].map(
        (p) =>
          p && (
            <circle
              key={`${p.x} ${p.y}`}
              cx={num(p.x)}
              cy={num(p.y)}
              r="4.5"
              fill={ink('card')}
              stroke={ink('rust')}
              strokeWidth="2"
            />
          ),
      )}
      {b && answer && (
        <g transform={`translate(${num((a.x + b.x) / 2)} ${num((a.y + b.y) / 2 - ABOVE_PX)})`}>
          <rect
            x="-112"
            y="-17"
            width="224"
            height="40"
            rx="6"
            fill={ink('card')}
            stroke={ink('rust')}
          />
          <text
            textAnchor="middle"
            fill={ink('rust')}
            style={{ fontSize: 14, fontWeight: 700 }}
            data-testid="measured"
          >
            <SvgFig text={answer.distance.text} />
          </text>
          <text textAnchor="middle" y="15" fill={ink('soft')} style={{ fontSize: 12 }}>
            <SvgFig text={`${answer.across.text} across, ${answer.down.text} down`} />
          </text>
        </g>
      )}
    </g>
  );
}
