import { Field, NativeSelect } from '@chakra-ui/react';

/** One of a few ways, in a plain select. */
export function ChoiceField<V extends string>({
  label,
  value,
  among,
  onChoice,
  width,
}: {
  label: string;
  value: V;
  among: ReadonlyArray<readonly [V, string]>;
  onChoice: (value: V) => void;
  width?: string;
}) {
  return (
    <Field.Root width={width}>
      <Field.Label color="soft" fontSize="13px" fontWeight="500">
        {label}
      </Field.Label>
      <NativeSelect.Root size="sm">
        <NativeSelect.Field
          bg="card"
          borderColor="hairline"
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
    </Field.Root>
  );
}
