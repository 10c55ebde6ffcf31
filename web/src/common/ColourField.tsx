import { Box, Field, Flex, Input, Text } from '@chakra-ui/react';
import { type ReactNode, useEffect, useState } from 'react';

/** A colour, picked by eye or typed as its six figures. */
export function ColourField({
  label,
  value,
  typical,
  hint,
  width,
  onColour,
}: {
  label: string;
  value: string;
  typical?: boolean;
  hint?: ReactNode;
  width?: string;
  onColour: (hex: string) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a colour from elsewhere shows anew
  useEffect(() => setText(null), [value]);
  const shown = text ?? value;
  const wrong = !/^#[0-9a-f]{6}$/i.test(shown.trim());
  const done = () => {
    if (text !== null && !wrong) {
      onColour(shown.trim().toUpperCase());
    }
  };
  return (
    <Field.Root invalid={wrong} width={width}>
      <Field.Label color="soft" fontSize="13px" fontWeight="500">
        {label}
      </Field.Label>
      <Flex gap="2" align="center" w="100%">
        <Box
          as="label"
          position="relative"
          w="34px"
          h="34px"
          borderRadius="full"
          borderWidth="1px"
          borderColor="soft"
          bg={value}
          flexShrink={0}
          cursor="pointer"
          _focusWithin={{ outline: '2px solid', outlineColor: 'ochre', outlineOffset: '2px' }}
        >
          <input
            type="color"
            aria-label={`${label}, by eye`}
            value={wrong ? value.toLowerCase() : shown.trim().toLowerCase()}
            onChange={(e) => setText(e.currentTarget.value.toUpperCase())}
            onBlur={done}
            style={{ opacity: 0, position: 'absolute', inset: 0, width: '100%', height: '100%' }}
          />
        </Box>
        <Input
          size="sm"
          bg={typical ? 'sheet' : 'card'}
          borderColor={typical ? 'fold' : 'hairline'}
          borderStyle={typical ? 'dashed' : undefined}
          color={typical ? 'soft' : undefined}
          value={shown}
          maxLength={7}
          autoComplete="off"
          onChange={(e) => setText(e.currentTarget.value)}
          onBlur={done}
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              e.preventDefault();
              done();
            } else if (e.key === 'Escape') {
              setText(null);
            }
          }}
        />
      </Flex>
      {!wrong && hint && (
        <Text fontSize="12px" color="soft">
          {hint}
        </Text>
      )}
      {wrong && (
        <Field.ErrorText color="rust" role="alert">
          {label} ({shown || 'empty'}) is not a colour. Give one such as #1F4650.
        </Field.ErrorText>
      )}
    </Field.Root>
  );
}
