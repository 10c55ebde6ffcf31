import { Field, Input, Text } from '@chakra-ui/react';
import { type ReactNode, useEffect, useState } from 'react';

/** A small whole number; what is no such number stays in the field with a sentence under it. */
export function CountField({
  label,
  value,
  least,
  most,
  onCount,
  width,
  typical,
  hint,
  quiet,
  disabled,
}: {
  label: string;
  value: number;
  least: number;
  most: number;
  onCount: (count: number) => void;
  width?: string;
  typical?: boolean;
  hint?: ReactNode;
  /** what it counts stands beside it already: only told to those who listen */
  quiet?: boolean;
  disabled?: boolean;
}) {
  const [text, setText] = useState<string | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a value from elsewhere shows anew
  useEffect(() => setText(null), [value]);
  const shown = text ?? String(value);
  const wrong = !(/^\d+$/.test(shown.trim()) && Number(shown) >= least && Number(shown) <= most);
  return (
    <Field.Root invalid={wrong} width={width}>
      <Field.Label color="soft" fontSize="13px" fontWeight="500" srOnly={quiet}>
        {label}
      </Field.Label>
      <Input
        size="sm"
        bg={typical ? 'sheet' : 'card'}
        color={typical ? 'soft' : undefined}
        borderStyle={typical ? 'dashed' : undefined}
        borderColor={typical ? 'fold' : 'hairline'}
        disabled={disabled}
        inputMode="numeric"
        autoComplete="off"
        value={shown}
        onFocus={(e) => e.currentTarget.select()}
        onChange={(e) => {
          const typed = e.currentTarget.value;
          setText(typed);
          const count = Number(typed);
          if (/^\d+$/.test(typed.trim()) && count >= least && count <= most && count !== value) {
            onCount(count);
          }
        }}
        onKeyDown={(e) => {
          if (e.key === 'Escape') {
            setText(null);
          } else if (e.key === 'Enter') {
            e.preventDefault();
          }
        }}
      />
      {!wrong && hint && (
        <Text fontSize="12px" color="soft">
          {hint}
        </Text>
      )}
      {wrong && (
        <Field.ErrorText color="rust" role="alert">
          {label} ({shown || 'empty'}) is not possible. Give a whole number from {least} to {most}.
        </Field.ErrorText>
      )}
    </Field.Root>
  );
}
