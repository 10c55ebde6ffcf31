import { memo } from 'react';
import type { FaceView } from '../api/client';
import { FaceDrawing, Insets } from '../map/FaceDrawing';
import type { Room } from '../map/FaceMap';
import { FaceTarget } from '../map/FaceTarget';
import type { Stencils } from '../map/Items';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

type Props = {
  readonly face: FaceView;
  readonly faces: ReadonlyArray<FaceView>;
  readonly stencils: Stencils;
  /** pixels for a millimetre */
  readonly k: number;
  /** how far the map goes on beyond the face on each side */
  readonly room: Room;
  /** the tape stands at the left */
  readonly upright: boolean;
  readonly onGo: (faceId: string) => void;
};

const SIDE = { LEFT: 'left', RIGHT: 'right', TOP: 'above', BOTTOM: 'below' } as const;

type Neighbour = {
  readonly side: keyof Room;
  readonly face: FaceView;
  /** where its top left corner lies along the edge they share, from that of the face */
  readonly alongMm: number;
};

/** Clear of the letters, the lengths and the tape beside the face. */
const APART = { left: 70, right: 70, above: 84, below: 206 } as const;
const APART_FROM_UPRIGHT = { left: 200, right: 52, above: 84, below: 62 } as const;
/** Less of it than this says nothing. */
const LEAST_SEEN = 44;

/**
 * The faces next to this one, paler, where the map would be empty: a band is carried round the corner
 * to where it goes on.
 */
export const Neighbours = memo(function Neighbours({
  face,
  faces,
  stencils,
  k,
  room,
  upright,
  onGo,
}: Props) {
  const apart = upright ? APART_FROM_UPRIGHT : APART;
  const shown = face.nextTo.flatMap(({ edge, faceId, alongMm }) => {
    const side = SIDE[edge];
    const next = faces.find((f) => f.id === faceId);
    return next && room[side] > apart[side] + LEAST_SEEN ? [{ side, face: next, alongMm }] : [];
  });
  return shown.map((n) => (
    <Beside
      key={n.face.id}
      of={face}
      neighbour={n}
      alone={shown.filter((other) => other.side === n.side).length === 1}
      apart={apart}
      faces={faces}
      stencils={stencils}
      k={k}
      onGo={onGo}
    />
  ));
});

/** Room for a name on a face that has others over and under it. */
const LEAST_NAMED = 26;

function Beside({
  of,
  neighbour,
  alone,
  apart,
  faces,
  stencils,
  k,
  onGo,
}: Pick<Props, 'faces' | 'stencils' | 'k' | 'onGo'> & {
  of: FaceView;
  neighbour: Neighbour;
  /** the only one on its side: its name stands beside it */
  alone: boolean;
  apart: Room;
}) {
  const { side, face, alongMm } = neighbour;
  const w = face.width.mm * k;
  const h = face.height.mm * k;
  const at = {
    left: { x: -apart.left - w, y: alongMm * k },
    right: { x: of.width.mm * k + apart.right, y: alongMm * k },
    above: { x: alongMm * k, y: -apart.above - h },
    below: { x: alongMm * k, y: of.height.mm * k + apart.below },
  }[side];
  const atRight = side === 'left' || side === 'above';
  return (
    <g transform={`translate(${num(at.x)} ${num(at.y)})`} data-beside={face.id}>
      <g opacity="0.5" pointerEvents="none">
        <g transform={`scale(${k})`}>
          <FaceDrawing face={face} stencils={stencils} />
          <Insets face={face} faces={faces} stencils={stencils} />
        </g>
      </g>
      {(alone || h > LEAST_NAMED) && (
        <text
          x={alone ? (atRight ? w : 0) : atRight ? w - 8 : 8}
          y={alone ? (side === 'above' ? h + 17 : -8) : 18}
          textAnchor={atRight ? 'end' : 'start'}
          fill={ink('soft')}
          stroke={alone ? undefined : ink('paper')}
          strokeWidth={alone ? undefined : 5}
          strokeLinejoin="round"
          paintOrder="stroke"
          style={{ fontSize: 13 }}
        >
          {face.name}
        </text>
      )}
      <FaceTarget
        width={w}
        height={h}
        label={`Go on to ${face.name}`}
        onMap
        onGo={() => onGo(face.id)}
      />
    </g>
  );
}
