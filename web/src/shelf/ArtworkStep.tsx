import { Box, Flex, Heading, Spinner, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { type ArtworkView, api, ask, type Drawn, upload } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { LengthField } from '../common/LengthField';
import { Refusal } from '../common/Refusal';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

type Props = {
  readonly drawn: Exclude<Drawn, 'NOTHING'>;
  readonly artwork: ArtworkView | null;
  readonly onArtwork: (id: string | null) => void;
};

type Place = { readonly x: number; readonly y: number };

const WIDTH = 640;
const HEIGHT = 430;

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

type FitWish = {
  readonly from?: Place;
  readonly to?: Place;
  readonly lengthMm?: number;
  readonly crop?: { left: number; top: number; width: number; height: number };
};

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

/** The picture with a line on it that can be laid along anything whose length is known. */
function Fitter({
  artwork,
  drawn,
  onFit,
}: {
  artwork: ArtworkView;
  drawn: Props['drawn'];
  onFit: (wish: FitWish) => void;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const [from, setFrom] = useState<Place>({ x: 0, y: 0.5 });
  const [to, setTo] = useState<Place>({ x: 1, y: 0.5 });
  const [held, setHeld] = useState<'from' | 'to' | 'crop' | null>(null);
  const [cropping, setCropping] = useState(false);
  const [crop, setCrop] = useState<{ a: Place; b: Place } | null>(null);
  const w = artwork.width.mm;
  const h = artwork.height.mm;
  const k = Math.min((WIDTH - 16) / w, (HEIGHT - 16) / h);
  const px = (p: Place) => ({ x: 8 + p.x * w * k, y: 8 + p.y * h * k });
  const at = (e: React.PointerEvent): Place => {
    const box = svg.current?.getBoundingClientRect();
    const clamp = (v: number) => Math.min(1, Math.max(0, v));
    return {
      x: clamp((e.clientX - (box?.left ?? 0) - 8) / (w * k)),
      y: clamp((e.clientY - (box?.top ?? 0) - 8) / (h * k)),
    };
  };
  const a = px(from);
  const b = px(to);
  const stretch = Math.hypot((to.x - from.x) * w, (to.y - from.y) * h);
  const end = (which: 'from' | 'to', p: { x: number; y: number }, label: string) => (
    <circle
      cx={num(p.x)}
      cy={num(p.y)}
      r="8"
      fill={ink('sheet')}
      stroke={ink('rust')}
      strokeWidth="2.4"
      style={{ cursor: 'grab' }}
      tabIndex={0}
      role="slider"
      aria-label={label}
      aria-valuenow={Math.round((which === 'from' ? from : to).x * 100)}
      aria-valuetext={`${Math.round((which === 'from' ? from : to).x * 100)} % across`}
      onPointerDown={(e) => {
        svg.current?.setPointerCapture(e.pointerId);
        setHeld(which);
        e.stopPropagation();
      }}
      onKeyDown={(e) => {
        const step = e.shiftKey ? 0.05 : 0.005;
        const move = {
          ArrowLeft: [-1, 0],
          ArrowRight: [1, 0],
          ArrowUp: [0, -1],
          ArrowDown: [0, 1],
        }[e.key];
        if (move) {
          e.preventDefault();
          const change = (p: Place) => ({
            x: Math.min(1, Math.max(0, p.x + step * (move[0] ?? 0))),
            y: Math.min(1, Math.max(0, p.y + step * (move[1] ?? 0))),
          });
          (which === 'from' ? setFrom : setTo)(change);
        }
      }}
    />
  );
  const box = crop && {
    left: Math.min(crop.a.x, crop.b.x),
    top: Math.min(crop.a.y, crop.b.y),
    width: Math.abs(crop.a.x - crop.b.x),
    height: Math.abs(crop.a.y - crop.b.y),
  };
  return (
    <Box>
      <svg
        ref={svg}
        width={num(w * k + 16)}
        height={num(h * k + 16)}
        role="group"
        aria-label="The picture, with the line along what is known"
        style={{ touchAction: 'none', cursor: cropping ? 'crosshair' : 'default' }}
        onPointerDown={(e) => {
          if (cropping) {
            e.currentTarget.setPointerCapture(e.pointerId);
            const p = at(e);
            setCrop({ a: p, b: p });
            setHeld('crop');
          }
        }}
        onPointerMove={(e) => {
          if (held === 'from') {
            setFrom(at(e));
          } else if (held === 'to') {
            setTo(at(e));
          } else if (held === 'crop' && crop) {
            setCrop({ ...crop, b: at(e) });
          }
        }}
        onPointerUp={() => setHeld(null)}
      >
        <rect
          x="8"
          y="8"
          width={num(w * k)}
          height={num(h * k)}
          fill={drawn === 'OPENINGS' ? ink('seaWash') : ink('card')}
          stroke={ink('fold')}
        />
        {drawn === 'OPENINGS' && artwork.openings ? (
          <g transform={`translate(8 8) scale(${k})`}>
            <path d={artwork.openings.pathData} fill={ink('sea')} fillRule="evenodd" />
            {artwork.openings.islands.map((i) => (
              <circle
                key={`${i.xMm}/${i.yMm}`}
                cx={i.xMm}
                cy={i.yMm}
                r={6 / k}
                fill="none"
                stroke={ink('rust')}
                strokeWidth={2 / k}
              />
            ))}
            {artwork.openings.bridgeFrom && artwork.openings.bridgeTo && (
              <path
                d={`M${artwork.openings.bridgeFrom.xMm} ${artwork.openings.bridgeFrom.yMm}L${artwork.openings.bridgeTo.xMm} ${artwork.openings.bridgeTo.yMm}`}
                stroke={ink('ochre')}
                strokeWidth={3 / k}
                strokeLinecap="round"
              />
            )}
          </g>
        ) : (
          <image
            href={artwork.address}
            x="8"
            y="8"
            width={num(w * k)}
            height={num(h * k)}
            preserveAspectRatio="none"
          />
        )}
        {!cropping && (
          <>
            <path
              d={`M${num(a.x)} ${num(a.y)}L${num(b.x)} ${num(b.y)}`}
              stroke={ink('rust')}
              strokeWidth="2"
              strokeDasharray="6 4"
            />
            {end('from', a, 'One end of what is known')}
            {end('to', b, 'The other end of what is known')}
          </>
        )}
        {box && (
          <rect
            x={num(8 + box.left * w * k)}
            y={num(8 + box.top * h * k)}
            width={num(box.width * w * k)}
            height={num(box.height * h * k)}
            fill={ink('rust')}
            fillOpacity="0.1"
            stroke={ink('rust')}
            strokeWidth="1.6"
          />
        )}
      </svg>
      <Flex gap="3" align="flex-start" wrap="wrap" mt="1">
        <LengthField
          label="From ring to ring it is"
          value={artwork.trueSize ? { mm: stretch, text: '' } : null}
          kind="SIZE"
          width="200px"
          keepText
          hint={
            artwork.trueSize
              ? `the sheet is ${artwork.width.text} × ${artwork.height.text}`
              : 'lay the rings on something you measured'
          }
          onLength={(lengthMm) => onFit({ from, to, lengthMm })}
        />
        <Button
          mt="6"
          aria-pressed={cropping}
          look={cropping ? 'sea' : 'quiet'}
          onClick={() => {
            setCropping(!cropping);
            setCrop(null);
          }}
        >
          Crop…
        </Button>
        {box && box.width > 0.01 && box.height > 0.01 && (
          <Button mt="6" look="sea" onClick={() => onFit({ crop: box })}>
            Keep only this part
          </Button>
        )}
      </Flex>
    </Box>
  );
}

/** What can be told from the picture. */
function Told({ artwork, drawn }: { artwork: ArtworkView; drawn: Props['drawn'] }) {
  const { openings } = artwork;
  if (drawn === 'OPENINGS') {
    return openings ? (
      <Box mt="3" as="ul" listStyleType="none" data-testid="stencil-check">
        <Line fine>
          {openings.openShareText} of the print is open, {openings.openAreaText}.
        </Line>
        <Line fine={openings.islands.length === 0}>
          {openings.islands.length === 0
            ? 'Nothing would fall out.'
            : `${openings.islands.length === 1 ? 'One island' : `${openings.islands.length} islands`} would fall out, ringed on the picture: bridge ${openings.islands.length === 1 ? 'it' : 'them'} first. The largest is ${openings.islands[0]?.areaText}.`}
        </Line>
        {openings.bridge && (
          <Line fine={openings.bridge.mm >= 1.2}>
            The narrowest bridge is {openings.bridge.text}
            {openings.bridge.mm < 1.2 ? ': it may tear in use.' : '.'}
          </Line>
        )}
        <Line fine={openings.rim.mm >= 8}>
          <Fig text={openings.rim.text} /> of sheet round the print
          {openings.rim.mm < 8 ? ': mask beside it, paint will run over the edge.' : '.'}
        </Line>
        <Line fine>
          {openings.symmetrical ? 'Its mirror image is the same.' : 'Its mirror image is another.'}
        </Line>
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
