import { Box } from '@chakra-ui/react';
import type { CoatGroup } from '../api/client';

/** The colours of a blend lying down, the foot at the left. */
export function BlendSwatch({
  blend,
  height = 22,
}: {
  blend: CoatGroup['blend'];
  height?: number;
}) {
  const stops = blend.map((s) => `${s.hex} ${Math.round(s.at * 1000) / 10}%`).join(', ');
  return (
    <Box
      aria-hidden
      h={`${height}px`}
      borderRadius="md"
      borderWidth="1px"
      borderColor="fold"
      backgroundImage={`linear-gradient(90deg, ${stops})`}
    />
  );
}
