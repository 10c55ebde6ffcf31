import { Box, Field, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { api, ask, type RunAnswer } from '../api/client';
import { keys } from '../api/keys';
import { useStudio } from '../api/queries';
import { Fig } from '../common/Fig';
import { useElementSize } from '../common/useElementSize';
import { LinePicture } from '../lay-out/OptionList';
import { Tape } from '../map/Tape';

const START = { length: '', motif: '', gap: '', endMargin: '0', allowedChangePercent: '15' };

/** A run without any piece: how many of a motif go along a line, and where to tick. */
export function SumsPage() {
  const [given, setGiven] = useState(START);
  const asked = useDeferredValue(given);
  const complete = [asked.length, asked.motif, asked.gap, asked.endMargin].every((t) => t.trim());
  const unit = useStudio().data?.tape.unit;
  const sum = useQuery({
    queryKey: keys.run(asked, unit),
    enabled: complete,
    placeholderData: keepPreviousData,
    queryFn: () =>
      ask(
        api.POST('/api/sums/run', {
          body: {
            ...asked,
            allowedChangePercent: Number(asked.allowedChangePercent.replace(',', '.')) || 0,
          },
        }),
      ),
    retry: false,
  });
  const set = (key: keyof typeof START) => (value: string) =>
    setGiven((g) => ({ ...g, [key]: value }));
  return (
    <Flex h="100%">
      <Box
        w="322px"
        flexShrink={0}
        bg="sheet"
        borderRightWidth="1px"
        borderColor="hairline"
        p="5"
        overflow="auto"
      >
        <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
          Quick sums
        </Heading>
        <Text color="soft" mb="4">
          A run along a line: how many, what gap, where to tick. Write lengths as you like.
        </Text>
        <Flex direction="column" gap="3">
          <Entry
            label="Length of the line"
            value={given.length}
            onChange={set('length')}
            placeholder={unit === 'INCH' ? '34 1/4"' : '870'}
            autoFocus
          />
          <Entry
            label="Width of the motif"
            value={given.motif}
            onChange={set('motif')}
            placeholder={unit === 'INCH' ? '3 3/4"' : '96'}
          />
          <Entry
            label="Gap you would like"
            value={given.gap}
            onChange={set('gap')}
            placeholder={unit === 'INCH' ? '15/16"' : '24'}
          />
          <Entry label="End margin, at least" value={given.endMargin} onChange={set('endMargin')} />
          <Entry
            label="Gap may change by, %"
            value={given.allowedChangePercent}
            onChange={set('allowedChangePercent')}
          />
        </Flex>
        {complete && sum.isError && (
          <Text role="alert" color="rust" mt="3">
            {sum.error.message}
          </Text>
        )}
      </Box>
      <Box flex="1" minW="0" overflow="auto" px="7" py="5">
        {!complete && (
          <Text color="soft" mt="2">
            Give the line, the motif and the gap, and the options stand here, best first.
          </Text>
        )}
        {complete && sum.data && !sum.isError && <Options answer={sum.data} />}
      </Box>
    </Flex>
  );
}

function Options({ answer }: { answer: RunAnswer }) {
  const [chosen, setChosen] = useState(0);
  const tape = useStudio().data?.tape;
  const [sheet, size] = useElementSize();
  const option = answer.options[Math.min(chosen, answer.options.length - 1)];
  if (answer.noneText || !option) {
    return (
      <Text role="status" color="rust" fontSize="16px" mt="2">
        <Fig text={answer.noneText ?? ''} />
      </Text>
    );
  }
  return (
    <Box ref={sheet}>
      <Text color="soft" mb="3">
        <Fig
          text={`${answer.motif.text} motifs along ${answer.length.text}, ${answer.gap.text} apart as wished`}
        />
      </Text>
      <Box
        display="grid"
        gridTemplateColumns="repeat(auto-fill, minmax(270px, 1fr))"
        gap="3"
        role="radiogroup"
        aria-label="Options"
      >
        {answer.options.map((o, i) => (
          <Box
            as="button"
            key={`${o.option.way}${o.option.count}`}
            role="radio"
            aria-checked={o === option}
            onClick={() => setChosen(i)}
            display="flex"
            flexDirection="column"
            alignItems="stretch"
            textAlign="left"
            bg="card"
            borderWidth={o === option ? '2px' : '1px'}
            borderColor={o === option ? 'sea' : 'hairline'}
            borderRadius="lg"
            px="3"
            py="2"
          >
            <Flex justify="space-between">
              <Text fontWeight="600">{o.option.title}</Text>
              {i === 0 && <Text color="moss">best</Text>}
            </Flex>
            <LinePicture
              option={o.option}
              ground="var(--chakra-colors-sea)"
              paint="var(--chakra-colors-glass)"
            />
            <Text fontSize="12.5px" color="soft">
              <Fig text={o.option.detail} />
            </Text>
            <Text fontSize="12.5px">
              <Fig text={o.option.reason} />
            </Text>
          </Box>
        ))}
      </Box>
      <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600" mt="6">
        Tick the middles, from the start of the line
      </Heading>
      {tape && size && (
        <Box overflow="hidden" mt="1">
          <svg width={size.width} height="86" role="img" aria-label="The tape with its marks">
            <g transform="translate(30 32)">
              <Tape
                edgeMm={answer.length.mm}
                k={(size.width - 64) / answer.length.mm}
                tape={tape}
                marks={option.marks}
              />
            </g>
          </svg>
        </Box>
      )}
      <Flex as="ol" listStyleType="none" wrap="wrap" columnGap="6" rowGap="1" data-testid="marks">
        {option.marks.map((m) => (
          <Flex as="li" key={m.number} gap="2" minW="92px">
            <Text color="soft">{m.number}</Text>
            <Text>
              <Fig text={m.text} />
            </Text>
          </Flex>
        ))}
      </Flex>
    </Box>
  );
}

function Entry({
  label,
  value,
  onChange,
  placeholder,
  autoFocus,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  placeholder?: string;
  autoFocus?: boolean;
}) {
  return (
    <Field.Root>
      <Field.Label color="soft" fontSize="13px" fontWeight="500">
        {label}
      </Field.Label>
      <Input
        size="sm"
        bg="card"
        borderColor="hairline"
        autoComplete="off"
        autoFocus={autoFocus}
        placeholder={placeholder}
        value={value}
        onChange={(e) => onChange(e.currentTarget.value)}
      />
    </Field.Root>
  );
}
