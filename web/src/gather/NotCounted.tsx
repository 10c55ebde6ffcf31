import { Box, Heading, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { GatherView } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { isMend } from '../work/wrong';

type Props = {
  readonly pieceId: string;
  readonly unnamed: GatherView['unnamed'];
  readonly unrolled: GatherView['unrolled'];
  readonly unowned: GatherView['unowned'];
  readonly notLaid: GatherView['notLaid'];
  readonly onPot: (groupId: string, band: string, potId: string) => void;
};

/** What the figures above leave out, and where each is put right. */
export function NotCounted({ pieceId, unnamed, unrolled, unowned, notLaid, onPot }: Props) {
  if (unnamed.length + unrolled.length + unowned.length + notLaid.length === 0) {
    return null;
  }
  return (
    <Box mt="5" maxW="860px" data-testid="not-counted">
      <Heading as="h2" fontFamily="heading" fontSize="16px" fontWeight="600">
        Not counted yet
      </Heading>
      {unnamed.map((lay) => (
        <Text key={lay.layId} color="rust" mt="1">
          <Link to={`/pieces/${pieceId}/lay-out/${lay.faceId}/${lay.layId}`}>
            <b>
              <Fig text={lay.title} />
            </b>
          </Link>
          {`: about ${lay.needText} of ${lay.roleText}, but no pot is named.`}
        </Text>
      ))}
      {unrolled.map((lay) => (
        <Text key={lay.layId} color="rust" mt="1">
          <Link to={`/pieces/${pieceId}/lay-out/${lay.faceId}/${lay.layId}`}>
            <b>
              <Fig text={lay.title} />
            </b>
          </Link>
          {`: ${lay.needText} of ${lay.roleText}, but no roll of it is on the shelf.`}
        </Text>
      ))}
      {unowned.map((coat) => (
        <Text key={`${coat.groupId} ${coat.band}`} color="rust" mt="1">
          <Link
            to={
              isMend(coat.band)
                ? `/pieces/${pieceId}/work`
                : `/pieces/${pieceId}/coats/${encodeURIComponent(coat.groupId)}/${encodeURIComponent(coat.band)}`
            }
          >
            <b>{coat.title}</b>
          </Link>
          {coat.there
            ? ` on ${coat.groupText.toLowerCase()}: ${coat.needText}, and no pot is named. `
            : ` on ${coat.groupText.toLowerCase()}: ${coat.needText}, and nothing for it is on the shelf.`}
          {coat.there && (
            <Button
              size="xs"
              look="sea"
              onClick={() => coat.there && onPot(coat.groupId, coat.band, coat.there.potId)}
            >
              Take it out of {coat.there.potName}
            </Button>
          )}
        </Text>
      ))}
      {notLaid.map((use) => (
        <Text key={use.layId} color="rust" mt="1">
          <Link to={`/pieces/${pieceId}/lay-out/${use.faceId}/${use.layId}`}>
            <b>{use.title}</b>
          </Link>
          {': '}
          {use.where}
        </Text>
      ))}
    </Box>
  );
}
