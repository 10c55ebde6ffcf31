import type { ReactNode } from 'react';
import { Button } from './Button';

/** Something to look for, on or off. */
export function Pill({
  on,
  onClick,
  children,
}: {
  on: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <Button
      size="xs"
      px="3"
      look={on ? 'sea' : 'quiet'}
      borderRadius="full"
      aria-pressed={on}
      onClick={onClick}
    >
      {children}
    </Button>
  );
}
