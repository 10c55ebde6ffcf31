import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { type PointerEvent, useCallback, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, ask, type FacesOnPhoto, type FaceView, type PhotoView } from '../../api/client';
import { usePhotos } from '../../api/queries';
import { NotHere } from '../../app/NotHere';
import { useKeys } from '../../app/useKeys';
import { Button } from '../../common/Button';
import { Refusal } from '../../common/Refusal';
import { Section } from '../../common/Section';
import { ErrorState, Loading } from '../../common/States';
import { Tick } from '../../common/Tick';
import { useElementSize } from '../../common/useElementSize';
import { useStencilMap } from '../../map/useStencilMap';
import { usePlan } from '../../plan/PlanProvider';
import { FacePictures } from '../../standing/FacePictures';
import { SurveyTabs } from '../../survey/SurveyTabs';
import { FacesPanel } from './FacesPanel';
import { MeasurePanel } from './MeasurePanel';
import { PhotoFace } from './PhotoFace';
import { PhotoPins } from './PhotoPins';
import { PhotoStage } from './PhotoStage';
import type { Pixels } from './paint';
import type { At } from './perspective';
import { faceAt, inTheMiddle, withPlace } from './places';
import { RectanglePanel } from './RectanglePanel';
import { download, fileName, pictureFile } from './savePicture';
import { type PinAt, useFacesOnPhoto } from './useFacesOnPhoto';
import { paintable, pixelsOf, useImage, usePainted } from './usePainted';

/** The plan on a photo of the very piece: faces put where they are, and measured there. */
export function OnPhotoPage() {
  const { photoId = '' } = useParams();
  const plan = usePlan();
  const photos = usePhotos(plan.piece.id);
  const on = useFacesOnPhoto(photoId);
  if (photos.isError || on.faces.isError) {
    const problem = photos.error ?? on.faces.error;
    return problem && <ErrorState problem={problem} again={() => void on.faces.refetch()} />;
  }
  if (!photos.data || !on.faces.data) {
    return <Loading what="the photo" />;
  }
  const photo = photos.data.find((p) => p.id === photoId);
  return photo ? (
    <OnPhoto key={photoId} photo={photo} faces={on.faces.data} on={on} />
  ) : (
    <NotHere />
  );
}

/** How far from where it was let go a corner may catch a pin, on the screen. */
const CATCH_PX = 14;
const MOST_REACH_PX = 120;
const MOST_STEPS_BACK = 50;

type Moving = { readonly faceId: string; readonly pins: ReadonlyArray<PinAt> };

/** What can be undone here: a face that lay elsewhere, or a mark that was set from the photo. */
type Done = Moving | 'mark';

