import { type ReactNode, useEffect, useRef, useState } from 'react';
import type { FaceView } from '../api/client';
import { FaceDrawing } from '../map/FaceDrawing';
import type { Stencils } from '../map/Items';
import { pictureOf } from './pictures';

type Props = {
  readonly faces: ReadonlyArray<FaceView>;
  readonly stencils: Stencils;
  readonly onPictures: (pictures: ReadonlyMap<string, HTMLCanvasElement>) => void;
  /** how one is drawn, where not on its ground with everything on it; the same one as long as it draws the same */
  readonly draw?: (face: FaceView) => ReactNode;
  readonly longerSide?: number;
};

/** Draws each face out of sight and hands on its picture, again whenever a face has changed. */
export function FacePictures({ faces, stencils, onPictures, draw, longerSide }: Props) {
  const sheet = useRef<HTMLDivElement>(null);
  const [failed, setFailed] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: drawn anew when what is drawn changes
  useEffect(() => {
    let current = true;
    const drawn = [...(sheet.current?.querySelectorAll('svg') ?? [])];
    Promise.all(
      drawn.map(async (svg) => [svg.dataset.of ?? '', await pictureOf(svg, longerSide)] as const),
    )
      .then((pictures) => current && onPictures(new Map(pictures)))
      .catch(() => current && setFailed(true));
    return () => {
      current = false;
    };
  }, [faces, stencils, draw, longerSide]);
  return (
    <div
      ref={sheet}
      aria-hidden
      style={{ position: 'absolute', width: 0, height: 0, overflow: 'hidden' }}
      data-failed={failed || undefined}
    >
      {faces.map((face) => (
        <svg
          key={face.id}
          data-of={face.id}
          xmlns="http://www.w3.org/2000/svg"
          viewBox={`0 0 ${face.width.mm} ${face.height.mm}`}
          width={face.width.mm}
          height={face.height.mm}
        >
          <title>{face.name}</title>
          {draw ? (
            draw(face)
          ) : (
            <>
              <rect width={face.width.mm} height={face.height.mm} fill={face.shows} />
              <FaceDrawing face={face} stencils={stencils} />
            </>
          )}
        </svg>
      ))}
    </div>
  );
}
