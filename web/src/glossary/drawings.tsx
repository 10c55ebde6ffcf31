import type { ReactNode } from 'react';
import { ink } from '../theme/theme';

const W = 120;
const H = 72;

const GROUND = 'var(--chakra-colors-sheet)';
const SEA = 'var(--chakra-colors-sea)';
const GLASS = 'var(--chakra-colors-glass)';
const EDGE = ink('fold');
const MARK = ink('rust');
const GUIDE = ink('ochre');

function Ground({ x = 6, y = 10, w = 108, h = 52 }) {
  return <rect x={x} y={y} width={w} height={h} fill={GROUND} stroke={EDGE} />;
}

/** A leaf, which shows what is up and what is mirrored. */
function Leaf({
  x,
  y,
  size = 16,
  turn = 0,
  flip = false,
  fill = SEA,
}: {
  x: number;
  y: number;
  size?: number;
  turn?: number;
  flip?: boolean;
  fill?: string;
}) {
  const k = size / 16;
  return (
    <path
      transform={`translate(${x} ${y}) rotate(${turn}) scale(${flip ? -k : k} ${k})`}
      d="M0 8C-7 3 -6 -5 2 -8C7 -1 5 5 0 8ZM0 8L1 -3"
      fill={fill}
      stroke="var(--chakra-colors-card)"
      strokeWidth="1"
    />
  );
}

function Arrow({ x1, x2, y, label }: { x1: number; x2: number; y: number; label?: string }) {
  return (
    <g stroke={MARK} fill="none">
      <path d={`M${x1} ${y - 4}V${y + 4}M${x2} ${y - 4}V${y + 4}M${x1} ${y}H${x2}`} />
      {label && (
        <text
          x={(x1 + x2) / 2}
          y={y - 4}
          textAnchor="middle"
          fontSize="10"
          fill={MARK}
          stroke="none"
        >
          {label}
        </text>
      )}
    </g>
  );
}

const grid = (drop: boolean, over: boolean) =>
  [0, 1, 2, 3].flatMap((c) =>
    [0, 1, 2].map((r) => (
      <Leaf
        key={`${c}/${r}`}
        x={22 + c * 24 + (over && r % 2 ? 12 : 0)}
        y={20 + r * 17 + (drop && c % 2 ? 8.5 : 0)}
        size={11}
      />
    )),
  );

