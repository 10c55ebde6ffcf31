import { Field, Input } from '@chakra-ui/react';
import { useEffect, useState } from 'react';

/** A name or a note: kept when the field is left or on Enter. */
export function TextField({
  label,
  value,
  most,
  mayBeEmpty,
  hideLabel,
  onText,
}: {
  label: string;
  value: string;
  most: number;
  mayBeEmpty?: boolean;
  hideLabel?: boolean;
  onText: (text: string) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a name from elsewhere shows anew
  useEffect(() => setText(null), [value]);
  const shown = text ?? value;
  const wrong = !mayBeEmpty && shown.trim() === '';
  const done = () => {
    if (!wrong && shown.trim() !== value) {
      onText(shown.trim());
    }
  };
  return (
    <Field.Root invalid={wrong} flex="1">
      <Field.Label color="soft" fontSize="13px" fontWeight="500" srOnly={hideLabel}>
        {label}
      </Field.Label>
      <Input
        size={hideLabel ? 'xs' : 'sm'}
        bg="card"
        borderColor={hideLabel ? 'transparent' : 'hairline'}
        fontWeight={hideLabel ? '600' : undefined}
        fontSize={hideLabel ? '13.5px' : undefined}
        px={hideLabel ? '1' : undefined}
        _hover={{ borderColor: 'hairline' }}
        maxLength={most}
        value={shown}
        onChange={(e) => setText(e.currentTarget.value)}
        onBlur={done}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            done();
          } else if (e.key === 'Escape') {
            setText(null);
          }
        }}
      />
      {wrong && (
        <Field.ErrorText color="rust">
          {label} (empty) is not a name. Give 1 to {most} characters.
        </Field.ErrorText>
      )}
    </Field.Root>
  );
}
