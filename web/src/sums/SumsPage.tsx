import { Box, Flex, Heading, Text, useBreakpointValue } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { api, ask, type SumView } from '../api/client';
import { keys } from '../api/keys';
import { useStudio } from '../api/queries';
import { ErrorState, Loading } from '../common/States';
import { SumLine } from './SumLine';
import { SumPane } from './SumPane';
import { addressOf, type Texts, textsOf } from './typed';

const NOTHING: Texts = {};

type ByKind<T> = Readonly<Record<string, T>>;

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
  const go = useNavigate();
  // what was typed into the one that is open stands in its address; into the others, here
  const [kept, setKept] = useState<ByKind<Texts>>({});
  const [ways, setWays] = useState<ByKind<number>>({});
  const first = all[0] as SumView;
  const open = all.find((s) => s.kind.toLowerCase() === named?.toLowerCase()) ?? first;
  const given = useMemo(() => textsOf(query), [query]);
  const textsIn = (kind: string): Texts => (kind === open.kind ? given : (kept[kind] ?? NOTHING));
  const onOpen = (kind: string) => {
    setKept((k) => ({ ...k, [open.kind]: given }));
    void go(addressOf(kind, kept[kind] ?? NOTHING), { replace: true });
  };
  const onTexts = (kind: string) => (texts: Texts) => {
    setKept((k) => ({ ...k, [open.kind]: given, [kind]: texts }));
    setWays((w) => ({ ...w, [kind]: 0 }));
    void go(addressOf(kind, texts), { replace: true });
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
      onTexts={onTexts(open.kind)}
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
                    onTexts={onTexts(s.kind)}
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
