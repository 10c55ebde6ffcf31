import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type DragEvent, useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type PhotoView, type Stage, seen, upload } from '../api/client';
import { changed } from '../api/keys';
import { usePhotos } from '../api/queries';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { Empty, ErrorState, Loading } from '../common/States';
import { TextField } from '../common/TextField';
import { usePlan } from '../plan/PlanProvider';
import { SurveyTabs } from '../survey/SurveyTabs';
import { firstAndLast, STAGE_NAMES } from './stages';

const STAGES = Object.entries(STAGE_NAMES) as ReadonlyArray<readonly [Stage, string]>;

/** Photos of the piece before, during and after. */
export function PhotosPage() {
  const plan = usePlan();
  const client = useQueryClient();
  const photos = usePhotos(plan.piece.id);
  const again = () => changed(client, 'PHOTOS');
  const add = useMutation({
    mutationFn: async ({ files, stage }: { files: ReadonlyArray<File>; stage: Stage }) => {
      for (const file of files) {
        await upload(`/api/pieces/${plan.piece.id}/photos?stage=${stage}`, file);
      }
    },
    onSettled: again,
  });
  if (photos.isPending) {
    return <Loading what="the photos" />;
  }
  if (photos.isError) {
    return <ErrorState problem={photos.error} again={() => photos.refetch()} />;
  }
  return (
    <Box h="100%" overflow="auto" px="7" py="4">
      <Flex gap="3" align="flex-start" mb="4">
        <Box flex="1" minW="0">
          <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600" truncate>
            {plan.document.name}
          </Heading>
          <Text color="soft">
            JPEG, PNG or WebP, up to 25 MB each. Where and when they were taken is not kept.
          </Text>
        </Box>
        {firstAndLast(photos.data) && (
          <Link to={`/pieces/${plan.piece.id}/photos/before-after`}>
            <Button as="span">Before and after</Button>
          </Link>
        )}
        <SurveyTabs />
      </Flex>
      {add.isError && (
        <Text role="alert" color="rust" mb="3">
          {add.error.message}
        </Text>
      )}
      <Flex direction="column" gap="6">
        {STAGES.map(([stage, name]) => (
          <StageRow
            key={stage}
            stage={stage}
            name={name}
            photos={photos.data.filter((p) => p.stage === stage)}
            busy={add.isPending}
            onFiles={(files) => add.mutate({ files, stage })}
            onChanged={again}
          />
        ))}
      </Flex>
    </Box>
  );
}

function StageRow({
  stage,
  name,
  photos,
  busy,
  onFiles,
  onChanged,
}: {
  stage: Stage;
  name: string;
  photos: ReadonlyArray<PhotoView>;
  busy: boolean;
  onFiles: (files: ReadonlyArray<File>) => void;
  onChanged: () => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const camera = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const drop = (e: DragEvent) => {
    e.preventDefault();
    setOver(false);
    onFiles([...e.dataTransfer.files]);
  };
  return (
    <Box
      as="section"
      aria-label={name}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      p="3"
      mx="-3"
      borderRadius="xl"
      borderWidth="1.5px"
      borderStyle="dashed"
      borderColor={over ? 'sea' : 'transparent'}
      data-stage={stage}
    >
      <Flex align="center" gap="3" mb="2">
        <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600">
          {name}
        </Heading>
        <Button size="xs" disabled={busy} onClick={() => input.current?.click()}>
          {busy ? 'Reading…' : 'Add photos…'}
        </Button>
        <Button size="xs" disabled={busy} onClick={() => camera.current?.click()}>
          Take one now…
        </Button>
        <input
          ref={camera}
          type="file"
          hidden
          capture="environment"
          accept="image/*"
          aria-label={`A photo taken now, ${name.toLowerCase()}`}
          onChange={(e) => {
            onFiles([...(e.currentTarget.files ?? [])]);
            e.currentTarget.value = '';
          }}
        />
        <input
          ref={input}
          type="file"
          hidden
          multiple
          accept="image/jpeg,image/png,image/webp"
          aria-label={`Photos, ${name.toLowerCase()}`}
          onChange={(e) => {
            onFiles([...(e.currentTarget.files ?? [])]);
            e.currentTarget.value = '';
          }}
        />
      </Flex>
      {photos.length === 0 ? (
        <Empty title="No photo yet">Drop pictures here, or add them.</Empty>
      ) : (
        <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(220px, 1fr))" gap="4">
          {photos.map((p) => (
            <PhotoCard key={p.id} photo={p} onChanged={onChanged} />
          ))}
        </Box>
      )}
    </Box>
  );
}

function PhotoCard({ photo, onChanged }: { photo: PhotoView; onChanged: () => void }) {
  const { piece } = usePlan();
  const { faces } = piece.reading;
  const describe = useMutation({
    mutationFn: (words: Partial<Pick<PhotoView, 'stage' | 'caption' | 'faceId'>>) =>
      ask(
        api.PUT('/api/photos/{id}', {
          params: { path: { id: photo.id }, header: seen(photo.version) },
          body: {
            stage: photo.stage,
            caption: photo.caption,
            faceId: photo.faceId,
            ...words,
          },
        }),
      ),
    onSettled: onChanged,
  });
  const remove = useMutation({
    mutationFn: () =>
      ask(api.DELETE('/api/photos/{id}', { params: { path: { id: photo.id } } }), true),
    onSettled: onChanged,
  });
  return (
    <Box bg="sheet" borderWidth="1px" borderColor="hairline" borderRadius="lg" overflow="hidden">
      <Link to={`/pieces/${piece.id}/photos/${photo.id}`}>
        <img
          src={photo.thumbnail}
          alt={photo.caption || 'Photo without a caption'}
          style={{ width: '100%', height: 160, objectFit: 'cover', display: 'block' }}
        />
      </Link>
      <Flex direction="column" gap="2" p="3">
        <TextField
          label="Caption"
          hideLabel
          value={photo.caption}
          most={200}
          mayBeEmpty
          onText={(caption) => describe.mutate({ caption })}
        />
        <Flex gap="2" align="flex-end">
          <ChoiceField
            label="Shows"
            value={photo.faceId ?? ''}
            among={[['', 'the piece'], ...faces.map((f) => [f.id, f.name] as const)]}
            onChoice={(id) => describe.mutate({ faceId: id === '' ? undefined : id })}
          />
          <ChoiceField
            label="Taken"
            value={photo.stage}
            among={STAGES}
            onChoice={(stage) => describe.mutate({ stage })}
          />
        </Flex>
        <Flex justify="space-between" align="center">
          <Link to={`/pieces/${piece.id}/photos/${photo.id}`}>
            <Button as="span" size="xs">
              The plan on it
            </Button>
          </Link>
          <Button size="xs" look="warn" onClick={() => remove.mutate()}>
            take away
          </Button>
        </Flex>
      </Flex>
    </Box>
  );
}
