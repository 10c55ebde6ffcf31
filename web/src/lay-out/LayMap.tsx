import { memo, useMemo, useRef, useState } from 'react';
import type { FaceView, LaidView, LayDoc, LayView, RunDoc } from '../api/client';
import { useStudio } from '../api/queries';
import { SvgFig } from '../common/Fig';
import { FaceDrawing, Insets, LayDrawing, type Stencils } from '../map/FaceDrawing';
import { FaceMap } from '../map/FaceMap';
import { isLevel, stripOf } from '../map/lines';
import { BlemishPins, MapGrid } from '../map/MapMarks';
import { Dimension } from '../map/Net';
import { Tape } from '../map/Tape';
import { num, type Spot } from '../map/viewport';
import { withRun } from '../plan/edits';
import { useLive, usePlan } from '../plan/PlanProvider';
import { ink } from '../theme/theme';
import { LineHandles } from './LineHandles';

type Props = {
  readonly face: FaceView;
  readonly stencils: Stencils;
  readonly lay: LayView | null;
  readonly onSelect: (layId: string) => void;
};

const LEVEL_MARGINS = { left: 62, top: 70, right: 58, bottom: 178 };
const UPRIGHT_MARGINS = { left: 170, top: 70, right: 40, bottom: 70 };
const TAPE_BELOW = 112;
const NO_MARKS: LaidView['marks'] = [];

/** The face with its lays, the chosen one's line to grip, and the tape beside it. */
export function LayMap({ face, stencils, lay, onSelect }: Props) {
  const plan = usePlan();
  const tape = useStudio().data?.tape;
  const toPlanRef = useRef<((client: Spot) => Spot) | null>(null);
  const [dragged, setDragged] = useState<RunDoc | null>(null);
  const doc = lay && plan.document.lays.find((l) => l.id === lay.id);
  const answered = useLive();
  const live = lay && answered?.id === lay.id ? answered : null;
  const shown = live ?? lay;
  const run = dragged ?? doc?.run;
  const level = !run || isLevel(run.edge);

  const move = (next: RunDoc, done: boolean, gesture: string) => {
    if (!lay) {
      return;
    }
    const changed = withRun(plan.document, lay.id, next);
    if (done) {
      setDragged(null);
      plan.stopTrying();
      plan.change(changed, `Moved the line of ${lay.designName}`, gesture);
    } else {
      setDragged(next);
      plan.tryLay(changed, lay.id);
    }
  };

  // The band under the pointer is carried along as it was drawn, as long as its row is the same.
  const moving = shown && (dragged || live) ? shown : null;
  const drawn = useRef<LayView | null>(null);
  if (!moving || !drawn.current || !sameRow(drawn.current, moving, level)) {
    drawn.current = moving;
  }
  const carriedLay = drawn.current;
  const marks = (carriedLay ?? shown)?.laid?.marks ?? NO_MARKS;
  const carried = useMemo(() => {
    if (!carriedLay || !run) {
      return null;
    }
    const { line } = carriedLay;
    const there = stripOf(face, { ...run, distanceMm: line.distance.mm }, line);
    const here = stripOf(face, run, line);
    return {
      plan: <LayDrawing lay={carriedLay} stencil={stencils.get(carriedLay.designId)} />,
      byMm: { x: level ? 0 : here.x - there.x, y: level ? here.y - there.y : 0 },
    };
  }, [carriedLay, run, face, level, stencils]);

  return (
    <FaceMap
      widthMm={face.width.mm}
      heightMm={face.height.mm}
      label={`${face.name}, ${face.width.text} by ${face.height.text}`}
      margins={level ? LEVEL_MARGINS : UPRIGHT_MARGINS}
      toPlanRef={toPlanRef}
      plan={
        <>
          <FaceDrawing face={face} stencils={stencils} without={moving?.id} />
          <Insets face={face} faces={plan.piece.reading.faces} stencils={stencils} />
        </>
      }
      under={(k) => <MapGrid face={face} k={k} />}
      carried={carried}
      over={(k) => (
        <>
          <OtherBands
            face={face}
            chosen={lay?.id}
            lays={plan.document.lays}
            k={k}
            onSelect={onSelect}
          />
          {shown && run && shown.laid && <Guides face={face} lay={shown} run={run} k={k} />}
          {lay && run && shown && tape && (
            <LineHandles
              face={face}
              lay={shown}
              run={run}
              k={k}
              divisionMm={tape.divisionMm}
              toPlan={toPlanRef}
              onMove={move}
            />
          )}
          <BlemishPins face={face} k={k} />
          <g transform={`translate(0 ${num(face.height.mm * k + (level ? 30 : 26))})`}>
            <Dimension x1={0} x2={face.width.mm * k} y={0} text={face.width.text} />
          </g>
          {tape && level && (
            <g transform={`translate(0 ${num(face.height.mm * k + TAPE_BELOW)})`}>
              <Tape edgeMm={face.width.mm} k={k} tape={tape} marks={marks} />
              <text x={-26} y={64} fill={ink('soft')} style={{ fontSize: 13 }}>
                {shown?.laid?.tapeText ?? 'Choose a lay to see its marks on the tape.'}
              </text>
            </g>
          )}
          {tape && !level && (
            <g transform="translate(-64 0) rotate(90) ">
              <Tape edgeMm={face.height.mm} k={k} tape={tape} marks={marks} />
            </g>
          )}
        </>
      )}
    />
  );
}

