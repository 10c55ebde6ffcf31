import { Box } from '@chakra-ui/react';
import type { CardView } from '../api/client';
import { PotJar } from '../gather/PotJar';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';
import { isBareRoll, lengthShown, pxPerMm, type Size, sizeOf } from './boards';

const OPENINGS = new Set<CardView['kind']>([
  'STENCIL',
  'ADHESIVE_STENCIL',
  'STENCIL_ROLL',
  'RAISED_STENCIL',
  'CUSTOM_CUT',
]);

const THINGS = new Set<CardView['kind']>(['MOULDING', 'CASTING', 'COLLAGE']);

/** A thing as it lies on the shelf, at the shelf's scale. */
export function ThingDrawing({ card, scale }: { card: CardView; scale: number }) {
  const size = sizeOf(card, scale);
  switch (card.thing) {
    case 'POT':
      return (
        <PotJar
          colour={card.shade}
          fullShare={card.fullShare}
          holdsMl={card.holds}
          label={`${card.name}, ${card.stockText}`}
        />
      );
    case 'TOOL':
      return <ToolMark name={card.name} />;
    case 'OFFCUT':
      return <OffcutDrawing card={card} scale={scale} size={size} />;
    case 'DESIGN':
      return <DesignDrawing card={card} scale={scale} size={size} />;
  }
}

function DesignDrawing({ card, scale, size }: { card: CardView; scale: number; size: Size }) {
  const common = { w: `${size.width}px`, h: `${size.height}px`, flexShrink: 0 } as const;
  if (isBareRoll(card)) {
    return <BareRoll card={card} size={size} />;
  }
  if (card.kind === 'DOTS') {
    return <Spots colour={card.shade} />;
  }
  if (card.kind === 'PAINTED_ZONE') {
    return (
      <Box
        w="92px"
        h="92px"
        borderRadius="md"
        borderWidth="1px"
        borderColor="fold"
        background={`radial-gradient(circle at 50% 50%, ${ink('paper')} 8%, ${card.shade} 96%)`}
      />
    );
  }
  if (!card.picture) {
    return <Unseen card={card} size={size} />;
  }
  const tile = lengthShown(card);
  if (OPENINGS.has(card.kind)) {
    const mask = {
      maskImage: `url(${card.picture})`,
      maskSize: tile === null ? '100% 100%' : `${card.widthMm * pxPerMm(scale)}px 100%`,
      maskRepeat: tile === null ? 'no-repeat' : 'repeat-x',
    };
    return (
      <Box
        {...common}
        bg="seaWash"
        borderWidth="1px"
        borderColor="sea"
        borderRadius="3px"
        borderStyle={card.kind === 'CUSTOM_CUT' ? 'dashed' : 'solid'}
        boxShadow={card.kind === 'RAISED_STENCIL' ? `3px 3px 0 ${ink('fold')}` : undefined}
      >
        <Box w="100%" h="100%" bg="sea" style={mask} />
      </Box>
    );
  }
  if (tile !== null) {
    return (
      <Box
        {...common}
        style={{
          backgroundImage: `url(${card.picture})`,
          backgroundSize: `${card.widthMm * pxPerMm(scale)}px 100%`,
          backgroundRepeat: 'repeat-x',
          filter: 'drop-shadow(0 1px 1px rgb(37 49 58 / 45%))',
        }}
      />
    );
  }
  const thing = THINGS.has(card.kind);
  return (
    <Box position="relative" {...common}>
      <img
        src={card.picture}
        alt=""
        loading="lazy"
        width={size.width}
        height={size.height}
        style={{
          width: size.width,
          height: size.height,
          filter: thing
            ? 'drop-shadow(0 1px 1.5px rgb(37 49 58 / 55%))'
            : 'drop-shadow(0 1px 2px rgb(37 49 58 / 22%))',
        }}
      />
      {card.kind === 'NAPKIN' && (
        <svg
          width={num(size.width)}
          height={num(size.height)}
          style={{ position: 'absolute', inset: 0 }}
          aria-hidden
        >
          <path
            d={`M${num(size.width / 2)} 0V${num(size.height)}M0 ${num(size.height / 2)}H${num(size.width)}`}
            stroke={ink('fold')}
            strokeDasharray="3 3"
          />
        </svg>
      )}
      {card.unit === 'MM' && <RollEnd size={size} />}
    </Box>
  );
}

