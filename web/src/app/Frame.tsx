import { Box, Flex, Heading, HStack, Text } from '@chakra-ui/react';
import { History, Redo2, Undo2 } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Link, Outlet, useMatches, useParams } from 'react-router';
import { GuestLine } from '../account/GuestLine';
import { YouLink } from '../account/YouLink';
import type { PieceView } from '../api/client';
import { useStudio, useSwitchUnits } from '../api/queries';
import { Button } from '../common/Button';
import { Place } from '../common/Place';
import { FindDialog } from '../find/FindDialog';
import { Others } from '../live/Others';
import { HistoryDialog } from '../plan/HistoryDialog';
import { PlanProvider, usePlan } from '../plan/PlanProvider';
import { WalkStrip } from '../walk/WalkStrip';
import { KeysDialog } from './KeysDialog';
import { LightButton } from './LightButton';
import { RouteLine } from './RouteLine';
import { leastWidth, windowTitle } from './titles';
import { useKeys } from './useKeys';

/** The bar over every page, and the page under it. */
function Page({
  of,
  middle,
  right,
  under,
  children,
}: {
  /** The piece whose page it is. */
  of?: PieceView;
  middle?: ReactNode;
  right?: ReactNode;
  /** What stands under the bar, over the page. */
  under?: ReactNode;
  children: ReactNode;
}) {
  const handles = useMatches().map((match) => match.handle);
  const [keysOpen, setKeysOpen] = useState(false);
  const [finding, setFinding] = useState(false);
  const switchUnits = useSwitchUnits();
  useKeys({ '?': () => setKeysOpen(true), u: switchUnits, '/': () => setFinding(true) });
  return (
    <Flex direction="column" h="100%" minW={leastWidth(handles)}>
      <title>{windowTitle(handles, of?.document.name)}</title>
      <Flex
        as="header"
        _print={{ display: 'none' }}
        h={{ base: 'auto', lg: '60px' }}
        minH="60px"
        py={{ base: '2', lg: '0' }}
        flexShrink={0}
        align="center"
        justify="space-between"
        wrap={{ base: 'wrap', lg: 'nowrap' }}
        px={{ base: '3', md: '5' }}
        gap={{ base: '2', lg: '4' }}
        bg="sheet"
        borderBottomWidth="1px"
        borderColor="hairline"
      >
        <Link to="/" aria-label="Craft Map, all pieces">
          <HStack gap="2.5" w={{ base: 'auto', xl: '210px' }}>
            <Box as="span" w="24px">
              <img src="/mark.svg" width="24" height="24" alt="" />
            </Box>
            <Text
              as="span"
              // where the route leaves no room for it, the mark alone leads home
              display={{ base: of ? 'none' : 'inline', lg: 'none', xl: 'inline' }}
              whiteSpace="nowrap"
              fontFamily="heading"
              fontSize="19px"
              fontWeight="600"
            >
              Craft Map
            </Text>
          </HStack>
        </Link>
        <Flex flex={{ base: '1 0 100%', lg: '1' }} order={{ base: 1, lg: 0 }} justify="center">
          {middle}
        </Flex>
        <HStack
          gap={{ base: '1', md: '2' }}
          wrap={{ base: 'wrap', md: 'nowrap' }}
          minW={{ md: '250px', xl: '290px' }}
          justify="flex-end"
          // on a phone all of them in one row
          css={{ mdDown: { '& button': { paddingInline: '2' } } }}
        >
          <Box display={{ base: of ? 'none' : 'block', md: 'block' }}>
            <Others piece={of && { id: of.id, name: of.document.name, faces: of.reading.faces }} />
          </Box>
          <YouLink />
          {right}
          <Button title="Find anything (/)" onClick={() => setFinding(true)}>
            Find…
          </Button>
          <UnitsButton onSwitch={switchUnits} />
          <LightButton />
          <Button aria-label="Keys" title="Keys (?)" onClick={() => setKeysOpen(true)}>
            ?
          </Button>
        </HStack>
      </Flex>
      <GuestLine />
      {under}
      <Box as="main" flex="1" minH="0" overflow="auto">
        {children}
      </Box>
      {finding && <FindDialog close={() => setFinding(false)} />}
      <KeysDialog open={keysOpen} close={() => setKeysOpen(false)} />
    </Flex>
  );
}

