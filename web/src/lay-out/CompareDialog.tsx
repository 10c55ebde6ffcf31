import { Box, Dialog, Flex, Portal, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { FaceView, LayView, OptionItems, OptionView } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { FaceDrawing } from '../map/FaceDrawing';
import type { Stencils } from '../map/Items';
import { num } from '../map/viewport';
import { useOptionItems } from './useOptionItems';

type Props = {
  readonly face: FaceView;
  readonly lay: LayView;
  readonly stencils: Stencils;
  readonly onPick: (index: number) => void;
  readonly close: () => void;
};

const AT_ONCE = 3;

/** Two or three options of the whole face side by side, everything else laid as it is. */
export function CompareDialog({ face, lay, stencils, onPick, close }: Props) {
  const items = useOptionItems(lay, true).data;
  const options = lay.laid?.options ?? [];
  const [shown, setShown] = useState<ReadonlyArray<number>>(() => firstThree(lay));
  const step = (by: number) =>
    setShown((now) => now.map((i) => (i + by + options.length) % Math.max(1, options.length)));
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      if (e.key === '[' || e.key === ']') {
        e.stopPropagation();
        step(e.key === ']' ? 1 : -1);
      } else if (/^[1-3]$/.test(e.key)) {
        const index = shown[Number(e.key) - 1];
        if (index !== undefined) {
          onPick(index);
          close();
        }
      }
    };
    window.addEventListener('keydown', key, true);
    return () => window.removeEventListener('keydown', key, true);
  });
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && close()} size="cover">
      <Portal>
        <Dialog.Backdrop bg="ink/40" />
        <Dialog.Positioner>
          <Dialog.Content bg="paper" p="5" maxW="1240px" h="auto" maxH="94vh" overflow="auto">
            <Flex justify="space-between" align="baseline" mb="3">
              <Dialog.Title fontFamily="heading" fontSize="22px">
                {lay.designName} on the {face.name.toLowerCase()}, side by side
              </Dialog.Title>
              <Text color="soft" fontSize="13px">
                [ and ] bring the next options · 1, 2, 3 takes one · Esc leaves it as it is
              </Text>
            </Flex>
            <Box display="grid" gridTemplateColumns={`repeat(${shown.length}, 1fr)`} gap="5">
              {shown.map((index) => {
                const option = options[index];
                return (
                  option && (
                    <Candidate
                      key={`${option.way}${option.count}${option.across}${option.detail}`}
                      face={face}
                      lay={lay}
                      option={option}
                      best={index === 0}
                      chosen={index === lay.laid?.chosen}
                      items={items?.find(
                        (o) =>
                          o.way === option.way &&
                          o.count === option.count &&
                          o.across === option.across,
                      )}
                      stencils={stencils}
                      onTake={() => {
                        onPick(index);
                        close();
                      }}
                    />
                  )
                );
              })}
            </Box>
            <Flex mt="4" gap="2" justify="flex-end">
              {options.length > AT_ONCE && (
                <>
                  <Button onClick={() => step(-1)}>Earlier options</Button>
                  <Button onClick={() => step(1)}>Further options</Button>
                </>
              )}
              <Button onClick={close}>Leave it as it is</Button>
            </Flex>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

/** The one that is laid and the best of the others. */
function firstThree(lay: LayView): ReadonlyArray<number> {
  const chosen = lay.laid?.chosen ?? 0;
  const others = (lay.laid?.options ?? []).map((_, i) => i).filter((i) => i !== chosen);
  return [chosen, ...others.slice(0, AT_ONCE - 1)];
}

function Candidate({
  face,
  lay,
  option,
  best,
  chosen,
  items,
  stencils,
  onTake,
}: {
  face: FaceView;
  lay: LayView;
  option: OptionView;
  best: boolean;
  chosen: boolean;
  items: OptionItems | undefined;
  stencils: Stencils;
  onTake: () => void;
}) {
  const laid = lay.laid && items && { ...lay.laid, items: items.items, arts: items.arts };
  const shown: FaceView = {
    ...face,
    lays: face.lays.map((l) => (l.id === lay.id && laid ? { ...l, laid } : l)),
  };
  const pad = face.width.mm * 0.015;
  return (
    <Flex direction="column" gap="2" data-testid="candidate">
      <svg
        width="100%"
        viewBox={`${num(-pad)} ${num(-pad)} ${num(face.width.mm + 2 * pad)} ${num(face.height.mm + 2 * pad)}`}
        style={{ maxHeight: '56vh' }}
        role="img"
        aria-label={option.title}
      >
        <FaceDrawing face={shown} stencils={stencils} />
      </svg>
      <Flex justify="space-between" align="baseline" gap="2">
        <Text fontWeight="600">{option.title}</Text>
        <Text color={best ? 'moss' : 'soft'} fontSize="13px" whiteSpace="nowrap">
          {best ? 'best' : ''}
          {best && chosen ? ' · ' : ''}
          {chosen ? 'laid now' : ''}
        </Text>
      </Flex>
      <Text color="soft" fontSize="13px">
        <Fig text={option.detail} />
      </Text>
      <Text fontSize="13px" flex="1">
        <Fig text={option.reason} />
      </Text>
      <Button look={chosen ? 'quiet' : 'sea'} onClick={onTake} alignSelf="flex-start">
        {chosen ? 'Keep this one' : 'Take this one'}
      </Button>
    </Flex>
  );
}