const DRAWINGS = {
  face: (
    <>
      <path d="M10 30L34 16H84L60 30Z" fill={GROUND} stroke={EDGE} />
      <path d="M60 30L84 16V46L60 62Z" fill={GROUND} stroke={EDGE} />
      <rect x="10" y="30" width="50" height="32" fill={GLASS} stroke={SEA} />
      <path d="M92 38h10m-4 -4l4 4l-4 4" stroke={MARK} fill="none" />
    </>
  ),
  keepOut: (
    <>
      <Ground />
      <rect x="48" y="10" width="24" height="20" fill="none" stroke={MARK} strokeDasharray="3 2" />
      <path d="M48 30L68 10M54 30L72 12M48 22L60 10" stroke={MARK} strokeOpacity="0.6" />
      <Leaf x={26} y={40} />
      <Leaf x={94} y={40} />
    </>
  ),
  break: (
    <>
      <Ground y={10} h={24} />
      <Ground y={38} h={24} />
      <path d="M2 36H118" stroke={MARK} strokeDasharray="4 2" />
      <Leaf x={60} y={36} size={34} />
    </>
  ),
  square: (
    <>
      <rect x="14" y="12" width="92" height="46" fill="none" stroke={GUIDE} strokeDasharray="3 3" />
      <path d="M14 12L106 12L109 62L10 56Z" fill={GROUND} stroke={EDGE} />
      <path d="M14 12L109 62M106 12L10 56" stroke={MARK} strokeDasharray="2 3" />
    </>
  ),
  slant: (
    <>
      <path d="M22 14H98L82 60H38Z" fill={GROUND} stroke={EDGE} />
      <ellipse cx="60" cy="14" rx="38" ry="5" fill={GLASS} stroke={SEA} />
      <path d="M104 14L88 60M100 14h8M84 60h8" stroke={MARK} />
    </>
  ),
  run: (
    <>
      <Ground y={24} h={26} />
      {[20, 40, 60, 80, 100].map((x) => (
        <Leaf key={x} x={x} y={37} />
      ))}
    </>
  ),
  ring: (
    <>
      <circle cx="60" cy="36" r="31" fill={GROUND} stroke={EDGE} />
      {[0, 45, 90, 135, 180, 225, 270, 315].map((a) => (
        <g key={a} transform={`rotate(${a} 60 36)`}>
          <Leaf x={60} y={15} size={13} />
        </g>
      ))}
    </>
  ),
  border: (
    <>
      <Ground />
      {[30, 50, 70, 90].flatMap((x) => [
        <Leaf key={`${x}t`} x={x} y={18} size={11} />,
        <Leaf key={`${x}b`} x={x} y={54} size={11} turn={180} />,
      ])}
      <Leaf x={14} y={36} size={11} turn={-90} />
      <Leaf x={106} y={36} size={11} turn={90} />
      {[
        [9, 13],
        [102, 13],
        [9, 50],
        [102, 50],
      ].map(([x, y]) => (
        <rect key={`${x}/${y}`} x={x} y={y} width="9" height="9" fill={GLASS} stroke={SEA} />
      ))}
    </>
  ),
  pitch: (
    <>
      {[24, 60, 96].map((x) => (
        <rect key={x} x={x - 11} y="24" width="22" height="20" fill={SEA} />
      ))}
      <Arrow x1={24} x2={60} y={60} label="pitch" />
      <Arrow x1={71} x2={85} y={16} label="gap" />
    </>
  ),
  halfDrop: grid(true, false),
  brick: grid(false, true),
  sliver: (
    <>
      <Ground y={22} h={28} />
      {[12, 34, 56, 78].map((x) => (
        <rect key={x} x={x} y="26" width="16" height="20" fill={SEA} />
      ))}
      <rect x="110" y="26" width="4" height="20" fill={GLASS} stroke={MARK} />
    </>
  ),
  pair: (
    <>
      <path d="M60 8V64" stroke={GUIDE} strokeDasharray="3 3" />
      <Leaf x={36} y={36} size={40} flip />
      <Leaf x={84} y={36} size={40} />
    </>
  ),
  datum: (
    <>
      <rect
        x="6"
        y="38"
        width="108"
        height="20"
        fill={ink('ochre')}
        fillOpacity="0.35"
        stroke={EDGE}
      />
      {[0, 1, 2, 3, 4, 5].map((i) => (
        <path key={i} d={`M${12 + i * 18} 38v8`} stroke="var(--chakra-colors-ink)" />
      ))}
      {[30, 58, 86].map((x) => (
        <g key={x} stroke={MARK} fill={MARK}>
          <path d={`M12 ${16 + (x - 30) / 4}H${x}V34`} fill="none" strokeDasharray="2 2" />
          <path d={`M${x - 3} 32h6l-3 6z`} />
        </g>
      ))}
    </>
  ),
  pass: (
    <>
      <Ground y={22} h={28} />
      {[20, 40, 60, 80, 100].map((x, i) => (
        <g key={x}>
          <rect x={x - 8} y="27" width="16" height="18" fill={i % 2 ? GLASS : SEA} stroke={SEA} />
          <text
            x={x}
            y="40"
            textAnchor="middle"
            fontSize="11"
            fill={i % 2 ? 'var(--chakra-colors-ink)' : 'var(--chakra-colors-sheet)'}
          >
            {i % 2 ? 2 : 1}
          </text>
        </g>
      ))}
    </>
  ),
  bridge: (
    <>
      <rect x="22" y="6" width="76" height="60" fill={GROUND} stroke={EDGE} />
      <circle cx="60" cy="36" r="24" fill={SEA} />
      <circle cx="60" cy="36" r="11" fill={GROUND} />
      <rect x="57" y="11" width="6" height="15" fill={GROUND} />
      <rect x="57" y="46" width="6" height="15" fill={GROUND} />
      <path d="M70 16L63 19M70 56L63 53" stroke={MARK} />
    </>
  ),
  seam: (
    <>
      <rect x="8" y="14" width="56" height="46" fill={GLASS} stroke={SEA} />
      <rect x="56" y="12" width="56" height="46" fill={GROUND} stroke={SEA} />
      <Arrow x1={56} x2={64} y={8} />
      <Leaf x={32} y={38} />
      <Leaf x={88} y={36} />
    </>
  ),
  allowance: (
    <>
      <rect x="14" y="8" width="92" height="56" fill={GLASS} stroke={MARK} strokeDasharray="4 3" />
      <rect x="22" y="16" width="76" height="40" fill={GROUND} stroke={EDGE} />
      <Leaf x={60} y={36} size={26} />
    </>
  ),
  through: (
    <>
      {[0, 58].map((x) => (
        <g key={x}>
          <Ground x={x + 6} y={8} w={50} h={25} />
          <Ground x={x + 6} y={39} w={50} h={25} />
        </g>
      ))}
      <path d="M12 60L25 39M29 33L44 10" stroke={SEA} strokeWidth="3" />
      <path d="M72 60L87 39M87 33L102 10" stroke={SEA} strokeWidth="3" />
    </>
  ),
  mitre: (
    <>
      <path d="M20 14H106L88 32H38Z" fill={GLASS} stroke={SEA} />
      <path d="M20 14L38 32V64H20Z" fill={GROUND} stroke={SEA} />
      <path d="M20 14L38 32" stroke={MARK} strokeWidth="2" />
    </>
  ),
  buildUp: (
    <>
      {[
        ['var(--chakra-colors-sheet)', 48, 18],
        [GLASS, 40, 8],
        [SEA, 30, 10],
        [ink('ochre'), 24, 6],
        ['none', 18, 6],
      ].map(([fill, y, h]) => (
        <rect
          key={y}
          x="14"
          y={y as number}
          width="92"
          height={h as number}
          fill={fill as string}
          stroke={EDGE}
        />
      ))}
    </>
  ),
  window: (
    <>
      <path d="M8 44H112" stroke="var(--chakra-colors-ink)" />
      <rect x="12" y="34" width="34" height="10" fill={GLASS} stroke={SEA} />
      <rect x="46" y="28" width="40" height="16" fill="none" stroke={GUIDE} strokeDasharray="3 2" />
      <path d="M46 50v6M86 50v6M46 53H86" stroke={MARK} />
    </>
  ),
  dry: (
    <>
      <path d="M8 50H112" stroke="var(--chakra-colors-ink)" />
      <path d="M10 50C30 24 60 18 110 14" stroke={SEA} fill="none" strokeWidth="2" />
      <path d="M40 50V24M96 50V15" stroke={MARK} strokeDasharray="2 2" />
      <text x="40" y="62" textAnchor="middle" fontSize="10" fill={MARK}>
        dry
      </text>
      <text x="96" y="62" textAnchor="middle" fontSize="10" fill={MARK}>
        cured
      </text>
    </>
  ),
} satisfies Record<string, ReactNode>;

export type DrawingName = keyof typeof DRAWINGS;

/** What a word means, drawn; the sentence beside it says the same. */
export function TermDrawing({ name }: { name: DrawingName }) {
  return (
    <svg width={W} height={H} viewBox={`0 0 ${W} ${H}`} aria-hidden data-drawing={name}>
      {DRAWINGS[name]}
    </svg>
  );
}
