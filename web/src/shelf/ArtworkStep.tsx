import { Box, Flex, Heading, Spinner, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { type ArtworkView, api, ask, type Drawn, upload } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Refusal } from '../common/Refusal';
import { Fitter, type FitWish, WIDTH } from './Fitter';

type Props = {
  readonly drawn: Exclude<Drawn, 'NOTHING'>;
  readonly artwork: ArtworkView | null;
  readonly onArtwork: (id: string | null) => void;
};

const ASK = {
  OPENINGS:
    'A drawing as SVG: what is dark is cut out, white is sheet again. Or a photo of the sheet.',
  OUTLINE: 'A drawing as SVG, whose outline is the thing; or a PNG, JPEG or WebP picture.',
  INK: 'An SVG, PNG, JPEG or WebP file of the whole sheet. Where it is clear or has the colour of the bare carrier, it hides nothing.',
  PICTURE: 'An SVG, PNG, JPEG or WebP file of the whole sheet.',
} as const;

/** The picture of a design: from a file, brought to its true size by one known measure, cropped. */
export function ArtworkStep({ drawn, artwork, onArtwork }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const client = useQueryClient();
  const openings = drawn === 'OPENINGS';
  const take = (view: ArtworkView) => {
    client.setQueryData(keys.artwork(view.id, openings), view);
    onArtwork(view.id);
  };
  const read = useMutation({
    mutationFn: (file: File) => upload<ArtworkView>(`/api/artworks?openings=${openings}`, file),
    onSuccess: take,
  });
  const fit = useMutation({
    mutationFn: (body: Parameters<typeof fitBody>[0]) =>
      ask(
        api.POST('/api/artworks/{id}/fitted', {
          params: { path: { id: artwork?.id ?? '' }, query: { openings } },
          body: fitBody(body),
        }),
      ),
    onSuccess: take,
  });
  const [over, setOver] = useState(false);
  const without = () => {
    if (artwork) {
      // a picture that a design still has is kept by the server; nobody needs to hear of it
      api.DELETE('/api/artworks/{id}', { params: { path: { id: artwork.id } } }).catch(() => null);
    }
    onArtwork(null);
  };
  const files = (list: FileList | null) => {
    const file = list?.[0];
    if (file) {
      read.mutate(file);
    }
  };
  const chooser = (
    <input
      ref={input}
      type="file"
      hidden
      data-testid="artwork-file"
      accept=".svg,.png,.jpg,.jpeg,.webp,image/svg+xml,image/png,image/jpeg,image/webp"
      onChange={(e) => {
        files(e.currentTarget.files);
        e.currentTarget.value = '';
      }}
    />
  );
  if (artwork === null) {
    return (
      <Box
        borderWidth="2px"
        borderStyle="dashed"
        borderColor={over ? 'sea' : 'fold'}
        bg={over ? 'seaWash' : 'transparent'}
        borderRadius="lg"
        p="10"
        textAlign="center"
        maxW={`${WIDTH}px`}
        onDragOver={(e) => {
          e.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(e) => {
          e.preventDefault();
          setOver(false);
          files(e.dataTransfer.files);
        }}
      >
        {chooser}
        <Heading as="h2" fontFamily="heading" fontSize="18px">
          Its picture
        </Heading>
        <Text color="soft" mt="1" mb="3">
          {ASK[drawn]} Drop it here, or leave it out for now and give the size beside.
        </Text>
        <Button look="sea" onClick={() => input.current?.click()} disabled={read.isPending}>
          {read.isPending ? 'Reading…' : 'Choose a file…'}
        </Button>
        {read.isPending && <Spinner size="sm" ml="3" color="sea" />}
        <Refusal of={read.error} />
      </Box>
    );
  }
  return (
    <Box maxW={`${WIDTH}px`}>
      {chooser}
      <Fitter key={artwork.id} artwork={artwork} drawn={drawn} onFit={(b) => fit.mutate(b)} />
      <Refusal of={fit.error ?? read.error} />
      <Flex gap="2" mt="2">
        <Button size="xs" onClick={() => input.current?.click()} disabled={read.isPending}>
          Another file…
        </Button>
        <Button size="xs" look="warn" onClick={without}>
          Without a picture
        </Button>
      </Flex>
      <Told artwork={artwork} drawn={drawn} />
    </Box>
  );
}

function fitBody(wish: FitWish) {
  return {
    known:
      wish.from && wish.to && wish.lengthMm !== undefined
        ? {
            fromX: wish.from.x,
            fromY: wish.from.y,
            toX: wish.to.x,
            toY: wish.to.y,
            lengthMm: wish.lengthMm,
          }
        : undefined,
    crop: wish.crop,
  };
}

/** What can be told from the picture. */
function Told({ artwork, drawn }: { artwork: ArtworkView; drawn: Props['drawn'] }) {
  const { openings } = artwork;
  if (drawn === 'OPENINGS') {
    return openings ? (
      <Box mt="3" as="ul" listStyleType="none" data-testid="stencil-check">
        {openings.checks.map((check) => (
          <Line key={check.text} fine={check.fine}>
            <Fig text={check.text} />
          </Line>
        ))}
      </Box>
    ) : (
      <Text color="soft" mt="2">
        {artwork.noOpenings || 'From a photo the openings cannot be told: give its open share.'}
      </Text>
    );
  }
  return (
    <Flex mt="3" gap="4" align="center" wrap="wrap">
      <Flex gap="1" align="center">
        <Text color="soft">Its colours</Text>
        {artwork.colours.map((c) => (
          <Box
            key={c.hex}
            w="22px"
            h="22px"
            borderRadius="full"
            bg={c.hex}
            borderWidth="1px"
            borderColor="fold"
            title={`${c.hex}, ${c.shareText}`}
          />
        ))}
      </Flex>
      <Text color="soft">
        {artwork.background
          ? `printed on ${artwork.background.hex}, ${artwork.background.shareText} of it`
          : 'no background of one colour'}
      </Text>
    </Flex>
  );
}

function Line({ fine, children }: { fine: boolean; children: React.ReactNode }) {
  return (
    <Flex as="li" gap="2" py="0.5">
      <Text as="span" color={fine ? 'moss' : 'rust'} fontWeight="700" aria-hidden>
        {fine ? '✓' : '!'}
      </Text>
      <Text>{children}</Text>
    </Flex>
  );
}