export function Frame() {
  return (
    <Page
      middle={
        <HStack
          as="nav"
          gap={{ base: '4', xl: '6' }}
          rowGap="1"
          wrap={{ base: 'wrap', lg: 'nowrap' }}
          justify="center"
          aria-label="Places"
        >
          <Place to="/" end>
            Pieces
          </Place>
          <Place to="/week">This week</Place>
          <Place to="/logbook">Logbook</Place>
          <Place to="/shelf">Shelf</Place>
          <Place to="/shopping">Shopping</Place>
          <Place to="/sums">Quick sums</Place>
          <Place to="/studio">Studio</Place>
        </HStack>
      }
    >
      <Outlet />
    </Page>
  );
}

export function PieceFrame() {
  const { pieceId = '' } = useParams();
  return (
    <PlanProvider pieceId={pieceId}>
      <PiecePage />
    </PlanProvider>
  );
}

function PiecePage() {
  const { piece } = usePlan();
  return (
    <Page of={piece} middle={<RouteLine />} right={<UndoRedo />} under={<WalkStrip />}>
      <Outlet />
      <Trouble />
    </Page>
  );
}

function UndoRedo() {
  const { piece, undo, redo } = usePlan();
  const [looking, setLooking] = useState(false);
  useKeys({ 'mod+z': undo, 'mod+shift+z': redo, 'mod+y': redo });
  return (
    <>
      <Button
        aria-label="Undo"
        title={piece.undo ? `Undo: ${piece.undo}` : 'Nothing to undo'}
        disabled={piece.undo === undefined}
        onClick={undo}
      >
        <Undo2 size={15} aria-hidden />
      </Button>
      <Button
        aria-label="Redo"
        title={piece.redo ? `Redo: ${piece.redo}` : 'Nothing to redo'}
        disabled={piece.redo === undefined}
        onClick={redo}
      >
        <Redo2 size={15} aria-hidden />
      </Button>
      <Button
        aria-label="History"
        title="What was done to this plan, when and by whom"
        onClick={() => setLooking(true)}
      >
        <History size={15} aria-hidden />
      </Button>
      {looking && (
        <HistoryDialog pieceId={piece.id} version={piece.version} close={() => setLooking(false)} />
      )}
    </>
  );
}

function UnitsButton({ onSwitch }: { onSwitch: () => void }) {
  const unit = useStudio().data?.tape.unit;
  const inches = unit === 'INCH';
  return (
    <Button
      title="Switch units (U)"
      aria-label={`Units: ${inches ? 'inches' : 'millimetres'}. Switch`}
      onClick={onSwitch}
      disabled={unit === undefined}
    >
      <Box as="span" fontWeight={inches ? '700' : '400'} color={inches ? 'ink' : 'soft'}>
        in
      </Box>
      <span aria-hidden>·</span>
      <Box as="span" fontWeight={inches ? '400' : '700'} color={inches ? 'soft' : 'ink'}>
        mm
      </Box>
    </Button>
  );
}

/** What keeps a change from being saved, in a sentence, out of the way of the work. */
function Trouble() {
  const { trouble, forgetTrouble } = usePlan();
  if (trouble === null || trouble.kind === 'clash') {
    return null;
  }
  return (
    <Flex
      role="alert"
      position="fixed"
      bottom="5"
      left="50%"
      transform="translateX(-50%)"
      maxW="620px"
      gap="4"
      align="center"
      bg="card"
      borderWidth="1px"
      borderColor="rust"
      borderRadius="lg"
      px="4"
      py="3"
      boxShadow="lg"
      zIndex="toast"
    >
      <Box>
        <Heading as="h2" fontFamily="heading" fontSize="md">
          {trouble.kind === 'refused' ? 'Not changed' : 'Not saved yet'}
        </Heading>
        <Text>
          {trouble.sentence}
          {trouble.kind === 'silent' && ' Your change is kept here and tried again.'}
        </Text>
      </Box>
      {trouble.kind === 'refused' && <Button onClick={forgetTrouble}>All right</Button>}
    </Flex>
  );
}
