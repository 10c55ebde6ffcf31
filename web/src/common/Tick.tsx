import { Checkbox } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** Something that is so or is not so. */
export function Tick({
  on,
  onToggle,
  children,
}: {
  on: boolean;
  onToggle: (on: boolean) => void;
  children: ReactNode;
}) {
  return (
    <Checkbox.Root size="sm" checked={on} onCheckedChange={(e) => onToggle(e.checked === true)}>
      <Checkbox.HiddenInput />
      <Checkbox.Control
        borderColor="fold"
        bg="card"
        _checked={{ bg: 'sea', borderColor: 'sea', color: 'sheet' }}
      >
        <Checkbox.Indicator />
      </Checkbox.Control>
      <Checkbox.Label fontWeight="400">{children}</Checkbox.Label>
    </Checkbox.Root>
  );
}
