import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { LaidView, OptionView } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { ink } from '../theme/theme';

/** More than these would push the marks off the screen; the rest is a click away. */
const FIRST = 3;

type Props = {
  readonly laid: LaidView;
  readonly ground: string;
  readonly paint: string;
  readonly onPick: (index: number) => void;
};

/** The options, best first, each as a small picture of its line and in words. */
export function OptionList({ laid, ground, paint, onPick }: Props) {
  const [all, setAll] = useState(false);
  const hidden = laid.options.length - FIRST;
  return (
    <Flex direction="column" gap="2" role="radiogroup" aria-label="Options">
      {laid.options.map((option, i) => {
        const chosen = i === laid.chosen;
        if (!all && i >= FIRST && !chosen) {
          return null;
        }
        return (
          <Box
            as="button"
            key={`${option.kind}${option.count}`}
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
            <Flex justify="space-between" gap="2">
              <Text fontWeight="600" fontSize="13.5px">
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
            <LinePicture option={option} ground={ground} paint={paint} />
            <Text fontSize="12.5px" color="soft">
              <Fig text={option.detail} />
            </Text>
            {chosen && (
              <Text fontSize="12.5px" mt="0.5">
                <Fig text={option.reason} />
              </Text>
            )}
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

export function LinePicture({
  option,
  ground,
  paint,
}: {
  option: OptionView;
  ground: string;
  paint: string;
}) {
  return (
    <svg width="100%" height="14" viewBox="0 0 1000 14" preserveAspectRatio="none" aria-hidden>
      <rect y="1" width="1000" height="12" rx="2" fill={ground} />
      {Array.from({ length: option.count }, (_, i) => (
        <rect
          // biome-ignore lint/suspicious/noArrayIndexKey: a motif is its place in the row
          key={i}
          x={(option.firstShare + i * option.pitchShare) * 1000}
          y="4"
          width={option.motifShare * 1000}
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
