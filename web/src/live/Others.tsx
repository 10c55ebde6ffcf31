import { Box, HStack, Text } from '@chakra-ui/react';
import type { OtherWindow } from '../api/client';
import { useOthers } from './Live';
import { called, initials, onFace, people, whereabouts } from './told';

/** More do not fit into the bar. */
const MOST = 3;

type Piece = {
  readonly id: string;
  readonly name: string;
  readonly faces: ReadonlyArray<{ readonly id: string; readonly name: string }>;
};

/** Who else is in the studio now, those at this piece before the others. */
export function Others({ piece = null }: { piece?: Piece | null }) {
  const all = people(useOthers());
  if (all.length === 0) {
    return null;
  }
  const face = (id: string) => piece?.faces.find((f) => f.id === id)?.name;
  const isHere = (other: OtherWindow) => piece !== null && other.pieceId === piece.id;
  const sorted = [...all].sort((a, b) => Number(isHere(b)) - Number(isHere(a)));
  const said = sorted.map((o) => whereabouts(o, piece, face));
  return (
    <HStack
      as="ul"
      gap="1"
      listStyleType="none"
      aria-label="Who else is here"
      data-testid="others"
      title={said.join('\n')}
    >
      {sorted.slice(0, MOST).map((other, i) => (
        <Box as="li" key={other.window}>
          <Mark person={other.person} strong={isHere(other)} label={said[i] ?? ''} />
        </Box>
      ))}
      {sorted.length > MOST && (
        <Text as="li" fontSize="12.5px" color="soft">
          +{sorted.length - MOST}
        </Text>
      )}
    </HStack>
  );
}

/** Who else looks at a face now; nothing where it is nobody. */
export function AlsoHere({
  pieceId,
  faceId,
  words = false,
}: {
  pieceId: string;
  faceId: string;
  words?: boolean;
}) {
  const here = onFace(useOthers(), pieceId, faceId);
  if (here.length === 0) {
    return null;
  }
  const names = here.map(called).join(', ');
  const label = `${names} ${here.length > 1 ? 'are' : 'is'} here too`;
  return (
    <HStack as="span" gap="1.5" display="inline-flex" data-testid="also-here">
      {here.slice(0, MOST).map((other) => (
        <Mark key={other.window} person={other.person} strong label={words ? '' : label} />
      ))}
      {words && (
        <Text as="span" fontSize="12.5px" color="soft">
          {label}
        </Text>
      )}
    </HStack>
  );
}

function Mark({ person, strong, label }: { person: string; strong: boolean; label: string }) {
  return (
    <Box
      as="span"
      display="inline-grid"
      placeItems="center"
      w="24px"
      h="24px"
      flexShrink={0}
      borderRadius="full"
      borderWidth="1.5px"
      borderColor={strong ? 'sea' : 'fold'}
      bg={strong ? 'sea' : 'sheet'}
      color={strong ? 'sheet' : 'soft'}
      fontSize="11px"
      fontWeight="700"
      lineHeight="1"
      {...(label === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      {initials(person)}
    </Box>
  );
}
