import type { KeyboardEvent } from 'react';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

type Props = {
  /** in pixels of the drawing */
  readonly at: { readonly x: number; readonly y: number };
  /** the same in shares of what it lies on, for whoever does not see it */
  readonly share: { readonly x: number; readonly y: number };
  /** the same as a person would say it; in shares where nothing better is known */
  readonly told?: string;
  readonly label: string;
  /** gripped with a pointer; nothing where that goes through to the drawing below */
  readonly onHold?: (pointer: number) => void;
  readonly onKey: (e: KeyboardEvent) => void;
};

const percent = (share: number) => Math.round(share * 100);

/** A ring that is laid on a place of a picture, by hand or by the arrow keys. */
export function GripRing({ at, share, told, label, onHold, onKey }: Props) {
  return (
    <circle
      cx={num(at.x)}
      cy={num(at.y)}
      r="8"
      fill={ink('sheet')}
      stroke={ink('rust')}
      strokeWidth="2.4"
      style={onHold ? { cursor: 'grab' } : { pointerEvents: 'none' }}
      tabIndex={0}
      role="slider"
      aria-label={label}
      aria-valuenow={percent(share.x)}
      aria-valuetext={told ?? `${percent(share.x)} % across, ${percent(share.y)} % down`}
      onPointerDown={(e) => {
        onHold?.(e.pointerId);
        e.stopPropagation();
      }}
      onKeyDown={onKey}
    />
  );
}
