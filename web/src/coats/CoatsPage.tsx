import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { CoatGroup } from '../api/client';
import { useCoats } from '../api/queries';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { SectionLevel } from '../common/Section';
import { Empty, ErrorState, Loading } from '../common/States';
import { usePlan } from '../plan/PlanProvider';
import { AddCoat } from './AddCoat';
import { BandPanel } from './BandPanel';
import { CompareChoices } from './CompareChoices';
import { Findings } from './Findings';
import { GroundPanel } from './GroundPanel';
import { GroupList } from './GroupList';
import { LeftOut } from './LeftOut';
import { Section } from './Section';

/** A cut through the face, from the bare surface up. */
export function CoatsPage() {
  const { groupId, band: bandKey } = useParams();
  const plan = usePlan();
  const go = useNavigate();
  const coats = useCoats(plan.piece.id, plan.piece.version);
  const [comparing, setComparing] = useState(false);
  const groups = coats.data?.groups ?? [];
  const group = groups.find((g) => g.id === groupId) ?? groups[0];
  const band = group?.bands.find((b) => b.key === bandKey);
  const base = `/pieces/${plan.piece.id}/coats`;
  const choose = (id: string, key?: string) =>
    go(key === undefined ? `${base}/${enc(id)}` : `${base}/${enc(id)}/${enc(key)}`, {
      replace: true,
    });
  useKeys({
    f: () => {
      const at = groups.findIndex((g) => g.id === group?.id);
      const next = groups[(at + 1) % groups.length];
      if (next) {
        choose(next.id);
      }
    },
    c: () => setComparing((group?.choices.length ?? 0) > 1),
    delete: () => {
      if (group && band && !band.lay) {
        plan.edit({ kind: 'LEAVE_COAT_OUT', groupId: group.id, band: band.key });
      }
    },
  });
  if (coats.isError) {
    return <ErrorState problem={coats.error} again={() => void coats.refetch()} />;
  }
  if (!coats.data) {
    return <Loading what="the coats" />;
  }
  if (!group) {
    return (
      <Box p="7">
        <Empty title="No face to coat" level="h1">
          Show a face at Survey, and its coats are proposed here.
        </Empty>
      </Box>
    );
  }
  return (
    <Flex h="100%">
      <GroupList coats={coats.data} group={group} onChoose={choose} />
      <Box flex="1" minW="0" overflow="auto" px="6" py="4">
        <Head group={group} />
        <Section group={group} band={band?.key} onChoose={(key) => choose(group.id, key)} />
        <Findings group={group} onBand={(key) => choose(group.id, key)} />
      </Box>
      <Box
        as="aside"
        aria-label="What is chosen"
        w="322px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        <SectionLevel value="h2">
          {band ? (
            <BandPanel key={`${group.id} ${band.key}`} group={group} band={band} />
          ) : (
            <GroundPanel group={group} />
          )}
          <LeftOut group={group} />
          <ChoicesButton group={group} onCompare={() => setComparing(true)} />
          <AddCoat group={group} onAdded={(key) => choose(group.id, key)} />
        </SectionLevel>
      </Box>
      {comparing && <CompareChoices group={group} close={() => setComparing(false)} />}
    </Flex>
  );
}

const enc = encodeURIComponent;

function Head({ group }: { group: CoatGroup }) {
  const from = group.surface.text;
  return (
    <Box mb="1">
      <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
        {group.name}, from the {from} up
      </Heading>
      <Text color="soft" fontSize="13.5px">
        {group.totalText} · {group.handsOnText} of work. Drag a band to another place, or Alt with
        the arrows.
      </Text>
    </Box>
  );
}

function ChoicesButton({ group, onCompare }: { group: CoatGroup; onCompare: () => void }) {
  return group.choices.length > 1 ? (
    <Button mt="3" size="sm" title="Side by side (C)" onClick={onCompare}>
      Compare side by side
    </Button>
  ) : null;
}
