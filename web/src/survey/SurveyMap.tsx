import { useRef, useState } from 'react';
import type { FaceView, MarkView } from '../api/client';
import { useStudio } from '../api/queries';
import { useKeys } from '../app/useKeys';
import { FaceDrawing, Insets } from '../map/FaceDrawing';
import { FaceMap } from '../map/FaceMap';
import type { Stencils } from '../map/Items';
import { BlemishPins, FrontMark, MapGrid } from '../map/MapMarks';
import { Dimension } from '../map/Net';
import { Tape } from '../map/Tape';
import { num, type Spot } from '../map/viewport';
import { usePlan } from '../plan/PlanProvider';
import { MeasuringTape, snapped } from './MeasuringTape';
import { PlaceByKeys } from './PlaceByKeys';

const MARGINS = { left: 64, top: 76, right: 60, bottom: 132 };
const NO_MARKS: MarkView[] = [];

type Props = {
  readonly face: FaceView;
  readonly stencils: Stencils;
  /** a click puts something down there */
  readonly onPlace: ((at: Spot) => void) | null;
  readonly measuring: boolean;
};

/** A face to mark and to measure on. */
export function SurveyMap({ face, stencils, onPlace, measuring }: Props) {
  const plan = usePlan();
  const tape = useStudio().data?.tape;
  const [from, setFrom] = useState<Spot | null>(null);
  const [to, setTo] = useState<Spot | null>(null);
  const scale = useRef(1);
  useKeys({
    escape: () => {
      setFrom(null);
      setTo(null);
    },
  });

  const measure = (at: Spot) => {
    const spot = snapped(face, at, scale.current);
    if (from === null || to !== null) {
      setFrom(spot);
      setTo(null);
    } else {
      setTo(spot);
    }
  };

  return (
    <FaceMap
      widthMm={face.width.mm}
      heightMm={face.height.mm}
      label={`${face.name}, ${face.width.text} by ${face.height.text}`}
      margins={MARGINS}
      onPlace={measuring ? measure : (onPlace ?? undefined)}
      plan={
        <>
          <FaceDrawing face={face} stencils={stencils} />
          <Insets face={face} faces={plan.piece.reading.faces} stencils={stencils} />
        </>
      }
      under={(k) => <MapGrid face={face} k={k} />}
      over={(k) => {
        scale.current = k;
        return (
          <>
            <FrontMark face={face} k={k} />
            <BlemishPins face={face} k={k} />
            <g transform={`translate(0 ${num(face.height.mm * k + 32)})`}>
              <Dimension x1={0} x2={face.width.mm * k} y={0} text={face.width.text} />
            </g>
            <g transform={`translate(${num(face.width.mm * k + 32)} 0) rotate(90)`}>
              <Dimension x1={0} x2={face.height.mm * k} y={0} text={face.height.text} />
            </g>
            {tape && (
              <g transform={`translate(0 ${num(face.height.mm * k + 54)})`}>
                <Tape edgeMm={face.width.mm} k={k} tape={tape} marks={NO_MARKS} />
              </g>
            )}
            {face.wraps && (
              <text
                x={num((face.width.mm * k) / 2)}
                y={num(face.height.mm * k + 118)}
                textAnchor="middle"
                style={{ fontSize: 12.5 }}
                fill="var(--chakra-colors-soft)"
              >
                front in the middle; the dashed ends meet in the seam at the back
              </text>
            )}
            {measuring && from && <MeasuringTape from={from} to={to} k={k} />}
            {measuring ? (
              <PlaceByKeys face={face} k={k} label="An end of the tape" onPut={measure} />
            ) : (
              onPlace && <PlaceByKeys face={face} k={k} label="Its place" onPut={onPlace} />
            )}
          </>
        );
      }}
    />
  );
}
