import { Field, Input, type InputProps } from '@chakra-ui/react';

/** A text of a form that is sent as a whole; what is wrong with it the server says. */
export function PlainField({
  label,
  value,
  onText,
  hint,
  width,
  ...rest
}: {
  label: string;
  value: string;
  onText: (text: string) => void;
  hint?: string;
} & Omit<InputProps, 'value' | 'onChange'>) {
  return (
    <Field.Root width={width as string | undefined} flex={width ? undefined : '1'}>
      <Field.Label color="soft" fontSize="13px" fontWeight="500">
        {label}
      </Field.Label>
      <Input
        size="sm"
        bg="card"
        borderColor="hairline"
        autoComplete="off"
        value={value}
        onChange={(e) => onText(e.currentTarget.value)}
        {...rest}
      />
      {hint && <Field.HelperText color="soft">{hint}</Field.HelperText>}
    </Field.Root>
  );
}
