import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { CoatBand, CoatGroup } from '../api/client';
import { Button } from '../common/Button';
import { usePlan } from '../plan/PlanProvider';
import { BandDrawing } from './BandDrawing';
import { numbered } from './findings';
import { LEVELS } from './levels';
import { beforeWhat, type Move } from './moves';
import { SurfaceDrawing } from './SurfaceDrawing';

type Props = {
  readonly group: CoatGroup;
  readonly band: string | undefined;
  readonly onChoose: (key: string) => void;
};

/** Every band from the air down to the bare surface; each can be chosen, carried and moved by keys. */
export function Section({ group, band, onChoose }: Props) {
  const plan = usePlan();
  const [carried, setCarried] = useState<string | null>(null);
  const [over, setOver] = useState<string | null>(null);
  const [asked, setAsked] = useState<Move | null>(null);
  const keys = group.bands.map((b) => b.key);
  const move = (wish: Move | null) => {
    if (wish) {
      setAsked(wish);
      plan.edit({ kind: 'MOVE_COAT', groupId: group.id, ...wish });
    }
  };
  const drop = (onto: string) => {
    if (carried && carried !== onto) {
      move(beforeWhat(keys, carried, keys.indexOf(onto)));
    }
    setCarried(null);
    setOver(null);
  };
  const byKey = (e: React.KeyboardEvent, b: CoatBand) => {
    const by = e.key === 'ArrowUp' ? 1 : e.key === 'ArrowDown' ? -1 : 0;
    if (e.key === 'Delete' && !b.lay) {
      // the band that has the focus, which the page may not know of yet
      e.preventDefault();
      plan.edit({ kind: 'LEAVE_COAT_OUT', groupId: group.id, band: b.key });
    } else if (by !== 0 && e.altKey) {
      e.preventDefault();
      move(beforeWhat(keys, b.key, keys.indexOf(b.key) + by));
    } else if (by !== 0) {
      e.preventDefault();
      const next = keys[keys.indexOf(b.key) + by];
      if (next !== undefined) {
        onChoose(next);
        document.getElementById(rowId(next))?.focus();
      }
    }
  };
  const above = group.bands.filter((b) => b.look !== 'STEP').toReversed();
  const steps = group.bands.filter((b) => b.look === 'STEP');
  const found = numbered(group.findings);
  const row = (b: CoatBand) => ({
    id: rowId(b.key),
    role: 'option',
    tabIndex: b.key === band || (band === undefined && b.key === above[0]?.key) ? 0 : -1,
    'aria-selected': b.key === band,
    draggable: true,
    onClick: () => onChoose(b.key),
    onKeyDown: (e: React.KeyboardEvent) => byKey(e, b),
    onDragStart: (e: React.DragEvent) => {
      e.dataTransfer.setData('text/plain', b.key);
      e.dataTransfer.effectAllowed = 'move';
      setCarried(b.key);
    },
    onDragEnd: () => {
      setCarried(null);
      setOver(null);
    },
    onDragOver: (e: React.DragEvent) => {
      e.preventDefault();
      setOver(b.key);
    },
    onDrop: (e: React.DragEvent) => {
      e.preventDefault();
      drop(b.key);
    },
  });
  return (
    <Box maxW="860px">
      {asked && plan.trouble?.kind === 'refused' && (
        <Insist
          onInsist={(note) => {
            plan.forgetTrouble();
            plan.edit({ kind: 'MOVE_COAT', groupId: group.id, ...asked, note });
            setAsked(null);
          }}
          onLeave={() => {
            plan.forgetTrouble();
            setAsked(null);
          }}
        />
      )}
      <Text textAlign="center" color="soft" fontSize="12.5px" pr="10px" my="2">
        air
      </Text>
      <Box role="listbox" aria-label={`Bands of ${group.name}, the last on top`}>
        {above.map((b) => (
          <Flex
            key={b.key}
            {...row(b)}
            aria-label={`${b.title}, ${b.note}`}
            gap="4"
            align="center"
            py="1.5"
            px="2"
            cursor="grab"
            borderRadius="lg"
            borderWidth="2px"
            borderColor={b.key === band ? 'ochre' : 'transparent'}
            borderTopColor={over === b.key && carried ? 'sea' : undefined}
            opacity={carried === b.key ? 0.5 : 1}
            _hover={{ bg: b.key === band ? undefined : 'sheet' }}
          >
            <Box w="158px" flexShrink={0}>
              <Text fontWeight="600" lineHeight="1.25">
                {b.title}
              </Text>
              <Text fontSize="12.5px" color="soft" lineHeight="1.3">
                {b.note}
              </Text>
              {b.lay && b.lay.notes.length > 0 && (
                <Text fontSize="12.5px" color={laidBadly(b) ? 'rust' : 'ink'} fontWeight="600">
                  {b.lay.notes.length === 1 ? '1 thing' : `${b.lay.notes.length} things`} to look at
                </Text>
              )}
            </Box>
            <Box flex="1" minW="180px" position="relative">
              <BandDrawing band={b} />
              <Marks numbers={found.filter((f) => f.band === b.key)} />
            </Box>
            <Box w="186px" flexShrink={0} fontSize="12.5px" color="soft" lineHeight="1.35">
              {b.hereText}
              {b.takesText && (
                <Text color="sea">
                  {b.takesText}
                  {b.leftText ? ` of ${b.leftText} left` : ''}
                </Text>
              )}
            </Box>
          </Flex>
        ))}
        <Flex px="2" gap="4" mt="1">
          <Box w="158px" flexShrink={0} />
          <Flex flex="1" wrap="wrap" gap="1.5" minH="26px" align="center">
            {steps.map((b) => (
              <Box
                key={b.key}
                {...row(b)}
                aria-label={`${b.title}, ${b.note}`}
                position="relative"
                fontSize="12.5px"
                px="2"
                py="0.5"
                borderRadius="full"
                cursor="grab"
                borderWidth="1px"
                borderColor={b.key === band ? 'ochre' : 'hairline'}
                bg={b.key === band ? 'ochreWash' : 'sheet'}
                borderStyle={over === b.key && carried ? 'dashed' : 'solid'}
              >
                {b.title.toLowerCase()}
                <Marks numbers={found.filter((f) => f.band === b.key)} />
              </Box>
            ))}
          </Flex>
        </Flex>
      </Box>
      <Flex px="2" gap="4" mt="2" align="flex-start">
        <Box w="158px" flexShrink={0} pt="1">
          <Text fontWeight="600" textTransform="capitalize">
            {group.surface.text}
          </Text>
          <Text fontSize="12.5px" color="soft">
            {[group.surface.noteText, ...group.surface.damage].join(', ')}
          </Text>
        </Box>
        <Box flex="1" minW="180px">
          <SurfaceDrawing surface={group.surface} />
        </Box>
        <Box w="186px" flexShrink={0} fontSize="12.5px" color="soft">
          {group.surface.areaText} to coat
        </Box>
      </Flex>
    </Box>
  );
}

