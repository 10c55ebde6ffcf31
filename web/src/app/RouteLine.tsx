import { Box, chakra, Flex } from '@chakra-ui/react';
import { Link, useLocation } from 'react-router';
import { useRoute } from '../api/queries';
import { FoundMark } from '../common/FoundMark';
import { usePlan } from '../plan/PlanProvider';

export const STOPS = [
  { stop: 'SURVEY', path: 'survey', name: 'Survey' },
  { stop: 'CHOOSE', path: 'choose', name: 'Choose' },
  { stop: 'LAY_OUT', path: 'lay-out', name: 'Lay out' },
  { stop: 'COATS', path: 'coats', name: 'Coats' },
  { stop: 'CUT', path: 'cut', name: 'Cut' },
  { stop: 'ORDER', path: 'order', name: 'Order' },
  { stop: 'GATHER', path: 'gather', name: 'Gather' },
] as const;

/** Other ways to look at the piece that is surveyed. */
const SURVEY_TOO = new Set(['standing', 'photos']);

/** Until it is answered how far the piece has come, no stop looks as if it were still to be done. */
const NOT_KNOWN = 0.45;

/** Where the piece stands: settled stops filled, the one in view in ochre, the rest open. */
export function RouteLine() {
  const { piece } = usePlan();
  const route = useRoute(piece.id, piece.version).data;
  const here = useLocation().pathname.split('/')[3];
  return (
    <Flex as="nav" aria-label="Route" align="flex-start" aria-busy={!route}>
      {STOPS.map(({ stop, path, name }, i) => {
        const settled = route?.settled.includes(stop) ?? false;
        const found = route?.found.find((f) => f.stop === stop);
        const current = here === path || (path === 'survey' && SURVEY_TOO.has(here ?? ''));
        return (
          <Flex key={stop} align="flex-start">
            {i > 0 && (
              <Box
                aria-hidden
                mt="7px"
                w={{ base: '32px', md: '50px', lg: '44px', xl: '50px' }}
                mx={{ base: '-16px', md: '-25px', lg: '-22px', xl: '-25px' }}
                borderTopWidth="2px"
                borderStyle={settled || current ? 'solid' : 'dashed'}
                borderColor={settled || current ? 'sea' : 'fold'}
                opacity={route ? undefined : NOT_KNOWN}
              />
            )}
            <Link to={`/pieces/${piece.id}/${path}`} aria-current={current ? 'page' : undefined}>
              <Flex
                direction="column"
                align="center"
                w={{ base: '52px', md: '70px', lg: '64px', xl: '70px' }}
                gap="1"
              >
                <Box
                  w="16px"
                  h="16px"
                  borderRadius="full"
                  display="grid"
                  placeItems="center"
                  bg={current ? 'ochreWash' : 'transparent'}
                >
                  <Box
                    w="11px"
                    h="11px"
                    borderRadius="full"
                    borderWidth="2px"
                    borderColor={current ? 'ochre' : route ? 'sea' : 'fold'}
                    opacity={route || current ? undefined : NOT_KNOWN}
                    bg={current ? 'ochre' : settled ? 'sea' : 'sheet'}
                  />
                </Box>
                <chakra.span
                  fontSize="12.5px"
                  lineHeight="1.2"
                  textAlign="center"
                  fontWeight={current ? '600' : '400'}
                  color={current ? 'ink' : 'soft'}
                >
                  {name}
                  {settled && <chakra.span srOnly>, settled</chakra.span>}
                  {found && <FoundMark found={found} />}
                </chakra.span>
              </Flex>
            </Link>
          </Flex>
        );
      })}
    </Flex>
  );
}
