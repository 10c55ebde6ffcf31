import { useId } from 'react';
import type { FaceView } from '../../api/client';
import { FaceDrawing, Insets } from '../../map/FaceDrawing';
import type { Stencils } from '../../map/Items';

/** A knob is about this much wider than the hole that it is screwed into. */
const KNOB_MM = 15;

/** A face as it will be, for a photo: nothing around it, and nothing where hardware is in front of it. */
export function PhotoFace({
  face,
  faces,
  stencils,
  hardwareInFront,
}: {
  face: FaceView;
  faces: ReadonlyArray<FaceView>;
  stencils: Stencils;
  hardwareInFront: boolean;
}) {
  const id = useId();
  const drawing = (
    <>
      <FaceDrawing face={face} stencils={stencils} />
      <Insets face={face} faces={faces} stencils={stencils} />
    </>
  );
  if (!hardwareInFront) {
    return drawing;
  }
  return (
    <>
      <mask id={`${id}hardware`} maskUnits="userSpaceOnUse">
        <rect width={face.width.mm} height={face.height.mm} fill="#fff" />
        {face.keepOuts.map((k) => (
          <path key={k.id} d={k.pathData} fill="#000" />
        ))}
        {face.holes.flatMap((hole) =>
          hole.centres.map((c) => (
            <circle
              key={`${hole.id} ${c.xMm} ${c.yMm}`}
              cx={c.xMm}
              cy={c.yMm}
              r={Math.max(KNOB_MM, hole.diameter.mm)}
              fill="#000"
            />
          )),
        )}
      </mask>
      <g mask={`url(#${id}hardware)`}>{drawing}</g>
    </>
  );
}
