import { Box, chakra, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { CoatBand, CoatFinding, CoatGroup } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Notes } from '../common/Notes';
import { usePlan } from '../plan/PlanProvider';
import { numbered } from './findings';
import { LEVELS } from './levels';

/** What would fail, the worst first, with what mends it; and what was noted. */
export function Findings({ group, onBand }: { group: CoatGroup; onBand: (key: string) => void }) {
  const open = numbered(group.findings);
  const noted = group.findings.filter((f) => f.note !== undefined);
  const laid = group.bands.filter((b) => b.lay && b.lay.notes.length > 0);
  if (group.bands.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-label="Findings" maxW="860px" mt="4">
      {open.length === 0 && laid.length === 0 && (
        <Text bg="mossWash" borderRadius="lg" p="3">
          Nothing stands against it.
        </Text>
      )}
      <Flex direction="column" gap="2">
        {open.map((f) => (
          <Finding
            key={`${f.rule} ${f.band}`}
            finding={f}
            number={f.number}
            group={group}
            onBand={onBand}
          />
        ))}
        {laid.map((b) => (
          <OfLay key={b.key} band={b} onBand={onBand} />
        ))}
        {noted.map((f) => (
          <Noted key={`${f.rule} ${f.band}`} finding={f} group={group} />
        ))}
      </Flex>
    </Box>
  );
}

function Finding({
  finding,
  number,
  group,
  onBand,
}: {
  finding: CoatFinding;
  number: number;
  group: CoatGroup;
  onBand: (key: string) => void;
}) {
  const plan = usePlan();
  const [noting, setNoting] = useState(false);
  const look = LEVELS[finding.level];
  return (
    <Flex bg={look.wash} borderRadius="lg" p="3" gap="3" align="flex-start">
      <chakra.button
        type="button"
        title="Where it is"
        aria-label={`${look.word} ${number}, show where it is`}
        onClick={() => onBand(finding.band)}
        flexShrink={0}
        w="21px"
        h="21px"
        borderRadius="full"
        bg={look.colour}
        color={look.on}
        fontSize="12px"
        fontWeight="700"
        lineHeight="21px"
        textAlign="center"
      >
        {number}
      </chakra.button>
      <Box flex="1" minW="0">
        <Text fontWeight="600">
          <Box as="span" color="soft" fontWeight="500">
            {finding.safety ? 'Take care' : look.word}:{' '}
          </Box>
          <Fig text={finding.what} />
        </Text>
        <Text fontSize="13px">
          <Fig text={finding.why} />
        </Text>
        {noting && (
          <NoteLine
            safety={finding.safety}
            onNote={(note) => {
              plan.edit({
                kind: 'NOTE_FINDING',
                groupId: group.id,
                rule: finding.rule,
                band: finding.band,
                note,
              });
              setNoting(false);
            }}
          />
        )}
      </Box>
      <Flex direction="column" gap="1.5" align="stretch" flexShrink={0} maxW="230px">
        {finding.mends.map((m) => (
          <Button
            key={m.code}
            whiteSpace="normal"
            h="auto"
            minH="8"
            py="1"
            onClick={() =>
              plan.edit({
                kind: 'TAKE_COAT_MEND',
                groupId: group.id,
                rule: finding.rule,
                band: finding.band,
                mend: m.code,
              })
            }
          >
            <Fig text={m.text} />
          </Button>
        ))}
        {!noting && (
          <Button look="plain" size="xs" onClick={() => setNoting(true)}>
            {finding.safety ? 'I have taken note…' : 'Leave it so…'}
          </Button>
        )}
      </Flex>
    </Flex>
  );
}

/** What was found about a design; it is mended where it is laid out. */
function OfLay({ band, onBand }: { band: CoatBand; onBand: (key: string) => void }) {
  return (
    <Flex borderWidth="1px" borderColor="hairline" bg="sheet" borderRadius="lg" p="3" gap="3">
      <Box flex="1" minW="0">
        <Text fontWeight="600" mb="1">
          <Box as="span" color="soft" fontWeight="500">
            As it is laid:{' '}
          </Box>
          {band.title}
        </Text>
        <Notes notes={band.lay?.notes ?? []} />
      </Box>
      <Button look="plain" size="xs" onClick={() => onBand(band.key)}>
        Where it is
      </Button>
    </Flex>
  );
}

function NoteLine({ safety, onNote }: { safety: boolean; onNote: (note: string) => void }) {
  const [note, setNote] = useState(safety ? 'Read, and done so.' : '');
  return (
    <Flex mt="2" gap="2">
      <Input
        aria-label="Your note, which stays in the plan"
        placeholder="Why, in a few words"
        size="sm"
        bg="card"
        maxLength={300}
        value={note}
        onChange={(e) => setNote(e.currentTarget.value)}
      />
      <Button disabled={note.trim() === ''} onClick={() => onNote(note)}>
        Note it
      </Button>
    </Flex>
  );
}

function Noted({ finding, group }: { finding: CoatFinding; group: CoatGroup }) {
  const plan = usePlan();
  return (
    <Flex gap="3" px="3" py="1.5" fontSize="13px" color="soft" align="center">
      <Text flex="1">
        <Fig text={finding.what} />{' '}
        <Box as="span" color="plum">
          “{finding.note}”
        </Box>
      </Text>
      <Button
        look="plain"
        size="xs"
        onClick={() =>
          plan.edit({
            kind: 'NOTE_FINDING',
            groupId: group.id,
            rule: finding.rule,
            band: finding.band,
          })
        }
      >
        Look again
      </Button>
    </Flex>
  );
}
