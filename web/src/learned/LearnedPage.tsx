import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type LearnedFigure } from '../api/client';
import { changed, keys } from '../api/keys';
import { useLearned } from '../api/queries';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Empty, ErrorState, Loading } from '../common/States';

type Choice = 'ON' | 'OFF' | 'RESET' | 'RESTORED';

/** Every figure that plans take from the bench, with what stands behind it. */
export function LearnedPage() {
  const learned = useLearned();
  const client = useQueryClient();
  const decide = useMutation({
    mutationFn: (decision: { topic: string; choice: Choice }) =>
      ask(api.POST('/api/learned/decisions', { body: decision })),
    onSuccess: (now) => {
      client.setQueryData(keys.learned(), now);
      void changed(client, 'SHELF', 'PLAN');
    },
  });
  if (learned.isError) {
    return <ErrorState problem={learned.error} again={() => void learned.refetch()} />;
  }
  if (!learned.data) {
    return <Loading what="what the bench taught" />;
  }
  return (
    <Box px={{ base: '4', lg: '7' }} py="4" maxW="1240px" mx="auto">
      <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
        What the bench taught
      </Heading>
      <Text color="soft" fontSize="13.5px" mb="4">
        Plans start from what is typical and from labels, and move towards what was told at the
        bench, the further the more often it was. A piece that is begun goes on by what was known
        when it was begun. What is told is in the <Link to="/logbook">logbook</Link>.
      </Text>
      {decide.isError && <Refusal of={decide.error} />}
      {learned.data.about.length === 0 && (
        <Empty title="Nothing is learned yet">
          It comes by itself: with every step that is told at the bench how long it took, and what
          it used. Until then plans go by labels and by what is typical.
        </Empty>
      )}
      {learned.data.about.map((a) => (
        <Box as="section" key={a.about} aria-label={a.title} mb="6">
          <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600" mb="2">
            {a.title}
          </Heading>
          <Box
            display="grid"
            gridTemplateColumns="repeat(auto-fill, minmax(340px, 1fr))"
            gap="3"
            alignItems="start"
          >
            {a.figures.map((f) => (
              <Figure
                key={f.topic}
                figure={f}
                busy={decide.isPending}
                onDecide={(choice) => decide.mutate({ topic: f.topic, choice })}
              />
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function Figure({
  figure,
  busy,
  onDecide,
}: {
  figure: LearnedFigure;
  busy: boolean;
  onDecide: (choice: Choice) => void;
}) {
  const [open, setOpen] = useState(false);
  const counts = figure.count > 0;
  return (
    <Box
      as="article"
      aria-label={figure.title}
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderLeftWidth="4px"
      borderLeftColor={figure.on && counts ? 'sea' : 'hairline'}
      borderRadius="lg"
      px="4"
      py="3"
    >
      <Text fontSize="13.5px">{figure.title}</Text>
      <Text
        fontFamily="heading"
        fontSize="20px"
        fontWeight="600"
        color={figure.on ? 'ink' : 'soft'}
        textDecoration={figure.on ? 'none' : 'line-through'}
      >
        {figure.valueText}
      </Text>
      <Text fontSize="13.5px" fontWeight="600" color={counts ? 'sea' : 'soft'}>
        {figure.countText}
        <Text as="span" color="soft" fontWeight="400">
          {' '}
          · {figure.typicalText}
        </Text>
      </Text>
      <Text fontSize="12.5px" color="soft">
        {figure.rangeText}
        {figure.resetText !== undefined && ` · only since ${figure.resetText}`}
      </Text>
      {figure.people.map((p) => (
        <Text key={p} fontSize="12.5px" color="soft">
          {p}
        </Text>
      ))}
      {!figure.on && (
        <Text fontSize="12.5px" color="rust">
          Switched off: plans go by the other figure, {figure.typicalText}.
        </Text>
      )}
      <Flex gap="1.5" mt="2" wrap="wrap">
        <Button size="xs" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close' : 'What was seen'}
        </Button>
        <Button
          size="xs"
          look="plain"
          disabled={busy}
          onClick={() => onDecide(figure.on ? 'OFF' : 'ON')}
        >
          {figure.on ? 'Do not go by it' : 'Go by it again'}
        </Button>
        <Button
          size="xs"
          look="plain"
          disabled={busy}
          title={
            figure.resetText === undefined
              ? 'What was seen until now counts no more; it can be brought back'
              : 'All that was seen counts again'
          }
          onClick={() => onDecide(figure.resetText === undefined ? 'RESET' : 'RESTORED')}
        >
          {figure.resetText === undefined ? 'Begin anew' : 'Count all of it again'}
        </Button>
      </Flex>
      {open && (
        <Box as="ul" mt="2" listStyleType="none" maxH="230px" overflowY="auto">
          {figure.seen.map((s, i) => (
            <Box
              as="li"
              key={`${s.dayText} ${s.whereText} ${String(i)}`}
              py="1.5"
              borderTopWidth="1px"
              borderColor="hairline"
            >
              <Text fontSize="13.5px" color={s.counts ? 'ink' : 'soft'}>
                {s.text}
                {!s.counts && ', not counted'}
              </Text>
              <Text fontSize="12.5px" color="soft">
                {s.whereText} · {s.dayText}
              </Text>
            </Box>
          ))}
          {figure.olderText !== undefined && (
            <Box as="li" fontSize="12.5px" color="soft" py="1.5">
              {figure.olderText}
            </Box>
          )}
        </Box>
      )}
    </Box>
  );
}
