import { useState } from 'react';
import type { FaceView } from '../api/client';
import { GripRing } from '../common/GripRing';
import { num, type Spot } from '../map/viewport';
import { ink } from '../theme/theme';
import { movedOnFace } from './placing';

type Props = {
  readonly face: FaceView;
  /** pixels for a millimetre */
  readonly k: number;
  readonly label: string;
  readonly onPut: (at: Spot) => void;
};

const ARM_PX = 22;

/** A cross that the arrow keys carry over a face; Enter puts there what a click would. */
export function PlaceByKeys({ face, k, label, onPut }: Props) {
  const [at, setAt] = useState<Spot>({ x: face.width.mm / 2, y: face.height.mm / 2 });
  const [x, y] = [at.x * k, at.y * k];
  return (
    <g style={{ pointerEvents: 'none' }}>
      <path
        d={`M${num(x - ARM_PX)} ${num(y)}H${num(x + ARM_PX)}M${num(x)} ${num(y - ARM_PX)}V${num(y + ARM_PX)}`}
        stroke={ink('rust')}
        strokeWidth="1.4"
      />
      <GripRing
        at={{ x, y }}
        share={{ x: at.x / face.width.mm, y: at.y / face.height.mm }}
        label={label}
        onKey={(e) => {
          const now = movedOnFace(at, e.key, e.shiftKey, face.width.mm, face.height.mm);
          if (now || e.key === 'Enter' || e.key === ' ') {
            e.preventDefault();
            e.stopPropagation();
          }
          if (now) {
            setAt(now);
          } else if (e.key === 'Enter' || e.key === ' ') {
            onPut(at);
          }
        }}
      />
    </g>
  );
}
