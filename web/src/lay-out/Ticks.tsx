import type { FaceView, HandleView, LayView } from '../api/client';
import { SvgFig } from '../common/Fig';
import { num, type Spot } from '../map/viewport';
import { ink } from '../theme/theme';

/** How far below the face its tape lies. */
export const TAPE_BELOW = 88;

type SetOut = NonNullable<LayView['laid']>['setOuts'][number];

/** Marks that lie on a straight edge can be shown on the tape beside the face. */
export const ON_TOP = new Set(['TOP_FROM_LEFT', 'BOTTOM_FROM_LEFT']);
export const ON_SIDE = new Set(['LEFT_FROM_TOP', 'RIGHT_FROM_TOP']);

/** From each mark a dotted line to the tape. */
export function Ticks({
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
export function Advice({ middle, y, text }: { middle: number; y: number; text: string }) {
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
