import { Box, Flex, Heading, Text, useBreakpointValue } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { api, ask, type SumView } from '../api/client';
import { keys } from '../api/keys';
import { useStudio } from '../api/queries';
import { ErrorState, Loading } from '../common/States';
import { useInAddress } from '../common/useInAddress';
import { SumLine } from './SumLine';
import { SumPane } from './SumPane';
import { addressOf, type Texts, textsOf, typedInto } from './typed';

const NOTHING: Texts = {};

type ByKind<T> = Readonly<Record<string, T>>;

type Typed = { readonly open: string; readonly texts: ByKind<Texts> };

/** All the sums people reach for a calculator for, each in one line, answered as one types. */
export function SumsPage() {
  const all = useQuery({ queryKey: keys.sums(), queryFn: () => ask(api.GET('/api/sums')) });
  if (all.isError) {
    return <ErrorState problem={all.error} again={() => void all.refetch()} />;
  }
  return all.data ? <Sums all={all.data} /> : <Loading what="the sums" />;
}

function Sums({ all }: { all: readonly SumView[] }) {
  const tape = useStudio().data?.tape;
  const { sum: named } = useParams();
  const [query] = useSearchParams();
  const first = all[0] as SumView;
  const there = all.find((s) => s.kind.toLowerCase() === named?.toLowerCase()) ?? first;
  // of all that was typed, what is in the open one stands in the address
  const [typed, change] = useInAddress<Typed>(
    (before) => ({
      open: there.kind,
      texts: { ...before?.texts, [there.kind]: textsOf(query) },
    }),
    ({ open, texts }) => addressOf(open, texts[open] ?? NOTHING),
  );
  const [ways, setWays] = useState<ByKind<number>>({});
  const open = all.find((s) => s.kind === typed.open) ?? first;
  const textsIn = (kind: string): Texts => typed.texts[kind] ?? NOTHING;
  const onOpen = (kind: string) => change((now) => ({ ...now, open: kind }));
  const onText = (kind: string) => (key: string, text: string | null) => {
    change(({ texts }) => ({
      open: kind,
      texts: { ...texts, [kind]: typedInto(texts[kind] ?? NOTHING, key, text) },
    }));
    setWays((w) => ({ ...w, [kind]: 0 }));
  };
  const beside = useBreakpointValue({ base: false, lg: true }, { ssr: false });
  // by its address a sum is come upon wherever in the list it stands
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, on coming here
  useEffect(() => {
    document.querySelector(`[data-sum=${open.kind}]`)?.scrollIntoView({ block: 'nearest' });
  }, []);
  const chapters = [...new Set(all.map((s) => s.chapter))];
  const pane = (
    <SumPane
      key={open.kind}
      usual={open}
      texts={textsIn(open.kind)}
      way={ways[open.kind] ?? 0}
      tape={tape}
      onText={onText(open.kind)}
      onWay={(way) => setWays((w) => ({ ...w, [open.kind]: way }))}
    />
  );
  return (
    <Flex h={{ lg: '100%' }} direction={{ base: 'column', lg: 'row' }}>
      <Box
        flex={{ lg: '11 1 0' }}
        minW="0"
        overflow={{ lg: 'auto' }}
        px={{ base: '3', md: '6' }}
        py="4"
        _print={{ display: beside ? 'none' : undefined }}
      >
        <Flex align="baseline" gap="4" wrap="wrap" mb="1">
          <Heading as="h1" fontFamily="heading" fontSize="24px" fontWeight="600">
            Quick sums
          </Heading>
          <Text color="soft">Change what is underlined; the answer follows.</Text>
        </Flex>
        {chapters.map((chapter) => (
          <Box as="section" key={chapter} aria-label={nameOf(all, chapter)} mt="2">
            <Text color="soft" fontSize="12.5px" px="3" mb="0.5">
              {nameOf(all, chapter)}
            </Text>
            {all
              .filter((s) => s.chapter === chapter)
              .map((s) => (
                <Box key={s.kind}>
                  <SumLine
                    usual={s}
                    texts={textsIn(s.kind)}
                    way={ways[s.kind] ?? 0}
                    open={s.kind === open.kind}
                    onOpen={() => onOpen(s.kind)}
                    onText={onText(s.kind)}
                  />
                  {!beside && s.kind === open.kind && (
                    <Box px="3" py="3" mb="3" bg="sheet" borderRadius="lg">
                      {pane}
                    </Box>
                  )}
                </Box>
              ))}
          </Box>
        ))}
      </Box>
      {beside && (
        <Box
          flex="9 1 0"
          minW="0"
          overflow="auto"
          bg="sheet"
          borderLeftWidth="1px"
          borderColor="hairline"
          px="6"
          py="4"
        >
          {pane}
        </Box>
      )}
    </Flex>
  );
}

function nameOf(all: readonly SumView[], chapter: SumView['chapter']): string {
  return all.find((s) => s.chapter === chapter)?.chapterText ?? '';
}