const rowId = (key: string) => `band-${key.replace(/[^a-z0-9]/gi, '-')}`;

const laidBadly = (b: CoatBand) => b.lay?.notes.some((n) => n.level === 'STOP') ?? false;

function Marks({ numbers }: { numbers: ReadonlyArray<ReturnType<typeof numbered>[number]> }) {
  return numbers.length === 0 ? null : (
    <Flex position="absolute" right="-12px" bottom="-9px" gap="1" aria-hidden>
      {numbers.map((f) => (
        <Box
          key={f.number}
          w="19px"
          h="19px"
          borderRadius="full"
          borderWidth="2px"
          borderColor="sheet"
          bg={LEVELS[f.level].colour}
          color={LEVELS[f.level].on}
          fontSize="10.5px"
          fontWeight="700"
          lineHeight="15px"
          textAlign="center"
        >
          {f.number}
        </Box>
      ))}
    </Flex>
  );
}

/** What a rule stands against can be insisted on, with a note that stays in the plan. */
function Insist({ onInsist, onLeave }: { onInsist: (note: string) => void; onLeave: () => void }) {
  const [note, setNote] = useState('');
  return (
    <Flex gap="2" align="center" bg="rustWash" borderRadius="lg" p="2" mb="2">
      <Text flex="1" fontSize="13px">
        It snapped back. If you know better, say why:
      </Text>
      <Input
        aria-label="Why it is moved all the same"
        size="sm"
        bg="card"
        w="220px"
        maxLength={300}
        value={note}
        onChange={(e) => setNote(e.currentTarget.value)}
      />
      <Button disabled={note.trim() === ''} onClick={() => onInsist(note)}>
        Move it all the same
      </Button>
      <Button look="plain" onClick={onLeave}>
        Leave it
      </Button>
    </Flex>
  );
}
