import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { CoatBand, CoatGroup, CoatWish } from '../api/client';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { Fig } from '../common/Fig';
import { Notes } from '../common/Notes';
import { Pill } from '../common/Pill';
import { Section } from '../common/Section';
import { Why } from '../common/Why';
import { LearnedFrom } from '../learned/LearnedFrom';
import { usePlan } from '../plan/PlanProvider';
import { GroundPanel } from './GroundPanel';
import { Hints } from './Hints';
import { ItTook } from './ItTook';
import { PictureColours } from './PictureColours';
import { Products } from './Products';
import { Pills, WhereFields } from './WhereFields';

const TOOLS = [
  ['ROLLER', 'roller'],
  ['BRUSH', 'brush'],
  ['SPONGE', 'sponge'],
  ['SPRAYER', 'sprayer'],
  ['CLOTH', 'cloth'],
  ['PALETTE_KNIFE', 'palette knife'],
] as const;

const GRITS = [0, 180, 220, 320, 400, 600];

/** What can be decided about the band that is chosen, and what it takes. */
export function BandPanel({ group, band }: { group: CoatGroup; band: CoatBand }) {
  const plan = usePlan();
  if (band.lay) {
    return (
      <Box>
        <Head band={band} over="lay" />
        <Text mb="2">{band.note}</Text>
        {band.lay.notes.length > 0 && (
          <Box mb="3">
            <Notes notes={band.lay.notes} />
          </Box>
        )}
        <Link to={`/pieces/${plan.piece.id}/lay-out/${band.lay.faceId}/${band.lay.id}`}>
          <Text as="span" color="sea" textDecoration="underline">
            {band.lay.notes.some((n) => n.mendable) ? 'Mend it at Lay out' : 'Change it at Lay out'}
          </Text>
        </Link>
        <Takes band={band} />
        <LearnedFrom learned={band.learned} />
        {band.lay.designId && (
          <PictureColours
            designId={band.lay.designId}
            onGround={(product) => plan.edit({ kind: 'PAINT_GROUND', groupId: group.id, product })}
          />
        )}
      </Box>
    );
  }
  const leaveOut = (
    <Button
      look="warn"
      mt="3"
      title="Leave it out (Delete)"
      onClick={() => plan.edit({ kind: 'LEAVE_COAT_OUT', groupId: group.id, band: band.key })}
    >
      Leave it out
    </Button>
  );
  if (!band.coat) {
    const dressed = band.dressed;
    return (
      <Box>
        <Head band={band} over={dressed ? 'between coats' : 'preparation'} />
        <Text>{band.note}</Text>
        {dressed && (
          <Box mt="3">
            <WhereFields
              of="DRESSING"
              where={dressed}
              onWhere={(where) =>
                plan.edit({
                  kind: 'CHANGE_COAT',
                  groupId: group.id,
                  wish: { band: band.key, where },
                })
              }
            />
          </Box>
        )}
        <Hints hints={band.hints} />
        <Takes band={band} />
        <LearnedFrom learned={band.learned} />
        {leaveOut}
      </Box>
    );
  }
  return (
    <Box>
      <Head band={band} over={`coat · ${band.coat.roleText.toLowerCase()}`} />
      <CoatFields group={group} band={band} coat={band.coat} />
      <ItTook group={group} band={band} />
      <Hints hints={band.hints} />
      <Takes band={band} />
      <LearnedFrom learned={band.learned} />
      {leaveOut}
      {band.key === 'ground' && <GroundPanel group={group} />}
    </Box>
  );
}

function Head({ band, over }: { band: CoatBand; over: string }) {
  return (
    <Box mb="2">
      <Text fontSize="12.5px" color="soft">
        {over}
        {!band.own && ' · proposed'}
      </Text>
      <Heading as="h2" fontFamily="heading" fontSize="18px" fontWeight="600">
        {band.title}
      </Heading>
    </Box>
  );
}

function Takes({ band }: { band: CoatBand }) {
  return (
    <Box mt="3">
      <Section title="It takes">
        {band.takesText && (
          <Row name={band.note}>
            <Why why={band.why}>
              <Fig text={band.takesText + (band.leftText ? ` of ${band.leftText} left` : '')} />
            </Why>
          </Row>
        )}
        <Row name="Hands on">
          <Why why={band.why.slice(-1)}>{band.handsOnText}</Why>
        </Row>
        {band.dryText && <Row name="By its label">{band.dryText}</Row>}
      </Section>
    </Box>
  );
}

function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <Flex justify="space-between" gap="3" py="1">
      <Text color="soft">{name}</Text>
      <Box textAlign="right">{children}</Box>
    </Flex>
  );
}

type Coat = NonNullable<CoatBand['coat']>;

function CoatFields({ group, band, coat }: { group: CoatGroup; band: CoatBand; coat: Coat }) {
  const plan = usePlan();
  const change = (wish: Partial<CoatWish>, without: ReadonlyArray<keyof CoatWish> = []) => {
    const next: CoatWish = { ...coat.wish, ...wish };
    for (const key of without) {
      delete next[key];
    }
    plan.edit({ kind: 'CHANGE_COAT', groupId: group.id, wish: next });
  };
  const times = coat.timesChosen ? String(coat.times) : '';
  return (
    <Flex direction="column" gap="3">
      <Products
        label="Put on from"
        roles={[coat.role]}
        value={coat.wish.product}
        shown={band.title}
        onProduct={(product) =>
          band.key === 'ground'
            ? plan.edit({ kind: 'PAINT_GROUND', groupId: group.id, product })
            : change({ product })
        }
      />
      <ChoiceField
        label="Coats"
        value={times}
        among={[
          ['', coat.hides ? `as many as hide (${coat.times})` : `as usual (${coat.times})`],
          ...Array.from({ length: 6 }, (_, i) => [String(i + 1), String(i + 1)] as const),
          ...(coat.times > 6 ? [[String(coat.times), String(coat.times)] as const] : []),
        ]}
        onChoice={(n) => (n === '' ? change({}, ['times']) : change({ times: Number(n) }))}
      />
      <Pills title="Put on with">
        {TOOLS.map(([tool, name]) => (
          <Pill key={tool} on={coat.tool === tool} onClick={() => change({ tool })}>
            {name}
          </Pill>
        ))}
      </Pills>
      <WhereFields of={coat.role} where={coat.where} onWhere={(where) => change({ where })} />
      <Flex gap="3">
        <ChoiceField
          label="Sanded between"
          width="47%"
          value={String(coat.wish.grit ?? 0)}
          among={GRITS.map((g) => [String(g), g === 0 ? 'no' : `with ${g}`] as const)}
          onChoice={(g) => (g === '0' ? change({}, ['grit']) : change({ grit: Number(g) }))}
        />
        <ChoiceField
          label="Water added"
          width="47%"
          value={String(Math.round((coat.wish.waterShare ?? 0) * 100))}
          among={[0, 5, 10, 15, 20, 30].map(
            (w) => [String(w), w === 0 ? 'none' : `${w} %`] as const,
          )}
          onChoice={(w) =>
            w === '0' ? change({}, ['waterShare']) : change({ waterShare: Number(w) / 100 })
          }
        />
      </Flex>
    </Flex>
  );
}
