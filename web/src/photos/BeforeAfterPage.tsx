import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { api, ask, type PhotoView } from '../api/client';
import { keys } from '../api/keys';
import { usePhotos } from '../api/queries';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { Empty, ErrorState, Loading } from '../common/States';
import { usePlan } from '../plan/PlanProvider';
import { SurveyTabs } from '../survey/SurveyTabs';
import { ComparedPhotos } from './Compared';
import { firstAndLast, STAGE_NAMES } from './stages';

const HEIGHT = 'min(62vh, 720px)';

/** Two photos of the piece laid one on the other by a face that was found on both. */
export function BeforeAfterPage() {
  const plan = usePlan();
  const photos = usePhotos(plan.piece.id);
  const [wanted, want] = useSearchParams();
  if (photos.isError) {
    return <ErrorState problem={photos.error} again={() => void photos.refetch()} />;
  }
  if (!photos.data) {
    return <Loading what="the photos" />;
  }
  const usual = firstAndLast(photos.data);
  const find = (id: string | null) => photos.data.find((p) => p.id === id);
  const first = find(wanted.get('first')) ?? usual?.first;
  const second = find(wanted.get('second')) ?? usual?.second;
  const choose = (which: 'first' | 'second') => (id: string) =>
    want(
      {
        first: which === 'first' ? id : (first?.id ?? ''),
        second: which === 'second' ? id : (second?.id ?? ''),
      },
      { replace: true },
    );
  const among = photos.data.map((p) => [p.id, nameOf(p)] as const);
  return (
    <Box h="100%" overflow="auto" px="7" py="4">
      <Flex gap="3" align="flex-start" mb="4" _print={{ display: 'none' }}>
        <Box flex="1" minW="0">
          <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600" truncate>
            Before and after
          </Heading>
          <Text color="soft">
            The second photo as the first camera would have seen it.{' '}
            <Link to={`/pieces/${plan.piece.id}/photos`}>All photos</Link>
          </Text>
        </Box>
        <SurveyTabs />
      </Flex>
      {!first || !second ? (
        <Empty title="Two photos are needed">
          Add one of before, and one of during or after, under Photos.
        </Empty>
      ) : (
        <>
          <Flex gap="4" mb="4" align="flex-end" _print={{ display: 'none' }} wrap="wrap">
            <ChoiceField
              label="First"
              width="260px"
              value={first.id}
              among={among}
              onChoice={choose('first')}
            />
            <ChoiceField
              label="Second"
              width="260px"
              value={second.id}
              among={among}
              onChoice={choose('second')}
            />
            <Button onClick={() => window.print()}>Print side by side</Button>
          </Flex>
          <LinedUp first={first} second={second} pieceId={plan.piece.id} />
          <SideBySide name={plan.document.name} photos={[first, second]} />
        </>
      )}
    </Box>
  );
}

function nameOf(p: PhotoView): string {
  return p.caption ? `${STAGE_NAMES[p.stage]}: ${p.caption}` : STAGE_NAMES[p.stage];
}

function LinedUp({
  first,
  second,
  pieceId,
}: {
  first: PhotoView;
  second: PhotoView;
  pieceId: string;
}) {
  const how = useQuery({
    queryKey: keys.linedUp(first.id, second.id),
    queryFn: () =>
      ask(
        api.GET('/api/photos/{id}/lined-up/{otherId}', {
          params: { path: { id: first.id, otherId: second.id } },
        }),
      ),
  });
  if (how.isError) {
    return <ErrorState problem={how.error} again={() => void how.refetch()} />;
  }
  if (!how.data) {
    return <Loading what="how they lie" />;
  }
  if (!how.data.how) {
    return (
      <Empty title="Nothing tells how they lie one on the other">
        Put the same face on both:{' '}
        <Link to={`/pieces/${pieceId}/photos/${first.id}`}>on the first</Link>,{' '}
        <Link to={`/pieces/${pieceId}/photos/${second.id}`}>on the second</Link>.
      </Empty>
    );
  }
  return (
    <Box _print={{ display: 'none' }}>
      <ComparedPhotos
        first={{ ...first, name: STAGE_NAMES[first.stage].toLowerCase() }}
        second={{ ...second, name: STAGE_NAMES[second.stage].toLowerCase() }}
        how={how.data.how}
        maxHeight={HEIGHT}
      />
      <Text mt="2" textAlign="center" color="soft" fontSize="13px">
        Lined up by the {how.data.how.faceText.toLowerCase()}.
      </Text>
    </Box>
  );
}

/** On paper only: both as they were taken. */
function SideBySide({ name, photos }: { name: string; photos: ReadonlyArray<PhotoView> }) {
  return (
    <Box display="none" _print={{ display: 'block' }}>
      <Heading as="h2" fontFamily="heading" fontSize="24px" mb="4">
        {name}
      </Heading>
      <Flex gap="4">
        {photos.map((p) => (
          <Box as="figure" key={p.id} flex="1" m="0">
            <img
              src={p.address}
              alt={nameOf(p)}
              style={{ width: '100%', aspectRatio: '4 / 3', objectFit: 'cover' }}
            />
            <Text as="figcaption" mt="1">
              {nameOf(p)}
            </Text>
          </Box>
        ))}
      </Flex>
    </Box>
  );
}
