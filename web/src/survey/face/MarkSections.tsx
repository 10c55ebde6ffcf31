import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { FaceView } from '../../api/client';
import { Button } from '../../common/Button';
import { Section } from '../../common/Section';
import { MARK_NAMES, type MarkKind } from '../marks';
import { BlemishCard } from './BlemishCard';
import { BreakCard, HoleCard } from './HoleAndBreakCards';
import { KeepOutCard, ZoneCard } from './KeepOutAndZoneCards';

type Props = {
  readonly face: FaceView;
  readonly placing: MarkKind | null;
  readonly fresh: string | null;
  readonly onPlacing: (placing: MarkKind | null) => void;
  readonly onAdd: (kind: MarkKind) => void;
};

/** What is marked on the face, kind by kind, each added by a click on the map or by distances. */
export function MarkSections({ face, placing, fresh, onPlacing, onAdd }: Props) {
  const section = (kind: MarkKind, title: string, none: string, cards: ReactNode[]) => (
    <Section
      title={title}
      right={
        <Flex gap="1">
          <Button
            size="xs"
            look={placing === kind ? 'sea' : 'quiet'}
            aria-pressed={placing === kind}
            aria-label={`Put a ${MARK_NAMES[kind]} by clicking on the map`}
            onClick={() => onPlacing(placing === kind ? null : kind)}
          >
            click on map
          </Button>
          <Button
            size="xs"
            aria-label={`Add a ${MARK_NAMES[kind]} by its distances`}
            onClick={() => onAdd(kind)}
          >
            by distances
          </Button>
        </Flex>
      }
    >
      {cards.length === 0 ? (
        <Text color="soft">{none}</Text>
      ) : (
        <Box data-testid={`${kind}-cards`}>{cards}</Box>
      )}
    </Section>
  );
  return (
    <>
      {section(
        'keepOut',
        'Keep-outs',
        'None: nothing here has to stay bare.',
        face.keepOuts.map((k) => (
          <KeepOutCard key={k.id} face={face} keepOut={k} fresh={k.id === fresh} />
        )),
      )}
      {section(
        'blemish',
        'Blemishes',
        'None: nothing to hide.',
        face.blemishes.map((b) => (
          <BlemishCard key={b.id} face={face} blemish={b} fresh={b.id === fresh} />
        )),
      )}
      {section(
        'hole',
        'Holes',
        'None: no hardware goes back here.',
        face.holes.map((h) => <HoleCard key={h.id} face={face} hole={h} fresh={h.id === fresh} />),
      )}
      {section(
        'break',
        'Breaks',
        'None: the surface runs through.',
        face.breaks.map((b) => (
          <BreakCard key={b.id} face={face} mark={b} fresh={b.id === fresh} />
        )),
      )}
      {section(
        'zone',
        'Zones',
        'None: one ground all over.',
        face.zones.map((z) => <ZoneCard key={z.id} face={face} zone={z} fresh={z.id === fresh} />),
      )}
    </>
  );
}
