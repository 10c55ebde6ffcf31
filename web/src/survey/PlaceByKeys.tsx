import { useEffect, useState } from 'react';
import type { FaceView } from '../api/client';
import { SvgFig } from '../common/Fig';
import { GripRing } from '../common/GripRing';
import { num, type Spot } from '../map/viewport';
import { ink } from '../theme/theme';
import { movedOnFace } from './placing';
import { useBetween } from './useBetween';

type Props = {
  readonly face: FaceView;
  /** pixels for a millimetre */
  readonly k: number;
  readonly label: string;
  readonly onPut: (at: Spot) => void;
};

const ARM_PX = 22;
/** The least there is above it for its words. */
const ROOM_PX = 56;
const WORDS_PX = 284;

const CORNER: Spot = { x: 0, y: 0 };

/** So long a key rests before the place is told: in between it is another one already. */
const REST_MS = 150;

/** Where a cross stands that has come to rest, as the tape shows it. */
function useTold(at: Spot): string | undefined {
  const [rest, setRest] = useState<Spot>(at);
  useEffect(() => {
    const timer = setTimeout(() => setRest(at), REST_MS);
    return () => clearTimeout(timer);
  }, [at]);
  const answer = useBetween(CORNER, rest);
  return answer && rest === at
    ? `${answer.across.text} from the left, ${answer.down.text} from the top`
    : undefined;
}

/** A cross that the arrow keys carry over a face; Enter puts there what a click would. */
export function PlaceByKeys({ face, k, label, onPut }: Props) {
  const [at, setAt] = useState<Spot>({ x: face.width.mm / 2, y: face.height.mm / 2 });
  const told = useTold(at);
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
        told={told}
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
      {told && (
        <g
          transform={`translate(${num(x)} ${num(y + (y > ROOM_PX ? -ARM_PX - 20 : ARM_PX + 20))})`}
        >
          <rect
            x={-WORDS_PX / 2}
            y="-13"
            width={WORDS_PX}
            height="26"
            rx="6"
            fill={ink('card')}
            stroke={ink('rust')}
          />
          <text
            textAnchor="middle"
            dy="0.35em"
            fill={ink('rust')}
            style={{ fontSize: 13, fontWeight: 600 }}
            data-testid="place"
          >
            <SvgFig text={told} />
          </text>
        </g>
      )}
    </g>
  );
}
