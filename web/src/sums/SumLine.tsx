import { Box, chakra, Text } from '@chakra-ui/react';
import type { SumView } from '../api/client';
import { Fig } from '../common/Fig';
import { SumField } from './SumField';
import type { Texts } from './typed';
import { useSum } from './useSum';

/** A sum in one line of words, answered as one types. */
export function SumLine({
  usual,
  texts,
  way,
  open,
  onOpen,
  onText,
}: {
  usual: SumView;
  texts: Texts;
  way: number;
  open: boolean;
  onOpen: () => void;
  onText: (key: string, text: string | null) => void;
}) {
  const { sum, refused, unknown } = useSum(usual, texts, way);
  return (
    <Box
      role="group"
      aria-label={sum.title}
      data-sum={sum.kind}
      onFocusCapture={() => !open && onOpen()}
      bg={open ? 'card' : 'transparent'}
      borderWidth="1px"
      borderColor={open ? 'sea' : 'transparent'}
      borderRadius="lg"
      px="3"
      py="1.5"
      _hover={open ? undefined : { bg: 'card' }}
    >
      <Box fontSize="14.5px" lineHeight="1.75">
        <chakra.button
          type="button"
          fontFamily="heading"
          fontSize="15.5px"
          fontWeight="600"
          color={open ? 'sea' : 'ink'}
          mr="2"
          aria-expanded={open}
          onClick={onOpen}
        >
          {sum.title}
        </chakra.button>
        {sum.line.map((part) => {
          const field = part.key && sum.fields.find((f) => f.key === part.key);
          return field ? (
            <SumField
              key={part.key}
              field={field}
              texts={texts}
              refused={refused !== null}
              onText={(text) => onText(field.key, text)}
            />
          ) : (
            <chakra.span key={part.words} color="soft">
              {part.words}
            </chakra.span>
          );
        })}
      </Box>
      {refused === null ? (
        <Text data-testid="answer" fontSize="14.5px">
          <chakra.span color="fold" mr="1.5" aria-hidden>
            =
          </chakra.span>
          <Fig text={unknown ? '…' : sum.answer} />
        </Text>
      ) : (
        <Text role="alert" color="rust" fontSize="13.5px">
          {refused}
        </Text>
      )}
    </Box>
  );
}
