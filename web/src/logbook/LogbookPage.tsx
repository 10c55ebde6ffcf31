import { Box, chakra, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { LogbookView, LogLine } from '../api/client';
import { useLogbook } from '../api/queries';
import { Button } from '../common/Button';
import { Empty, ErrorState, Loading } from '../common/States';
import { asked, dayBefore, fileLink } from './asked';
import { PlannedBar } from './PlannedBar';

/** What happened at the bench, by day, and what it took against what was planned. */
export function LogbookPage() {
  const [params, setParams] = useSearchParams();
  const question = asked(params);
  const log = useLogbook(question);
  const [find, setFind] = useState(question.find);
  const change = (name: string, value: string) => {
    const next = new URLSearchParams(params);
    if (value === '') {
      next.delete(name);
    } else {
      next.set(name, value);
    }
    if (name !== 'until') {
      next.delete('until');
    }
    setParams(next, { replace: true });
  };
  if (log.isError) {
    return <ErrorState problem={log.error} again={() => void log.refetch()} />;
  }
  if (!log.data) {
    return <Loading what="the logbook" />;
  }
  const data = log.data;
  const narrowed = question.find !== '' || question.piece !== undefined;
  return (
    <Box px={{ base: '4', lg: '7' }} py="4" opacity={log.isPlaceholderData ? 0.75 : 1}>
      <Flex justify="space-between" align="flex-end" gap="4" wrap="wrap" mb="4">
        <Box>
          <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
            {question.piece === undefined
              ? 'Logbook'
              : `Logbook of ${data.pieces[0]?.pieceName ?? 'one piece'}`}
          </Heading>
          <Text color="soft" fontSize="13.5px">
            {data.summary}{' '}
            {question.piece !== undefined && (
              <chakra.button type="button" color="sea" onClick={() => change('piece', '')}>
                All pieces
              </chakra.button>
            )}
          </Text>
        </Box>
        <Flex gap="3" align="center" wrap="wrap">
          <form
            onSubmit={(e) => {
              e.preventDefault();
              change('find', find.trim());
            }}
          >
            <Flex gap="2">
              <Input
                size="sm"
                w="240px"
                bg="sheet"
                maxLength={80}
                aria-label="Find in the logbook"
                placeholder="A step, a paint, a name, a note"
                value={find}
                onChange={(e) => setFind(e.target.value)}
              />
              <Button size="sm" type="submit">
                Find
              </Button>
            </Flex>
          </form>
          <Flex gap="3" fontSize="13.5px">
            <Link to="/learned">what it teaches</Link>
            <chakra.a href={fileLink('table', question)} color="sea">
              table (CSV)
            </chakra.a>
            <chakra.a href={fileLink('sheet', question)} target="_blank" rel="noopener" color="sea">
              on paper, A4
            </chakra.a>
            <chakra.a
              href={`${fileLink('sheet', question)}&paper=LETTER`}
              target="_blank"
              rel="noopener"
              color="sea"
            >
              Letter
            </chakra.a>
          </Flex>
        </Flex>
      </Flex>
      {data.days.length === 0 ? (
        narrowed ? (
          <Empty title="Nothing of this in the logbook">
            Other words may be in it, or{' '}
            <Link to="/logbook" onClick={() => setFind('')}>
              look at all of it
            </Link>
            .
          </Empty>
        ) : (
          <Empty title="The logbook is empty">
            It fills by itself: each step that is done at the bench of a piece is written down here,
            with how long it took, what it used, notes and photos.
          </Empty>
        )
      ) : (
        <Flex gap="8" align="flex-start" direction={{ base: 'column', lg: 'row' }}>
          <Box flex="1.7" minW="0" w="100%">
            {data.days.map((day) => (
              <Box as="section" key={day.date} aria-label={day.text} mb="6">
                <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600" mb="1.5">
                  {day.text}
                </Heading>
                <Box bg="sheet" borderWidth="1px" borderColor="hairline" borderRadius="lg">
                  {day.lines.map((line, i) => (
                    <Line key={line.id} line={line} first={i === 0} />
                  ))}
                </Box>
              </Box>
            ))}
            {data.more && (
              <Button onClick={() => change('until', dayBefore(data.days.at(-1)?.date ?? ''))}>
                Further back
              </Button>
            )}
          </Box>
          <Pieces of={data.pieces} onPiece={(id) => change('piece', id)} />
        </Flex>
      )}
    </Box>
  );
}

function Line({ line, first }: { line: LogLine; first: boolean }) {
  const note = line.kind === 'NOTE';
  const beside = [line.wrong, line.took, line.longer, line.used, line.climate, line.by].filter(
    (t) => t !== undefined && t !== '',
  );
  return (
    <Flex
      gap="4"
      px="4"
      py="2.5"
      borderTopWidth={first ? 0 : '1px'}
      borderColor="hairline"
      align="flex-start"
    >
      <Text w="44px" flexShrink={0} color="soft" fontFeatureSettings="'tnum'">
        {line.time}
      </Text>
      <Box flex="1" minW="0">
        <Text>
          <Text as="span" fontWeight="600">
            {note ? `Note: ${line.title}` : line.title}
          </Text>{' '}
          <Text as="span" color="soft" fontSize="13.5px">
            {line.pieceId === undefined ? (
              `${line.pieceName}, deleted since`
            ) : (
              <Link to={`/pieces/${line.pieceId}/order`}>{line.pieceName}</Link>
            )}
          </Text>
        </Text>
        {beside.length > 0 && (
          <Text fontSize="13.5px" color="soft">
            {beside.join(' · ')}
          </Text>
        )}
        {line.note !== '' && (
          <Text mt="1" pl="3" borderLeftWidth="3px" borderColor="ochre">
            {line.note}
          </Text>
        )}
        {line.photos.length > 0 && (
          <Flex gap="2" mt="2" wrap="wrap">
            {line.photos.map((address) => (
              <a key={address} href={address} target="_blank" rel="noopener">
                <chakra.img
                  src={`${address}/thumbnail`}
                  alt={`Taken at: ${line.title}`}
                  h="84px"
                  borderRadius="md"
                  borderWidth="1px"
                  borderColor="hairline"
                />
              </a>
            ))}
          </Flex>
        )}
      </Box>
    </Flex>
  );
}

/** Planned against real: a bar as long as what it took, a mark where it was planned to end. */
function Pieces({ of, onPiece }: { of: LogbookView['pieces']; onPiece: (id: string) => void }) {
  const most = Math.max(1, ...of.map((p) => Math.max(p.plannedMinutes, p.tookMinutes)));
  return (
    <Box as="section" aria-label="Planned against real" flex="1" minW="0" w="100%">
      <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600" mb="1.5">
        Planned against real
      </Heading>
      {of.map((p) => (
        <Box
          key={`${p.pieceId} ${p.pieceName}`}
          bg="sheet"
          borderWidth="1px"
          borderColor="hairline"
          borderRadius="lg"
          px="4"
          py="3"
          mb="2"
        >
          <Flex justify="space-between" gap="3">
            <Text fontWeight="600">{p.pieceName}</Text>
            {p.pieceId !== undefined && (
              <chakra.button
                type="button"
                color="sea"
                fontSize="13.5px"
                aria-label={`Only ${p.pieceName}`}
                onClick={() => onPiece(p.pieceId ?? '')}
              >
                only this
              </chakra.button>
            )}
          </Flex>
          <Text fontSize="13.5px" color="soft" mb="2">
            {p.summary}
          </Text>
          <PlannedBar planned={p.plannedMinutes} took={p.tookMinutes} most={most} />
        </Box>
      ))}
      <Text fontSize="12.5px" color="soft">
        The bar is what it took; the mark is what was planned.
      </Text>
    </Box>
  );
}