/** True where two answers lay the same row at the same marks, be it nearer or further across. */
function sameRow(a: LayView, b: LayView, level: boolean): boolean {
  const [first, ...rest] = a.laid?.items ?? [];
  const [other, ...others] = b.laid?.items ?? [];
  return (
    a.id === b.id &&
    first !== undefined &&
    other !== undefined &&
    rest.length === others.length &&
    first.share === other.share &&
    (level ? first.xMm === other.xMm : first.yMm === other.yMm) &&
    rest.every((item, i) => {
      const twin = others[i];
      return (
        twin !== undefined &&
        item.share === twin.share &&
        item.xMm - first.xMm === twin.xMm - other.xMm &&
        item.yMm - first.yMm === twin.yMm - other.yMm
      );
    })
  );
}

type OtherProps = {
  readonly face: FaceView;
  readonly chosen: string | undefined;
  readonly lays: ReadonlyArray<LayDoc>;
  readonly k: number;
  readonly onSelect: (layId: string) => void;
};

/** The bands that are not chosen, each to be chosen by a click on it. */
const OtherBands = memo(function OtherBands({ face, chosen, lays, k, onSelect }: OtherProps) {
  return face.lays.map((other) => {
    const doc = lays.find((l) => l.id === other.id);
    if (!doc || other.id === chosen) {
      return null;
    }
    const strip = stripOf(face, doc.run, other.line);
    return (
      <rect
        key={other.id}
        x={num(strip.x * k)}
        y={num(strip.y * k)}
        width={num(strip.width * k)}
        height={num(strip.height * k)}
        fill="transparent"
        style={{ cursor: 'pointer' }}
        role="button"
        tabIndex={0}
        aria-label={`Choose ${other.title}`}
        onPointerDown={(e) => e.stopPropagation()}
        onClick={() => onSelect(other.id)}
        onKeyDown={(e) => e.key === 'Enter' && onSelect(other.id)}
      />
    );
  });
});

/** From each motif's middle a dotted line to the tape, and the line's distance from its edge. */
function Guides({ face, lay, run, k }: { face: FaceView; lay: LayView; run: RunDoc; k: number }) {
  const level = isLevel(run.edge);
  const strip = stripOf(face, run, lay.line);
  const marks = lay.laid?.marks ?? [];
  const h = face.height.mm * k;
  const from = level ? (strip.y + strip.height) * k : strip.x * k;
  return (
    <g>
      <path
        d={marks
          .map((m) =>
            level
              ? `M${num(m.exactMm * k)} ${num(from)}V${num(h + TAPE_BELOW - 28)}`
              : `M${num(from)} ${num(m.exactMm * k)}H-92`,
          )
          .join('')}
        stroke={ink('rust')}
        strokeWidth="1"
        strokeDasharray="1.5 5"
        strokeOpacity="0.75"
        fill="none"
      />
      {level && <DistanceFromEdge face={face} lay={lay} run={run} k={k} />}
    </g>
  );
}

function DistanceFromEdge({
  face,
  lay,
  run,
  k,
}: {
  face: FaceView;
  lay: LayView;
  run: RunDoc;
  k: number;
}) {
  const edgeY = run.edge === 'TOP' ? 0 : face.height.mm * k;
  const lineY = run.edge === 'TOP' ? run.distanceMm * k : (face.height.mm - run.distanceMm) * k;
  const x = face.width.mm * k + 12;
  const middle = (edgeY + lineY) / 2;
  return (
    <g>
      <path
        d={`M${num(x - 4)} ${num(edgeY)}h8M${num(x - 4)} ${num(lineY)}h8M${num(x)} ${num(edgeY)}V${num(lineY)}`}
        stroke={ink('rust')}
        strokeWidth="1.2"
        fill="none"
      />
      <g transform={`translate(${num(x + 13)} ${num(middle)}) rotate(90)`}>
        <text textAnchor="middle" fill={ink('rust')} style={{ fontSize: 12, fontWeight: 600 }}>
          <SvgFig text={lay.line.distance.text} />
        </text>
      </g>
    </g>
  );
}
