import { Field, NativeSelect, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** One of a few ways, in a plain select. */
export function ChoiceField<V extends string>({
  label,
  value,
  among,
  onChoice,
  width,
  typical,
  hint,
}: {
  label: string;
  value: V;
  among: ReadonlyArray<readonly [V, string]>;
  onChoice: (value: V) => void;
  width?: string;
  typical?: boolean;
  hint?: ReactNode;
}) {
  return (
    <Field.Root width={width}>
      <Field.Label color="soft" fontSize="13px" fontWeight="500">
        {label}
      </Field.Label>
      <NativeSelect.Root size="sm">
        <NativeSelect.Field
          bg={typical ? 'sheet' : 'card'}
          color={typical ? 'soft' : undefined}
          borderStyle={typical ? 'dashed' : undefined}
          borderColor={typical ? 'fold' : 'hairline'}
          value={value}
          onChange={(e) => onChoice(e.currentTarget.value as V)}
        >
          {among.map(([key, text]) => (
            <option key={key} value={key}>
              {text}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
      {hint && (
        <Text fontSize="12px" color="soft">
          {hint}
        </Text>
      )}
    </Field.Root>
  );
}
