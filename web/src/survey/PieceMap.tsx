import type { Reading } from '../api/client';
import { OthersOnMap } from '../live/OnMap';
import { FaceMap } from '../map/FaceMap';
import type { Stencils } from '../map/Items';
import { BlemishPins, FrontMark } from '../map/MapMarks';
import { NetFaces, NetLabels, shownFaces } from '../map/Net';
import { num } from '../map/viewport';

const MARGINS = { left: 40, top: 30, right: 40, bottom: 64 };

type Props = {
  readonly pieceId: string;
  readonly name: string;
  readonly reading: Reading;
  readonly stencils: Stencils;
  readonly onChoose: (faceId: string) => void;
};

/** The whole piece unfolded at one scale: moved, brought nearer, and each face to step into. */
export function PieceMap({ pieceId, name, reading, stencils, onChoose }: Props) {
  return (
    <FaceMap
      widthMm={reading.net.widthMm}
      heightMm={reading.net.heightMm}
      label={`${name}, unfolded`}
      margins={MARGINS}
      plan={<NetFaces reading={reading} stencils={stencils} />}
      over={(k) => (
        <>
          <NetLabels reading={reading} k={k} onChoose={onChoose} large />
          <g style={{ pointerEvents: 'none' }}>
            {shownFaces(reading).map((face) => (
              <g
                key={face.id}
                transform={`translate(${num((face.onNet?.leftMm ?? 0) * k)} ${num((face.onNet?.topMm ?? 0) * k)})`}
              >
                <FrontMark face={face} k={k} />
                <BlemishPins face={face} k={k} />
                <OthersOnMap pieceId={pieceId} face={face} k={k} />
              </g>
            ))}
          </g>
        </>
      )}
    />
  );
}
