import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { CoatGroup, CoatsView } from '../api/client';
import { Button } from '../common/Button';
import { PrintLinks } from '../common/PrintLinks';
import { usePlan } from '../plan/PlanProvider';
import { GroupDialog } from './GroupDialog';
import { HabitLinks } from './HabitLinks';
import { LEVELS } from './levels';
import { SchemeLinks } from './SchemeLinks';
import { Swatches } from './Swatches';

/** The groups of the piece, and what is done to them. */
export function GroupList({
  coats,
  group,
  onChoose,
}: {
  coats: CoatsView;
  group: CoatGroup;
  onChoose: (groupId: string) => void;
}) {
  const plan = usePlan();
  const [grouping, setGrouping] = useState(false);
  return (
    <Box
      as="aside"
      aria-label="Groups"
      w="230px"
      flexShrink={0}
      bg="sheet"
      borderRightWidth="1px"
      borderColor="hairline"
      overflow="auto"
      p="4"
    >
      <Text fontSize="12.5px" color="soft">
        {plan.document.name}
      </Text>
      <Heading as="h2" fontFamily="heading" fontSize="18px" fontWeight="600">
        Coats
      </Heading>
      <Heading
        as="h3"
        fontFamily="heading"
        fontSize="15px"
        lineHeight="1.3"
        color="soft"
        mt="2"
        mb="2"
      >
        Faces that share their coats
      </Heading>
      <Flex direction="column" gap="2" role="list">
        {coats.groups.map((g) => (
          <GroupCard key={g.id} group={g} on={g.id === group.id} onClick={() => onChoose(g.id)} />
        ))}
      </Flex>
      <Flex gap="2" mt="3" wrap="wrap">
        <Button onClick={() => setGrouping(true)}>Part a group…</Button>
        {group.made && (
          <Button
            look="plain"
            title="Its faces are grouped by what they are again"
            onClick={() => plan.edit({ kind: 'UNGROUP', groupId: group.id })}
          >
            Join again
          </Button>
        )}
      </Flex>
      <SchemeLinks groups={coats.groups} group={group} />
      <HabitLinks habits={coats.habits} />
      <PrintLinks title="Print the coats" path={`/api/pieces/${plan.piece.id}/coats/print`} />
      {grouping && <GroupDialog coats={coats} group={group} close={() => setGrouping(false)} />}
    </Box>
  );
}

function GroupCard({ group, on, onClick }: { group: CoatGroup; on: boolean; onClick: () => void }) {
  const worst = group.worst && group.worst !== 'FINE' ? LEVELS[group.worst] : null;
  const open = group.findings.filter((f) => f.note === undefined && f.level !== 'FINE').length;
  return (
    <Box role="listitem">
      <chakra.button
        type="button"
        w="100%"
        textAlign="left"
        p="2.5"
        borderRadius="md"
        bg={on ? 'seaWash' : 'transparent'}
        _hover={{ bg: on ? 'seaWash' : 'card' }}
        aria-current={on ? 'true' : undefined}
        onClick={onClick}
      >
        <Flex justify="space-between" gap="2">
          <Text fontWeight="600" lineHeight="1.25">
            {group.name}
          </Text>
          {worst && (
            <Box
              as="span"
              flexShrink={0}
              px="1.5"
              h="18px"
              borderRadius="full"
              fontSize="11px"
              fontWeight="700"
              lineHeight="18px"
              bg={worst.colour}
              color={worst.on}
              title={`${open} to look at`}
            >
              {open}
            </Box>
          )}
        </Flex>
        <Text fontSize="12.5px" color="soft">
          {group.surface.areaText} · {group.surface.text}, {group.surface.noteText}
        </Text>
        {group.bands.length === 0 ? (
          <Text fontSize="12.5px" color="soft">
            {group.totalText}
          </Text>
        ) : (
          <Swatches colours={group.swatches} height={13} gap={4} />
        )}
      </chakra.button>
    </Box>
  );
}
