import { Box, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { TermDrawing } from './drawings';
import { anchorOf, CHAPTERS, found, type Term } from './terms';

/** The words of the trade as they are meant here, with what can be drawn drawn. */
export function GlossaryPage() {
  const [text, setText] = useState('');
  const { hash } = useLocation();
  const chapters = found(CHAPTERS, text);
  useEffect(() => {
    if (hash) {
      document.getElementById(hash.slice(1))?.scrollIntoView({ block: 'center' });
    }
  }, [hash]);
  return (
    <Box maxW="1180px" mx="auto" px={{ base: '4', md: '8' }} py="6">
      <Flex align="baseline" justify="space-between" gap="4" wrap="wrap">
        <Heading as="h1" fontFamily="heading" fontSize="24px" fontWeight="600">
          Words of the trade
        </Heading>
        <Input
          aria-label="Find a word"
          placeholder="Find a word"
          w="240px"
          size="sm"
          bg="card"
          borderColor="hairline"
          value={text}
          onChange={(e) => setText(e.currentTarget.value)}
        />
      </Flex>
      {chapters.length === 0 && (
        <Text role="status" color="soft" mt="6">
          No word here has “{text}” in it.
        </Text>
      )}
      {chapters.map((chapter) => (
        <Box as="section" key={chapter.title} aria-label={chapter.title} mt="6">
          <Heading as="h2" fontFamily="heading" fontSize="18px" fontWeight="600" mb="2">
            {chapter.title}
          </Heading>
          <Box
            as="dl"
            display="grid"
            gridTemplateColumns={{ base: '1fr', md: '1fr 1fr', xl: '1fr 1fr 1fr' }}
            gap="3"
          >
            {chapter.terms.map((t) => (
              <Word key={t.word} term={t} here={hash === `#${anchorOf(t)}`} />
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function Word({ term, here }: { term: Term; here: boolean }) {
  return (
    <Box
      id={anchorOf(term)}
      bg="card"
      borderWidth="1px"
      borderColor={here ? 'sea' : 'hairline'}
      borderRadius="lg"
      px="4"
      py="3"
      css={{ breakInside: 'avoid' }}
    >
      <Box as="dt" fontFamily="heading" fontWeight="600" fontSize="16px">
        {term.word}
      </Box>
      <Box as="dd" display="flex" gap="4" alignItems="center" justifyContent="space-between">
        <Text fontSize="14px">{term.means}</Text>
        {term.drawing && (
          <Box flexShrink={0}>
            <TermDrawing name={term.drawing} />
          </Box>
        )}
      </Box>
    </Box>
  );
}
