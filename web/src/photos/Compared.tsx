import { Box } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { LinedUpPhotos } from '../api/client';
import { linedUp } from './on/paint';
import { pixelsOf, useImage } from './on/usePainted';

export type Compared = {
  readonly address: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly name: string;
};

/** More is not seen better, and takes longer. */
const WIDEST_PX = 1100;

/** Two photos of a piece, the second as the first camera would have seen it, with a slider between. */
export function ComparedPhotos({
  first,
  second,
  how,
  maxHeight,
}: {
  first: Compared;
  second: Compared;
  how: LinedUpPhotos;
  maxHeight: string;
}) {
  const [share, setShare] = useState(0.5);
  const image = useImage(second.address);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [drawn, setDrawn] = useState(false);
  useEffect(() => {
    const sheet = canvas.current;
    if (!sheet || !image) {
      return;
    }
    const k = Math.min(1, WIDEST_PX / first.widthPx);
    const size = {
      width: Math.round(first.widthPx * k),
      height: Math.round(first.heightPx * k),
    };
    const lens = { width: second.widthPx, height: second.heightPx, bulge: how.secondBulge };
    const pixels = linedUp(
      size,
      { width: first.widthPx, height: first.heightPx, bulge: how.firstBulge },
      pixelsOf(image, {
        width: Math.min(second.widthPx, 2 * WIDEST_PX),
        height: second.heightPx * Math.min(1, (2 * WIDEST_PX) / second.widthPx),
      }),
      lens,
      how.firstToSecond,
    );
    sheet.width = size.width;
    sheet.height = size.height;
    sheet.getContext('2d')?.putImageData(new ImageData(pixels, size.width, size.height), 0, 0);
    setDrawn(true);
  }, [image, first, second, how]);
  return (
    <Box data-compared={drawn || undefined}>
      <Box
        position="relative"
        mx="auto"
        borderRadius="md"
        overflow="hidden"
        style={{
          aspectRatio: `${first.widthPx} / ${first.heightPx}`,
          maxHeight,
          maxWidth: `calc(${maxHeight} * ${first.widthPx / first.heightPx})`,
        }}
      >
        <img
          src={first.address}
          alt={first.name}
          style={{ position: 'absolute', inset: 0, width: '100%', height: '100%' }}
        />
        <canvas
          ref={canvas}
          role="img"
          aria-label={`${second.name}, seen from the same place`}
          style={{
            position: 'absolute',
            inset: 0,
            width: '100%',
            height: '100%',
            clipPath: `inset(0 0 0 ${(1 - share) * 100}%)`,
          }}
        />
        <Box
          aria-hidden
          position="absolute"
          top="0"
          bottom="0"
          width="3px"
          bg="sheet"
          boxShadow="0 0 0 1px rgb(37 49 58 / 0.5)"
          style={{ left: `calc(${(1 - share) * 100}% - 1.5px)` }}
        />
      </Box>
      <Box
        display="flex"
        alignItems="center"
        gap="3"
        mt="3"
        maxW="640px"
        mx="auto"
        fontSize="13px"
        color="soft"
      >
        {first.name}
        <input
          type="range"
          min="0"
          max="100"
          value={Math.round(share * 100)}
          aria-label={`From ${first.name} to ${second.name}`}
          aria-valuetext={`${Math.round(share * 100)} % ${second.name}`}
          onChange={(e) => setShare(Number(e.currentTarget.value) / 100)}
          style={{ flex: 1, minWidth: 0 }}
        />
        {second.name}
      </Box>
    </Box>
  );
}
