import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { FaceView, LaidView, LayView, OptionItems, OptionView } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Items, type Stencils } from '../map/Items';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';
import { useOptionItems } from './useOptionItems';

/** More than these would push the marks off the screen; the rest is a click away. */
const FIRST = 3;

type Props = {
  readonly face: FaceView;
  readonly lay: LayView;
  readonly laid: LaidView;
  readonly stencils: Stencils;
  readonly onPick: (index: number) => void;
};

/** The options, best first, each as a small picture and in words. */
export function OptionList({ face, lay, laid, stencils, onPick }: Props) {
  const [all, setAll] = useState(false);
  const hidden = laid.options.length - FIRST;
  const inStrips = laid.options.every((o) => o.strip !== undefined);
  const items = useOptionItems(lay, !inStrips && laid.options.length > 1).data ?? [];
  return (
    <Flex direction="column" gap="2" role="radiogroup" aria-label="Options">
      {laid.options.map((option, i) => {
        const chosen = i === laid.chosen;
        if (!all && i >= FIRST && !chosen) {
          return null;
        }
        const own = items.find(
          (o) => o.way === option.way && o.count === option.count && o.across === option.across,
        );
        return (
          <Box
            as="button"
            key={`${option.way}${option.count}/${option.across}/${option.detail}`}
            role="radio"
            aria-checked={chosen}
            onClick={() => onPick(i)}
            textAlign="left"
            bg="card"
            borderWidth={chosen ? '2px' : '1px'}
            borderColor={chosen ? 'sea' : 'hairline'}
            boxShadow={chosen ? '0 0 0 3px var(--chakra-colors-sea-wash)' : undefined}
            borderRadius="lg"
            px="2.5"
            py="2"
            _hover={{ borderColor: 'sea' }}
          >
            <Flex gap="2.5" align="flex-start">
              {own && (
                <FacePicture face={face} option={own} stencils={stencils} paint={lay.shownIn} />
              )}
              <Box flex="1" minW="0">
                <Flex justify="space-between" gap="2">
                  <Text fontWeight="600" fontSize="13.5px" lineHeight="1.3">
                    {option.title}
                  </Text>
                  {i === 0 && (
                    <Text color="moss" fontSize="13px">
                      best
                    </Text>
                  )}
                  {option.onKeepOut && (
                    <Text color="rust" fontSize="13px">
                      on a keep-out
                    </Text>
                  )}
                </Flex>
                {option.strip && (
                  <LinePicture option={option} ground={face.shows} paint={lay.shownIn} />
                )}
                <Text fontSize="12.5px" color="soft">
                  <Fig text={option.detail} />
                </Text>
                {chosen && (
                  <Text fontSize="12.5px" mt="0.5">
                    <Fig text={option.reason} />
                  </Text>
                )}
              </Box>
            </Flex>
          </Box>
        );
      })}
      {hidden > 0 && (
        <Button size="xs" look="plain" alignSelf="flex-start" onClick={() => setAll(!all)}>
          {all ? 'fewer options' : `${hidden} more ${hidden === 1 ? 'option' : 'options'}`}
        </Button>
      )}
    </Flex>
  );
}

const SMALL = { width: 74, height: 54 };

/** The face in small with an option's copies on it. */
function FacePicture({
  face,
  option,
  stencils,
  paint,
}: {
  face: FaceView;
  option: OptionItems;
  stencils: Stencils;
  paint: string;
}) {
  const k = Math.min(SMALL.width / face.width.mm, SMALL.height / face.height.mm);
  return (
    <svg
      width={num(face.width.mm * k)}
      height={num(face.height.mm * k)}
      viewBox={`0 0 ${num(face.width.mm)} ${num(face.height.mm)}`}
      style={{ flexShrink: 0, borderRadius: 3, marginTop: 3 }}
      aria-hidden
    >
      <path d={face.pathData} fill={face.shows} fillRule="evenodd" />
      <Items items={option.items} arts={option.arts} stencils={stencils} colour={paint} />
    </svg>
  );
}

export function LinePicture({
  option,
  ground,
  paint,
}: {
  option: OptionView;
  ground: string;
  paint: string;
}) {
  const { strip } = option;
  if (!strip) {
    return null;
  }
  return (
    <svg width="100%" height="14" viewBox="0 0 1000 14" preserveAspectRatio="none" aria-hidden>
      <rect y="1" width="1000" height="12" rx="2" fill={ground} />
      {Array.from({ length: option.count }, (_, i) => (
        <rect
          // biome-ignore lint/suspicious/noArrayIndexKey: a motif is its place in the row
          key={i}
          x={(strip.first + i * strip.pitch) * 1000}
          y="4"
          width={strip.motif * 1000}
          height="6"
          rx="3"
          fill={paint}
        />
      ))}
      <line
        x1="500"
        x2="500"
        y1="0"
        y2="14"
        stroke={ink('ochre')}
        strokeDasharray="2 2"
        strokeWidth="2"
      />
    </svg>
  );
}
