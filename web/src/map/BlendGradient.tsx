import type { FaceView } from '../api/client';
import { blendStops } from './blendStops';

/** The colours of a blended face from its foot up, as a fill to be named by its id. */
export function BlendGradient({ id, face }: { id: string; face: FaceView }) {
  return (
    <linearGradient id={id} x1="0" y1="1" x2="0" y2="0">
      {blendStops(face.blend, face.height.mm).map((stop, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two stops may be alike
        <stop key={i} offset={stop.at} stopColor={stop.hex} />
      ))}
    </linearGradient>
  );
}
