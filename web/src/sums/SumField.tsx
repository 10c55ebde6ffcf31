import { chakra } from '@chakra-ui/react';
import type { SumView } from '../api/client';
import { shownIn, type Texts } from './typed';

const Line = chakra('input');
const Choice = chakra('select');

const LOOK = {
  bg: 'transparent',
  borderBottomWidth: '1.5px',
  borderColor: 'fold',
  color: 'ink',
  fontWeight: '600',
  px: '0.5',
  py: '0',
  lineHeight: '1.55',
  maxW: '100%',
  _hover: { borderColor: 'sea', bg: 'sea-wash' },
} as const;

/** A field that stands in a line of words, as wide as what is in it. */
export function SumField({
  field,
  texts,
  refused,
  onText,
}: {
  field: SumView['fields'][number];
  texts: Texts;
  refused: boolean;
  onText: (text: string | null) => void;
}) {
  const shown = shownIn(field, texts);
  const typed = texts[field.key] !== undefined;
  const common = { 'aria-label': field.label, borderStyle: typed ? 'solid' : 'dashed' } as const;
  if (field.type === 'CHOICE') {
    return (
      <Choice {...LOOK} {...common} value={shown} onChange={(e) => onText(e.currentTarget.value)}>
        {field.among.map((c) => (
          <option key={c.value} value={c.value}>
            {c.text}
          </option>
        ))}
      </Choice>
    );
  }
  if (field.type === 'COLOUR') {
    return (
      <Line
        {...common}
        type="color"
        w="44px"
        h="22px"
        p="0"
        bg="transparent"
        verticalAlign="-5px"
        cursor="pointer"
        value={shown.toLowerCase()}
        onChange={(e) => onText(e.currentTarget.value)}
      />
    );
  }
  const unit = field.figure?.unit;
  return (
    <chakra.span whiteSpace="nowrap">
      <Line
        {...LOOK}
        {...common}
        aria-invalid={(refused && typed) || undefined}
        css={{ fieldSizing: 'content' }}
        minW="3ch"
        htmlSize={Math.max(2, shown.length)}
        autoComplete="off"
        inputMode={field.type === 'LENGTH' ? 'text' : 'decimal'}
        value={shown}
        onFocus={(e) => e.currentTarget.select()}
        onChange={(e) => onText(e.currentTarget.value)}
        onBlur={() => texts[field.key]?.trim() === '' && onText(null)}
        onKeyDown={(e) => e.key === 'Escape' && onText(null)}
      />
      {unit && <chakra.span color="soft"> {unit}</chakra.span>}
    </chakra.span>
  );
}
