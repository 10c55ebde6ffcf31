import type { FaceView } from '../api/client';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';
import { useOthers } from './Live';
import { called, initials, onFace } from './told';

const RADIUS = 12;
const APART = 27;

/** Who else looks at a face, in its upper right corner on the map; k is pixels to a millimetre. */
export function OthersOnMap({ pieceId, face, k }: { pieceId: string; face: FaceView; k: number }) {
  const here = onFace(useOthers(), pieceId, face.id);
  const right = (face.onNet?.widthMm ?? 0) * k;
  return here.map((other, i) => (
    <g
      key={other.window}
      transform={`translate(${num(right - RADIUS - 6 - i * APART)} ${RADIUS + 6})`}
    >
      <title>{`${called(other)} is at ${face.name}`}</title>
      <circle r={RADIUS} fill={ink('sea')} stroke={ink('sheet')} strokeWidth="2" />
      <text
        textAnchor="middle"
        dominantBaseline="central"
        style={{ fontSize: 11, fontWeight: 700 }}
        fill={ink('sheet')}
      >
        {initials(other.person)}
      </text>
    </g>
  ));
}
