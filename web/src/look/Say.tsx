import { Box, Field, Flex, Text, Textarea } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, ask } from '../api/client';
import type { components } from '../api/schema';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';

type Card = components['schemas']['ShownPieceCard'];

const ALL = '';

/** One box for what a client wants to say to the studio. */
export function Say({ pieces, about }: { pieces: ReadonlyArray<Card>; about: string | undefined }) {
  const [text, setText] = useState('');
  const [by, setBy] = useState('');
  const [chosen, setChosen] = useState<string | null>(null);
  const pieceId = chosen ?? about ?? ALL;
  const say = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/look/comments', {
          body: { text, by, ...(pieceId !== ALL && { pieceId }) },
        }),
        true,
      ),
    onSuccess: () => setText(''),
  });
  const send = (e: FormEvent) => {
    e.preventDefault();
    say.mutate();
  };
  return (
    <Box
      as="section"
      aria-label="Say something"
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      p="4"
      mt="5"
    >
      <form onSubmit={send}>
        <Field.Root>
          <Field.Label fontSize="15px" fontWeight="600">
            What would you like to say to the studio?
          </Field.Label>
          <Textarea
            bg="card"
            borderColor="hairline"
            rows={3}
            maxLength={2000}
            value={text}
            onChange={(e) => {
              say.reset();
              setText(e.currentTarget.value);
            }}
          />
        </Field.Root>
        <Flex mt="3" gap="3" align="flex-end" wrap="wrap">
          <PlainField label="Your name" width="200px" value={by} maxLength={60} onText={setBy} />
          {pieces.length > 1 && (
            <ChoiceField
              label="About"
              width="240px"
              value={pieceId}
              among={[...pieces.map((p) => [p.id, p.name] as const), [ALL, 'all of it'] as const]}
              onChoice={setChosen}
            />
          )}
          <Button type="submit" look="sea" size="md" disabled={say.isPending || text.trim() === ''}>
            Send
          </Button>
        </Flex>
        {say.isSuccess && (
          <Text role="status" color="moss" mt="2">
            The studio has it. Thank you.
          </Text>
        )}
        <Refusal of={say.error} />
      </form>
    </Box>
  );
}
