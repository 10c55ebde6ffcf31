import { Field, Group, Input, InputAddon, Text } from '@chakra-ui/react';
import { type ReactNode, useEffect, useState } from 'react';
import type { FieldView } from '../api/client';

type Figure = NonNullable<FieldView['figure']>;

/** A figure with its unit; what is no such figure stays in the field with a sentence under it. */
export function FigureField({
  label,
  figure,
  typical,
  hint,
  width,
  onFigure,
}: {
  label: string;
  figure: Figure;
  typical?: boolean;
  hint?: ReactNode;
  width?: string;
  onFigure: (value: number) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a value from elsewhere shows anew
  useEffect(() => setText(null), [figure.value]);
  const shown = text ?? figure.text;
  const read = (typed: string) => {
    const plain = typed.trim().replace(',', '.');
    const value = Number(plain);
    return plain !== '' && Number.isFinite(value) && value >= figure.least && value <= figure.most
      ? value
      : null;
  };
  const wrong = read(shown) === null;
  const done = () => {
    const value = read(shown);
    if (text !== null && value !== null) {
      onFigure(value);
    }
  };
  return (
    <Field.Root invalid={wrong} width={width}>
      <Field.Label color="soft" fontSize="13px" fontWeight="500">
        {label}
      </Field.Label>
      <Group attached w="100%">
        <Input
          size="sm"
          flex="1"
          bg={typical ? 'sheet' : 'card'}
          color={typical ? 'soft' : undefined}
          borderStyle={typical ? 'dashed' : undefined}
          borderColor={typical ? 'fold' : 'hairline'}
          inputMode="decimal"
          autoComplete="off"
          value={shown}
          onFocus={(e) => e.currentTarget.select()}
          onChange={(e) => setText(e.currentTarget.value)}
          onBlur={done}
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              e.preventDefault();
              if (text === null && typical) {
                onFigure(figure.value);
              } else {
                done();
              }
            } else if (e.key === 'Escape') {
              setText(null);
            }
          }}
        />
        {figure.unit && (
          <InputAddon bg="sheet" borderColor="hairline" color="soft" h="9" px="2" fontSize="12.5px">
            {figure.unit}
          </InputAddon>
        )}
      </Group>
      {wrong ? (
        <Field.ErrorText color="rust" role="alert">
          {label} ({shown || 'empty'}) is not possible. Give a figure from {figure.least} to{' '}
          {figure.most} {figure.unit}.
        </Field.ErrorText>
      ) : (
        hint && (
          <Text fontSize="12px" color="soft">
            {hint}
          </Text>
        )
      )}
    </Field.Root>
  );
}
