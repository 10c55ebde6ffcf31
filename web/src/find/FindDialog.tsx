import { Box, Dialog, Flex, Input, Portal, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask, type CardView } from '../api/client';
import { keys } from '../api/keys';
import { usePieces } from '../api/queries';

type Hit = {
  readonly key: string;
  readonly name: string;
  readonly what: string;
  readonly to: string;
};

const MOST = 9;

/** Finds anything: a piece, a design, a pot, or what the code on a label is stuck on. */
export function FindDialog({ close }: { close: () => void }) {
  const go = useNavigate();
  const [text, setText] = useState('');
  const wanted = useDeferredValue(text.trim());
  const looksLikeCode = /^[2-9a-hj-np-rt-x]{3,5}-?[2-9a-hj-np-rt-x]$/i.test(wanted);
  const code = useQuery({
    queryKey: keys.code(wanted),
    enabled: looksLikeCode,
    retry: false,
    queryFn: () => ask(api.GET('/api/shelf/code', { params: { query: { text: wanted } } })),
  });
  const things = useQuery({
    queryKey: keys.shelf({ find: wanted }),
    enabled: wanted !== '',
    queryFn: () => ask(api.GET('/api/shelf', { params: { query: { words: wanted } } })),
    placeholderData: (before) => before,
  });
  const pieces = usePieces(false, wanted);
  const [at, setAt] = useState(0);
  const [hurried, setHurried] = useState(false);
  const hits: Hit[] =
    wanted === ''
      ? []
      : [
          ...(looksLikeCode && code.data
            ? [
                {
                  key: 'code',
                  name: code.data.name,
                  what: `label ${code.data.code}`,
                  to: code.data.page,
                },
              ]
            : []),
          ...(pieces.data ?? [])
            .slice(0, 4)
            .map((p) => ({ key: p.id, name: p.name, what: 'piece', to: `/pieces/${p.id}/survey` })),
          ...(things.data ?? []).slice(0, MOST).map(hit),
        ].slice(0, MOST);
  const open = (h: Hit | undefined) => {
    if (h) {
      close();
      go(h.to);
    }
  };
  // Enter before the answers are there opens the first of them once they are
  const settled =
    wanted === text.trim() &&
    !things.isFetching &&
    !pieces.isFetching &&
    !(looksLikeCode && code.isFetching);
  const opener = useRef(open);
  opener.current = open;
  const first = hits[0];
  useEffect(() => {
    if (hurried && settled) {
      setHurried(false);
      opener.current(first);
    }
  }, [hurried, settled, first]);
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && close()} placement="top">
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" maxW="560px" p="4" aria-label="Find">
            <Input
              autoFocus
              size="md"
              bg="card"
              borderColor="sea"
              placeholder="A piece, a design, a pot, or the code on a label"
              aria-label="Find anything"
              value={text}
              onChange={(e) => {
                setText(e.currentTarget.value);
                setAt(0);
                setHurried(false);
              }}
              onKeyDown={(e) => {
                if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
                  e.preventDefault();
                  const by = e.key === 'ArrowDown' ? 1 : -1;
                  setAt((now) => Math.min(Math.max(0, hits.length - 1), Math.max(0, now + by)));
                } else if (e.key === 'Enter') {
                  if (settled) {
                    open(hits[at]);
                  } else {
                    setHurried(true);
                  }
                }
              }}
            />
            {wanted !== '' && hits.length === 0 && things.isFetched && (
              <Text mt="3" color="soft" role="status">
                {looksLikeCode && code.isError
                  ? code.error.message
                  : 'Nothing has all these words. Try fewer of them.'}
              </Text>
            )}
            <Box as="ul" listStyleType="none" mt="2">
              {hits.map((h, i) => (
                <Flex
                  as="li"
                  key={`${h.key}${h.to}`}
                  justify="space-between"
                  gap="4"
                  px="2"
                  py="1.5"
                  borderRadius="md"
                  bg={i === at ? 'ochreWash' : undefined}
                  cursor="pointer"
                  onClick={() => open(h)}
                >
                  <Text fontWeight="600">{h.name}</Text>
                  <Text color="soft">{h.what}</Text>
                </Flex>
              ))}
            </Box>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

function hit(c: CardView): Hit {
  const to =
    c.thing === 'POT'
      ? `/shelf/pots/${c.id}`
      : c.thing === 'TOOL'
        ? `/shelf?on=${c.id}`
        : `/shelf/designs/${c.designId ?? c.id}`;
  return { key: c.id, name: c.name, what: `${c.kindText}, ${c.stockText}`, to };
}
