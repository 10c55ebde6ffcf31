import { Box } from '@chakra-ui/react';
import type { CoatBand } from '../api/client';
import { ink } from '../theme/theme';

const W = 370;

/** A band as one would see it in a cut: its colour, and how thick it is. */
export function BandDrawing({ band }: { band: CoatBand }) {
  const colour = band.colour ?? '#D5CBB8';
  switch (band.look) {
    case 'COAT':
    case 'BLEND':
    case 'WASH':
      return <Coats band={band} />;
    case 'CLEAR':
      return (
        <Drawing height={16 * Math.max(1, band.shades.length)}>
          {band.shades.map((s, i) => (
            <g key={s.text}>
              <rect
                y={16 * i + 1}
                width={W}
                height="13"
                fill={s.hex}
                opacity="0.55"
                stroke={ink('fold')}
              />
              <path
                d={`M0 ${16 * i + 4.5}H${W}`}
                stroke={ink('card')}
                strokeWidth="1.5"
                opacity="0.9"
              />
            </g>
          ))}
        </Drawing>
      );
    case 'SPOTS':
      return (
        <Drawing height={24}>
          {[18, 78, 170, 270, 348].map((x) => (
            <path
              key={x}
              d={`M${x - 11} 17Q${x} 8 ${x + 11} 17`}
              fill="none"
              stroke={colour}
              strokeWidth="5"
              strokeLinecap="round"
            />
          ))}
          <path d={`M0 21H${W}`} stroke={ink('hairline')} />
        </Drawing>
      );
    case 'POUR':
      return (
        <Drawing height={14 + 20 * Math.max(1, band.shades.length)}>
          <path
            d={`M0 6Q${W / 2} 0 ${W} 6V${12 + 20 * Math.max(1, band.shades.length)}H0Z`}
            fill={colour}
            opacity="0.7"
            stroke={ink('fold')}
          />
          <path
            d={`M14 10Q${W / 2} 4 ${W - 14} 10`}
            stroke={ink('card')}
            strokeWidth="3"
            fill="none"
          />
        </Drawing>
      );
    case 'DRESSING':
      return (
        <Drawing height={20}>
          <path d={`M0 10H${W}`} stroke={ink('hairline')} />
          {[8, 31, 54, W - 54, W - 31, W - 8].map((x) => (
            <path
              key={x}
              d={`M${x - 6} 16L${x + 6} 4`}
              stroke={band.colour ?? ink('soft')}
              strokeWidth="4"
              strokeLinecap="round"
            />
          ))}
        </Drawing>
      );
    case 'EDGES':
      return (
        <Drawing height={22}>
          <rect y="4" width="62" height="14" fill={colour} />
          <rect x={W - 62} y="4" width="62" height="14" fill={colour} />
          <path d={`M62 18H${W - 62}`} stroke={ink('hairline')} />
        </Drawing>
      );
    case 'RELIEF':
      return (
        <Drawing height={34}>
          <path d={`M0 32H${W}`} stroke={ink('fold')} strokeDasharray="4 3" />
          {[52, 320].map((x) => (
            <g key={x}>
              <path
                d={`M${x - 22} 32Q${x - 20} 6 ${x} 6Q${x + 20} 6 ${x + 22} 32Z`}
                fill={colour}
                stroke={ink('soft')}
              />
              <path
                d={`M${x - 9} 31L${x - 4} 9M${x} 31V7M${x + 9} 31L${x + 4} 9`}
                stroke={ink('soft')}
                opacity="0.5"
              />
            </g>
          ))}
        </Drawing>
      );
    case 'PRINT':
      return (
        <Drawing height={20}>
          <rect y="4" width={W} height="11" fill={colour} stroke={ink('fold')} />
          <path
            d={Array.from({ length: 23 }, (_, i) => `M${8 + i * 16} 9.5h8`).join('')}
            stroke={ink('sea')}
            strokeWidth="2.5"
            opacity="0.65"
          />
        </Drawing>
      );
    case 'PAINTED':
      return (
        <Drawing height={20}>
          <rect y="7" width={W} height="12" fill={band.under} />
          {Array.from({ length: 5 }, (_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: openings of one sheet
            <rect key={i} x={14 + i * 74} y="2" width="44" height="9" rx="2" fill={colour} />
          ))}
        </Drawing>
      );
    default:
      return null;
  }
}

function Drawing({ height, children }: { height: number; children: React.ReactNode }) {
  return (
    <svg
      width="100%"
      height={height}
      viewBox={`0 0 ${W} ${height}`}
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      {children}
    </svg>
  );
}

/** Each coat with what it says of itself, the last on top. */
function Coats({ band }: { band: CoatBand }) {
  const wash = band.look === 'WASH';
  return (
    <Box>
      {band.shades.toReversed().map((shade) => (
        <Box
          key={shade.text}
          h="29px"
          mb="2px"
          borderWidth="1px"
          borderColor="fold"
          display="grid"
          placeItems="center"
          bg={shade.hex}
          backgroundImage={
            wash
              ? `repeating-linear-gradient(115deg, ${band.colour}55 0 2px, transparent 2px 11px)`
              : undefined
          }
        >
          {/* on a tag of its own: no ink is read on every colour there is */}
          <Box
            as="span"
            px="2"
            bg="sheet"
            color="ink"
            borderRadius="full"
            fontSize="11.5px"
            lineHeight="17px"
          >
            {shade.text}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
