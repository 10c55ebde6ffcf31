import { Box } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

type Props = {
  readonly colour: string;
  readonly fullShare: number;
  readonly name: string;
  /** what a share of it comes to, as text */
  readonly textOf: (share: number) => string;
  readonly onShare: (share: number) => void;
};

const TOP = 26;
const INSIDE = 150;
const WIDE = 118;

/**
 * A pot whose level can be put where it really is: drag the surface, or press the arrows. Nothing is
 * booked until it is let go.
 */
export function LevelJar({ colour, fullShare, name, textOf, onShare }: Props) {
  const jar = useRef<HTMLDivElement>(null);
  const [dragged, setDragged] = useState<number | null>(null);
  const share = dragged ?? fullShare;
  const y = TOP + INSIDE * (1 - share);
  const at = (clientY: number) => {
    const box = jar.current?.getBoundingClientRect();
    return box
      ? Math.min(1, Math.max(0, 1 - ((clientY - box.top) * (200 / box.height) - TOP) / INSIDE))
      : share;
  };
  const by = (change: number) => setDragged(Math.min(1, Math.max(0, share + change)));
  const book = () => {
    if (dragged !== null && Math.abs(dragged - fullShare) > 0.001) {
      onShare(dragged);
    }
    setDragged(null);
  };
  return (
    <Box
      ref={jar}
      position="relative"
      w="176px"
      h="200px"
      cursor="ns-resize"
      style={{ touchAction: 'none' }}
      role="slider"
      tabIndex={0}
      aria-label={`Level of ${name}`}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(share * 100)}
      aria-valuetext={textOf(share)}
      aria-orientation="vertical"
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setDragged(at(e.clientY));
      }}
      onPointerMove={(e) => {
        if (e.currentTarget.hasPointerCapture(e.pointerId)) {
          setDragged(at(e.clientY));
        }
      }}
      onPointerUp={book}
      onPointerCancel={() => setDragged(null)}
      onBlur={() => setDragged(null)}
      onKeyDown={(e) => {
        const step = e.shiftKey ? 0.1 : 0.01;
        if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
          e.preventDefault();
          by(e.key === 'ArrowUp' ? step : -step);
        } else if (e.key === 'Enter') {
          book();
        } else if (e.key === 'Escape') {
          setDragged(null);
        }
      }}
    >
      <svg width="176" height="200" viewBox="0 0 176 200" aria-hidden="true">
        <rect x="20" y="6" width={WIDE + 8} height="18" rx="3" fill={ink('lid')} />
        <rect
          x="24"
          y="24"
          width={WIDE}
          height={INSIDE + 6}
          rx="8"
          fill={ink('glass')}
          stroke={ink('soft')}
          strokeWidth="1.5"
        />
        {share > 0.004 && (
          <rect
            x="27"
            y={num(y)}
            width={WIDE - 6}
            height={num(TOP + INSIDE - y + 1)}
            rx="4"
            fill={colour}
            stroke={ink('soft')}
            strokeOpacity="0.3"
          />
        )}
        {[0.25, 0.5, 0.75].map((t) => (
          <path
            key={t}
            d={`M${24 + WIDE - 12} ${num(TOP + INSIDE * (1 - t))}h12`}
            stroke={ink('soft')}
            strokeOpacity="0.6"
          />
        ))}
        <path
          d={`M14 ${num(y)}h${WIDE + 20}`}
          stroke={ink('rust')}
          strokeWidth="1.8"
          strokeDasharray={dragged === null ? '4 3' : undefined}
        />
        <path d={`M${WIDE + 36} ${num(y)}l9 -6v12z`} fill={ink('rust')} />
      </svg>
      {dragged !== null && (
        <Box
          position="absolute"
          left="26px"
          w="116px"
          textAlign="center"
          style={{ top: Math.max(2, y - 24) }}
          fontWeight="600"
          bg="sheet"
          borderRadius="sm"
          pointerEvents="none"
        >
          {textOf(dragged)}
        </Box>
      )}
    </Box>
  );
}
