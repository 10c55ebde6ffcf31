import type { FaceView } from '../api/client';

/** The colours of a blended face from its foot up, as a fill to be named by its id. */
export function BlendGradient({ id, blend }: { id: string; blend: FaceView['blend'] }) {
  return (
    <linearGradient id={id} x1="0" y1="1" x2="0" y2="0">
      {blend.map((stop) => (
        <stop key={`${stop.at} ${stop.hex}`} offset={stop.at} stopColor={stop.hex} />
      ))}
    </linearGradient>
  );
}