function OnPhoto({
  photo,
  faces,
  on,
}: {
  photo: PhotoView;
  faces: FacesOnPhoto;
  on: ReturnType<typeof useFacesOnPhoto>;
}) {
  const plan = usePlan();
  const stencils = useStencilMap();
  const all = plan.piece.reading.faces;
  const [room, size] = useElementSize();
  const [chosenId, setChosen] = useState<string | null>(faces.faces[0]?.faceId ?? null);
  const [moving, setMoving] = useState<Moving | null>(null);
  const [back, setBack] = useState<ReadonlyArray<Done>>([]);
  const [share, setShare] = useState(1);
  const [lit, setLit] = useState(true);
  const [inFront, setInFront] = useState(true);
  const [catching, setCatching] = useState(true);
  const [measuring, setMeasuring] = useState(false);
  const [cross, setCross] = useState<At>({ x: photo.widthPx / 2, y: photo.heightPx / 2 });
  const [spots, setSpots] = useState<ReadonlyArray<At>>([]);
  const [pictures, setPictures] = useState<ReadonlyMap<string, Pixels>>(new Map());
  const stage = useRef<HTMLDivElement>(null);

  const full = useMemo(
    () => ({ width: photo.widthPx, height: photo.heightPx }),
    [photo.widthPx, photo.heightPx],
  );
  const k = size ? Math.max(0.05, Math.min(size.width / full.width, size.height / full.height)) : 0;
  const shown = useMemo(
    () => ({ width: Math.round(full.width * k), height: Math.round(full.height * k) }),
    [full, k],
  );
  const image = useImage(photo.address);
  const isOn = useMemo(
    () => all.filter((f) => faces.faces.some((o) => o.faceId === f.id)),
    [all, faces],
  );
  const toPaint = useMemo(() => paintable(faces.faces, all, pictures), [faces, all, pictures]);
  const { canvas, done } = usePainted(image, full, shown, toPaint, lit);
  const sizes = useMemo(
    () => new Map(all.map((f) => [f.id, { widthMm: f.width.mm, heightMm: f.height.mm }])),
    [all],
  );
  const draw = useCallback(
    (face: FaceView) => (
      <PhotoFace face={face} faces={all} stencils={stencils} hardwareInFront={inFront} />
    ),
    [all, stencils, inFront],
  );
  const drawn = useCallback((canvases: ReadonlyMap<string, HTMLCanvasElement>) => {
    setPictures(
      new Map(
        [...canvases].map(([id, c]) => [id, pixelsOf(c, { width: c.width, height: c.height })]),
      ),
    );
  }, []);

  const chosen = faces.faces.find((f) => f.faceId === chosenId) ?? null;
  const pinsOf = (faceId: string) => faces.faces.find((f) => f.faceId === faceId)?.pins ?? [];
  const remembered = (done: Done) => setBack((b) => [...b, done].slice(-MOST_STEPS_BACK));
  const keep = (faceId: string, pins: ReadonlyArray<PinAt>, remember = true) => {
    const was = pinsOf(faceId);
    setMoving({ faceId, pins });
    on.put.mutate(
      { faceId, pins },
      {
        // what was refused is not there to be undone
        onSuccess: () => {
          if (remember) {
            remembered({ faceId, pins: was });
          }
          setMoving((m) => (m?.pins === pins ? null : m));
        },
      },
    );
  };
  const letGo = async (
    faceId: string,
    pins: ReadonlyArray<PinAt>,
    anchor: string,
    catches: boolean,
  ) => {
    const pin = pins.find((p) => p.anchor === anchor);
    const corner =
      catches && catching && pin
        ? await ask(
            api.GET('/api/photos/{id}/corner', {
              params: {
                path: { id: photo.id },
                query: { x: pin.x, y: pin.y, reach: Math.min(MOST_REACH_PX, CATCH_PX / k) },
              },
            }),
          ).catch(() => null)
        : null;
    const { x, y } = corner ?? {};
    keep(
      faceId,
      x !== undefined && y !== undefined
        ? pins.map((p) => (p.anchor === anchor ? { ...p, x, y } : p))
        : pins,
    );
  };
  const last = back.at(-1);
  const undo = () => {
    if (!last) {
      return;
    }
    setBack(back.slice(0, -1));
    if (last === 'mark') {
      plan.undo();
    } else if (last.pins.length === 0) {
      on.takeOff.mutate(last.faceId);
    } else {
      setChosen(last.faceId);
      keep(last.faceId, last.pins, false);
    }
  };
  useKeys({
    ...(last ? { 'mod+z': undo } : {}),
    m: () => setMeasuring(!measuring),
    escape: () => {
      setMeasuring(false);
      setSpots([]);
    },
  });
  const toSpot = (e: PointerEvent): At => {
    const box = stage.current?.getBoundingClientRect();
    return { x: (e.clientX - (box?.left ?? 0)) / k, y: (e.clientY - (box?.top ?? 0)) / k };
  };
  const measuredOn = spots[0] ? faceAt(faces.faces, sizes, chosenId, full, spots[0]) : null;
  const save = async () => {
    if (image) {
      download(
        await pictureFile(image, toPaint, share, lit, plan.document.name),
        fileName(plan.document.name),
      );
    }
  };

  return (
    <Flex h="100%">
      <Flex direction="column" flex="1" minW="0">
        <Flex px="7" pt="4" gap="3" align="flex-start">
          <Box flex="1" minW="0">
            <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600" truncate>
              {photo.caption || 'On the photo'}
            </Heading>
            <Text color="soft">
              {faces.faces.length === 0
                ? 'Put a face on the photo and drag its corners to where they are.'
                : measuring
                  ? 'Point at places on a face. Esc stops.'
                  : 'A made-up preview: the plan as it would look here.'}{' '}
              <Link to={`/pieces/${plan.piece.id}/photos`}>All photos</Link>
            </Text>
          </Box>
          <SurveyTabs />
        </Flex>
        <Flex ref={room} flex="1" minH="0" mx="6" my="4" align="center" justify="center">
          <div ref={stage} data-painted={done} data-pictures={pictures.size}>
            {k > 0 && (
              <PhotoStage
                address={photo.address}
                alt={photo.caption || 'Photo of the piece'}
                photo={full}
                shown={shown}
                canvas={canvas}
                share={share}
                measuring={measuring}
                cross={cross}
                spots={spots}
                onCross={setCross}
                onSpot={(at) => setSpots(spots.length === 1 ? [...spots, at] : [at])}
                toSpot={toSpot}
              >
                {faces.faces.map((f) => (
                  <PhotoPins
                    key={f.faceId}
                    face={f}
                    pins={moving?.faceId === f.faceId ? moving.pins : f.pins}
                    size={sizes.get(f.faceId)}
                    photo={full}
                    k={k}
                    chosen={f === chosen && !measuring}
                    toSpot={toSpot}
                    onMove={(pins) => setMoving({ faceId: f.faceId, pins })}
                    onEnd={(pins, anchor, catches) => void letGo(f.faceId, pins, anchor, catches)}
                  />
                ))}
              </PhotoStage>
            )}
          </div>
        </Flex>
        {faces.faces.length > 0 && (
          <Flex justify="center" align="center" gap="3" pb="5" px="7" color="soft" fontSize="13px">
            as it is
            <input
              type="range"
              min="0"
              max="100"
              value={Math.round(share * 100)}
              aria-label="From as it is to as it will be"
              aria-valuetext={`${Math.round(share * 100)} % as it will be`}
              onChange={(e) => setShare(Number(e.currentTarget.value) / 100)}
              style={{ width: 300, minWidth: 0 }}
            />
            as it will be
            <Button look="sea" ml="4" disabled={!image} onClick={() => void save()}>
              Save as PNG
            </Button>
          </Flex>
        )}
        <FacePictures faces={isOn} stencils={stencils} onPictures={drawn} draw={draw} />
      </Flex>
      <Flex
        as="aside"
        aria-label="The plan on the photo"
        direction="column"
        gap="5"
        w="320px"
        p="5"
        overflow="auto"
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
      >
        <FacesPanel
          on={faces}
          chosen={chosen}
          onChoose={setChosen}
          onAdd={(faceId) => {
            const face = faces.others.find((o) => o.faceId === faceId);
            if (face) {
              setChosen(faceId);
              keep(faceId, inTheMiddle(face, full));
            }
          }}
          onTakeOff={(faceId) => {
            remembered({ faceId, pins: pinsOf(faceId) });
            on.takeOff.mutate(faceId);
          }}
          onPlace={(anchor) => chosen && keep(chosen.faceId, withPlace(chosen, anchor, full))}
          onForgetPlace={(anchor) =>
            chosen &&
            keep(
              chosen.faceId,
              chosen.pins.filter((p) => p.anchor !== anchor),
            )
          }
          undo={last ? undo : null}
        />
        {on.put.isError && (
          <Box>
            <Refusal of={on.put.error} />
            <Button
              size="xs"
              mt="1"
              onClick={() => {
                setMoving(null);
                on.put.reset();
              }}
            >
              Back to where they were
            </Button>
          </Box>
        )}
        <Refusal of={on.takeOff.error} />
        {faces.faces.length > 0 && (
          <MeasurePanel
            photoId={photo.id}
            face={measuredOn}
            spots={spots}
            on={measuring}
            onToggle={() => {
              setMeasuring(!measuring);
              setSpots([]);
            }}
            onForget={() => setSpots([])}
            onMarked={() => {
              remembered('mark');
              setSpots([]);
            }}
          />
        )}
        {chosen && <RectanglePanel photoId={photo.id} face={chosen} />}
        {faces.faces.length > 0 && (
          <Section title="How it is drawn">
            <Flex direction="column" gap="1.5">
              <Tick on={lit} onToggle={setLit}>
                In the light of the photo
              </Tick>
              <Tick on={inFront} onToggle={setInFront}>
                Hardware stays in front
              </Tick>
              <Tick on={catching} onToggle={setCatching}>
                Corners catch strong edges
              </Tick>
            </Flex>
          </Section>
        )}
      </Flex>
    </Flex>
  );
}
