import type { CoatGroup } from '../api/client';
import { ink } from '../theme/theme';

const W = 370;
const H = 96;

/** The bare surface in a cut: wood by its grain, what is slick by its gloss. */
export function SurfaceDrawing({ surface }: { surface: CoatGroup['surface'] }) {
  const wooden = ['WOOD', 'VENEER', 'BOARD'].includes(surface.makeUp);
  const hollows = Math.min(3, surface.damage.length);
  return (
    <svg
      width="100%"
      height={H}
      viewBox={`0 0 ${W} ${H}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={`${surface.text}, ${surface.noteText}`}
    >
      <rect width={W} height={H} fill={surface.now} stroke={ink('fold')} />
      {surface.makeUp === 'BOARD' &&
        Array.from({ length: 90 }, (_, i) => (
          <circle
            // biome-ignore lint/suspicious/noArrayIndexKey: chips of one board
            key={i}
            cx={(i * 67) % W}
            cy={6 + ((i * 41) % (H - 10))}
            r={1 + (i % 3) * 0.7}
            fill={ink('ink')}
            opacity="0.14"
          />
        ))}
      {wooden &&
        surface.makeUp !== 'BOARD' &&
        Array.from({ length: 7 }, (_, i) => (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: lines of one grain
            key={i}
            d={wave(14 + i * 12, i)}
            fill="none"
            stroke={ink('ink')}
            opacity="0.26"
          />
        ))}
      {surface.makeUp === 'VENEER' && (
        <path d={`M0 22H${W}`} stroke={ink('ink')} strokeWidth="1.5" opacity="0.5" />
      )}
      {!wooden && (
        <>
          <path d={`M0 3H${W}`} stroke={ink('card')} strokeWidth="4" opacity="0.7" />
          <path
            d={Array.from({ length: 22 }, (_, i) => `M${i * 18} ${H}l22 -${H - 12}`).join('')}
            stroke={ink('ink')}
            opacity="0.1"
          />
        </>
      )}
      {Array.from({ length: hollows }, (_, i) => {
        const x = 84 + i * 110;
        return (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: hollows of one surface
            key={i}
            d={`M${x} 0L${x + 9} 17L${x + 22} 12L${x + 30} 0Z`}
            fill={ink('paper')}
            stroke={ink('soft')}
          />
        );
      })}
      {surface.finish !== 'BARE' && (
        <rect
          width={W}
          height="5"
          fill={ink(surface.finish === 'PAINTED' ? 'fold' : 'tape')}
          opacity="0.75"
        />
      )}
    </svg>
  );
}

function wave(y: number, seed: number) {
  const up = 3 + (seed % 3);
  const steps = Array.from({ length: 6 }, (_, i) => `q31 ${i % 2 ? up : -up} 62 0`).join('');
  return `M0 ${y}${steps}`;
}
