import { Box, Flex, Text } from '@chakra-ui/react';
import type { CornerView, OutlineDoc } from '../../api/client';
import { Button } from '../../common/Button';
import { LengthField } from '../../common/LengthField';

type Points = OutlineDoc['points'];

/** Corners by their two distances; one can be put in after each, or taken away. */
export function PointFields({
  points,
  corners,
  what,
  onPoints,
}: {
  points: Points;
  corners: ReadonlyArray<CornerView>;
  what: string;
  onPoints: (points: Points) => void;
}) {
  return (
    <Box>
      {points.map((p, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a corner is its number
        <Flex key={i} gap="2" align="flex-end" mb="2">
          <Text w="14px" pb="1.5" color="soft">
            {i + 1}
          </Text>
          <LengthField
            label="across"
            name={`Corner ${i + 1} of ${what}, across`}
            value={corners[i]?.across ?? null}
            kind="PLACE"
            width="34%"
            onLength={(xMm) => onPoints(points.map((q, j) => (j === i ? { ...q, xMm } : q)))}
          />
          <LengthField
            label="down"
            name={`Corner ${i + 1} of ${what}, down`}
            value={corners[i]?.down ?? null}
            kind="PLACE"
            width="34%"
            onLength={(yMm) => onPoints(points.map((q, j) => (j === i ? { ...q, yMm } : q)))}
          />
          <Button
            size="xs"
            aria-label={`Put a corner in after corner ${i + 1}`}
            onClick={() => {
              const next = points[(i + 1) % points.length] ?? p;
              const between = { xMm: (p.xMm + next.xMm) / 2, yMm: (p.yMm + next.yMm) / 2 };
              onPoints([...points.slice(0, i + 1), between, ...points.slice(i + 1)]);
            }}
          >
            +
          </Button>
          {points.length > 3 && (
            <Button
              size="xs"
              look="warn"
              aria-label={`Take corner ${i + 1} away`}
              onClick={() => onPoints(points.filter((_, j) => j !== i))}
            >
              −
            </Button>
          )}
        </Flex>
      ))}
    </Box>
  );
}
