import type { FaceView } from '../api/client';
import { FaceDrawing, type Stencils } from '../map/FaceDrawing';
import { FaceMap } from '../map/FaceMap';
import { BlemishPins, MapGrid } from '../map/MapMarks';
import { Dimension } from '../map/Net';
import { num } from '../map/viewport';
import { usePlan } from '../plan/PlanProvider';
import { addBlemish, addKeepOut, type Placing } from './marks';

const MARGINS = { left: 64, top: 76, right: 60, bottom: 90 };

type Props = {
  readonly face: FaceView;
  readonly stencils: Stencils;
  readonly placing: Placing | null;
  readonly onPlaced: () => void;
};

/** A face to mark: a click puts down what is being placed. */
export function SurveyMap({ face, stencils, placing, onPlaced }: Props) {
  const plan = usePlan();
  return (
    <FaceMap
      widthMm={face.width.mm}
      heightMm={face.height.mm}
      label={`${face.name}, ${face.width.text} by ${face.height.text}`}
      margins={MARGINS}
      onPlace={
        placing === null
          ? undefined
          : (at) => {
              const name = face.name.toLowerCase();
              plan.change(
                placing === 'keepOut'
                  ? addKeepOut(plan.document, face.id, at)
                  : addBlemish(plan.document, face.id, at),
                placing === 'keepOut' ? `Keep-out on the ${name}` : `Damage on the ${name}`,
              );
              onPlaced();
            }
      }
      plan={<FaceDrawing face={face} stencils={stencils} />}
      under={(k) => <MapGrid face={face} k={k} />}
      over={(k) => (
        <>
          <BlemishPins face={face} k={k} />
          <g transform={`translate(0 ${num(face.height.mm * k + 32)})`}>
            <Dimension x1={0} x2={face.width.mm * k} y={0} text={face.width.text} />
          </g>
          <g transform={`translate(${num(face.width.mm * k + 32)} 0) rotate(90)`}>
            <Dimension x1={0} x2={face.height.mm * k} y={0} text={face.height.text} />
          </g>
        </>
      )}
    />
  );
}