/** What is left of a roll shows how much it is by its end. */
function RollEnd({ size }: { size: Size }) {
  return (
    <svg
      width="22"
      height={num(size.height)}
      style={{ position: 'absolute', right: -11, top: 0 }}
      aria-hidden
    >
      <ellipse
        cx="11"
        cy={num(size.height / 2)}
        rx="10"
        ry={num(size.height / 2)}
        fill={ink('wood')}
        stroke={ink('lid')}
        strokeOpacity="0.5"
      />
      <ellipse
        cx="11"
        cy={num(size.height / 2)}
        rx="4"
        ry={num(size.height / 5)}
        fill={ink('lid')}
      />
    </svg>
  );
}

function BareRoll({ card, size }: { card: CardView; size: Size }) {
  const w = size.width;
  const h = size.height;
  const gauze = card.kind === 'PLASTER_FABRIC';
  return (
    <svg width={num(w + 12)} height={num(h)} aria-hidden>
      <defs>
        <pattern id={`gauze-${card.id}`} width="4" height="4" patternUnits="userSpaceOnUse">
          <path d="M0 2H4M2 0V4" stroke={ink('fold')} strokeWidth="0.7" />
        </pattern>
        <linearGradient id={`sheen-${card.id}`} x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor={ink('card')} stopOpacity="0.45" />
          <stop offset="0.35" stopColor={ink('card')} stopOpacity="0" />
          <stop offset="0.75" stopColor={ink('ink')} stopOpacity="0.05" />
          <stop offset="1" stopColor={ink('ink')} stopOpacity="0.3" />
        </linearGradient>
      </defs>
      <rect width={num(w)} height={num(h)} fill={gauze ? ink('card') : card.shade} />
      <rect width={num(w)} height={num(h)} fill={`url(#${gauze ? 'gauze' : 'sheen'}-${card.id})`} />
      <ellipse
        cx={num(w)}
        cy={num(h / 2)}
        rx="9"
        ry={num(h / 2)}
        fill={ink('wood')}
        stroke={ink('lid')}
        strokeOpacity="0.5"
      />
      <ellipse cx={num(w)} cy={num(h / 2)} rx="3.5" ry={num(h / 5)} fill={ink('lid')} />
    </svg>
  );
}

function Spots({ colour }: { colour: string }) {
  return (
    <svg width="96" height="76" aria-hidden>
      {[0, 1, 2].flatMap((r) =>
        [0, 1, 2, 3].map((c) => (
          <circle
            key={`${r}${c}`}
            cx={14 + 22 * c + (r % 2) * 11}
            cy={14 + 24 * r}
            r="6"
            fill={colour}
          />
        )),
      )}
    </svg>
  );
}

/** A sheet nobody gave a picture of yet: its size, its kind. */
function Unseen({ card, size }: { card: CardView; size: Size }) {
  return (
    <Box
      w={`${size.width}px`}
      h={`${size.height}px`}
      bg={OPENINGS.has(card.kind) ? 'seaWash' : card.shade}
      borderWidth="1px"
      borderStyle="dashed"
      borderColor={OPENINGS.has(card.kind) ? 'sea' : 'soft'}
      borderRadius="3px"
    />
  );
}

function OffcutDrawing({ card, scale, size }: { card: CardView; scale: number; size: Size }) {
  const k = pxPerMm(scale);
  const offcut = card.offcut;
  if (!offcut) {
    return null;
  }
  const id = `offcut-${card.id}`;
  return (
    <svg
      width={num(size.width + 4)}
      height={num(size.height + 4)}
      viewBox={`${num(offcut.leftMm - 2 / k)} ${num(offcut.topMm - 2 / k)} ${num(offcut.widthMm + 4 / k)} ${num(offcut.heightMm + 4 / k)}`}
      aria-hidden
    >
      <clipPath id={id}>
        <path d={card.offcutPath} />
      </clipPath>
      <path d={card.offcutPath} fill={card.picture ? ink('card') : card.shade} />
      {card.picture && (
        <image
          href={card.picture}
          width={card.widthMm}
          height={card.heightMm}
          preserveAspectRatio="none"
          clipPath={`url(#${id})`}
        />
      )}
      <path
        d={card.offcutPath}
        fill="none"
        stroke={ink('plum')}
        strokeWidth="1.3"
        strokeDasharray="4 3"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

function ToolMark({ name }: { name: string }) {
  return (
    <svg width="92" height="76" role="img" aria-label={name}>
      <g transform="translate(46 40) rotate(-32)">
        <rect x="-36" y="-4" width="40" height="8" rx="4" fill={ink('wood')} stroke={ink('lid')} />
        <rect x="2" y="-8" width="12" height="16" fill={ink('fold')} stroke={ink('lid')} />
        <path d="M14 -9H32C37 -5 37 5 32 9H14Z" fill={ink('lid')} />
      </g>
    </svg>
  );
}
