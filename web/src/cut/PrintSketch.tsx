import type { ReactNode } from 'react';
import type { PrintView } from '../api/client';
import { ink } from '../theme/theme';

/** What comes out of the printer, in small: pages that overlap, and what is on them. */
export function PrintSketch({ what }: { what: PrintView['what'] }) {
  return (
    <svg width="72" height="60" viewBox="0 0 72 60" aria-hidden="true" style={{ flexShrink: 0 }}>
      <g fill={ink('card')} stroke={ink('fold')}>
        <rect x="2" y="2" width="35" height="56" rx="1.5" />
        <rect x="35" y="2" width="35" height="56" rx="1.5" fillOpacity="0.75" />
      </g>
      {SKETCHES[what]}
    </svg>
  );
}

const SKETCHES: Record<PrintView['what'], ReactNode> = {
  TEMPLATES: (
    <g fill="none" stroke={ink('sea')} strokeWidth="1.6">
      <path d="M9 52V24Q36 2 63 24V52Z" />
      <path d="M36 10V52M9 34H63" strokeWidth="0.8" strokeDasharray="2 2" />
      <circle cx="36" cy="34" r="2.5" stroke={ink('rust')} />
    </g>
  ),
  PARTS: (
    <g strokeWidth="1.4">
      <rect x="8" y="9" width="22" height="17" fill={ink('seaWash')} stroke={ink('rust')} />
      <rect x="8" y="32" width="22" height="20" fill={ink('ochreWash')} stroke={ink('rust')} />
      <path d="M42 10H64V50H42Z" fill={ink('mossWash')} stroke={ink('rust')} />
      <path d="M47 46Q49 28 53 16M51 46Q54 30 59 22" fill="none" stroke={ink('moss')} />
    </g>
  ),
  STRIPS: (
    <g stroke={ink('tapeEdge')}>
      {[9, 26, 43].map((y) => (
        <g key={y}>
          <rect x="6" y={y} width="60" height="10" fill={ink('tape')} />
          {[12, 22, 32, 42, 52, 62].map((x) => (
            <path key={x} d={`M${x} ${y}v4`} stroke={ink('tapeInk')} strokeWidth="1.1" />
          ))}
        </g>
      ))}
    </g>
  ),
  IMAGES: (
    <g>
      <rect x="8" y="12" width="56" height="36" fill={ink('seaWash')} stroke={ink('sea')} />
      <circle cx="49" cy="22" r="6" fill={ink('tape')} />
      <path d="M8 40Q22 30 36 38T64 36V48H8Z" fill={ink('sea')} />
    </g>
  ),
};
