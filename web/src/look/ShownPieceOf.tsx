import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState } from 'react';
import { api, ask, type ShownPiece } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { ErrorState, Loading } from '../common/States';
import { ComparedPhotos } from '../photos/Compared';
import { hasWebGl, pictureAt } from '../standing/pictures';

const FoldedPiece = lazy(() =>
  import('../standing/FoldedPiece').then((module) => ({ default: module.FoldedPiece })),
);

/** Two of the photos laid one on the other, where the studio has said how they lie. */
function BeforeAndAfter({ piece, base }: { piece: ShownPiece; base: string }) {
  const two = piece.beforeAndAfter;
  const photo = (id: string | undefined) => {
    const found = piece.photos.find((p) => p.id === id);
    return found && { ...found, address: `${base}/photos/${found.id}`, name: STAGES[found.stage] };
  };
  const first = photo(two?.beforeId);
  const second = photo(two?.afterId);
  return two && first && second ? (
    <Box mt="5">
      <Panel title="Seen from the same place">
        <ComparedPhotos first={first} second={second} how={two.how} maxHeight="480px" />
      </Panel>
    </Box>
  ) : null;
}

/** One of the pieces that were chosen: as it will stand, its map, its photos. */
export function ShownPieceOf({ link, pieceId }: { link: string; pieceId: string }) {
  const piece = useQuery({
    queryKey: keys.shownPiece(link, pieceId),
    queryFn: () => ask(api.GET('/api/look/pieces/{id}', { params: { path: { id: pieceId } } })),
  });
  if (piece.isError) {
    return <ErrorState problem={piece.error} again={() => void piece.refetch()} />;
  }
  if (!piece.data) {
    return <Loading what="the piece" />;
  }
  const p = piece.data;
  const base = `/api/look/pieces/${pieceId}`;
  return (
    <Box as="article" aria-label={p.name}>
      <Flex justify="space-between" align="baseline" gap="4" wrap="wrap" mb="3">
        <Heading as="h2" fontFamily="heading" fontSize="22px" fontWeight="600">
          {p.name}
        </Heading>
        {p.priceText && (
          <Text fontSize="20px">
            <Fig text={p.priceText} />
          </Text>
        )}
      </Flex>
      <Flex gap="5" wrap="wrap" align="stretch">
        <Standing piece={p} base={base} />
        <Box flex="1 1 380px" minW="0">
          <Panel title="All its faces, laid out flat">
            <Flex minH={{ lg: '400px' }} align="center">
              <img
                src={`${base}/map.svg`}
                alt={`The map of ${p.name}, in its colours`}
                style={{ width: '100%', height: 'auto', maxHeight: 460, objectFit: 'contain' }}
              />
            </Flex>
          </Panel>
        </Box>
      </Flex>
      <BeforeAndAfter piece={p} base={base} />
      {p.photos.length > 0 && (
        <Box mt="5">
          <Panel title="Photos">
            <Flex gap="3" wrap="wrap">
              {p.photos.map((photo) => (
                <Box as="figure" key={photo.id} flex="1 1 260px" maxW="360px" m="0">
                  <img
                    src={`${base}/photos/${photo.id}`}
                    alt={STAGES[photo.stage]}
                    width={photo.widthPx}
                    height={photo.heightPx}
                    loading="lazy"
                    style={{ width: '100%', height: 'auto', borderRadius: 6 }}
                  />
                  <Text as="figcaption" fontSize="13px" color="soft" mt="1">
                    {STAGES[photo.stage]}
                  </Text>
                </Box>
              ))}
            </Flex>
          </Panel>
        </Box>
      )}
    </Box>
  );
}

const STAGES = {
  BEFORE: 'Before',
  DURING: 'While it is worked on',
  AFTER: 'Afterwards',
} as const satisfies Record<ShownPiece['photos'][number]['stage'], string>;

function Panel({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box
      as="section"
      aria-label={title}
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      p="4"
      h="100%"
    >
      <Text fontSize="13px" color="soft" mb="2">
        {title}
      </Text>
      {children}
    </Box>
  );
}

/** The piece in the room, to be turned; where a browser cannot draw that, the map has to do. */
function Standing({ piece, base }: { piece: ShownPiece; base: string }) {
  const [threeD] = useState(hasWebGl);
  const [pictures, setPictures] = useState<ReadonlyMap<string, HTMLCanvasElement>>(new Map());
  const [share, setShare] = useState(1);
  useEffect(() => {
    let over = false;
    const stand = piece.faces.filter((f) => piece.folded.some((x) => x.faceId === f.id));
    void Promise.all(
      stand.map(async (f) => {
        const address = `${base}/faces/${encodeURIComponent(f.id)}`;
        return [f.id, await pictureAt(address, f.width.mm, f.height.mm)] as const;
      }),
    ).then(
      (all) => !over && setPictures(new Map(all)),
      () => undefined,
    );
    return () => {
      over = true;
    };
  }, [piece, base]);
  if (!threeD || piece.folded.length === 0) {
    return null;
  }
  return (
    <Box flex="1 1 420px" minW="0">
      <Panel title="As it will stand: drag to turn it">
        <Box h="400px" position="relative" data-pictures={pictures.size}>
          {pictures.size === 0 ? (
            <Loading what="its colours" />
          ) : (
            <Suspense fallback={null}>
              <FoldedPiece
                faces={piece.faces}
                folded={piece.folded}
                pictures={pictures}
                fold={share}
              />
            </Suspense>
          )}
        </Box>
        <Flex justify="center" mt="2">
          <Button size="xs" onClick={() => setShare(share === 1 ? 0 : 1)}>
            {share === 1 ? 'Unfold it' : 'Fold it up'}
          </Button>
        </Flex>
      </Panel>
    </Box>
  );
}
