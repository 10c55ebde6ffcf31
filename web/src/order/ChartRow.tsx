import type { KeyboardEvent, PointerEvent } from 'react';
import type { OrderRow, OrderStep } from '../api/client';
import { BAR, NAMES, ROW } from './chartSizes';
import { cutTo, fits, type TimeScale } from './timeScale';
import type { Dragged } from './useStepDrag';

const RIPENING = 'url(#ripening)';

/** One row of the chart: what is done to a group, with what ripens in between. */
export function ChartRow({
  row,
  first,
  y,
  scale,
  width,
  chosen,
  onChoose,
  onKey,
  dragged,
  onGrab,
}: {
  row: OrderRow;
  first: boolean;
  y: number;
  scale: TimeScale;
  width: number;
  chosen: string | undefined;
  onChoose: (stepId: string) => void;
  onKey: (event: KeyboardEvent, step: OrderStep) => void;
  dragged: Dragged | null;
  onGrab: (event: PointerEvent, step: OrderStep) => void;
}) {
  const middle = y + ROW / 2 + 6;
  return (
    <g>
      <line
        x1={0}
        x2={width}
        y1={y + ROW}
        y2={y + ROW}
        stroke="var(--chakra-colors-hairline)"
        aria-hidden
      />
      <text
        x={4}
        y={middle}
        style={{ fontSize: 13.5, fontWeight: 600 }}
        fill="var(--chakra-colors-ink)"
        aria-hidden
      >
        {cutTo(row.name, NAMES * 0.8)}
        <title>{row.name}</title>
      </text>
      {first && (
        <text
          x={4}
          y={middle + 15}
          style={{ fontSize: 11.5 }}
          fill="var(--chakra-colors-soft)"
          aria-hidden
        >
          {cutTo(row.pieceName.toLowerCase(), NAMES - 16)}
        </text>
      )}
      {row.steps.map((step, i) => (
        <Ripening
          key={step.id}
          step={step}
          until={row.steps[i + 1]?.from}
          y={middle - 7}
          scale={scale}
        />
      ))}
      {row.steps.map((step, i) => (
        <Step
          key={step.id}
          step={step}
          own={row.own}
          room={
            (row.steps[i + 1] ? scale.x(row.steps[i + 1]?.from ?? 0) : scale.width) -
            scale.x(step.from)
          }
          y={middle - 7}
          scale={scale}
          chosen={step.id === chosen}
          onChoose={onChoose}
          onKey={onKey}
          onGrab={onGrab}
        />
      ))}
      {row.steps
        .filter((s) => s.id === dragged?.stepId)
        .map((s) => (
          <rect
            key={s.id}
            x={NAMES + scale.x(dragged?.minute ?? 0)}
            y={middle - 7 - BAR / 2}
            width={Math.max(
              4,
              scale.x((dragged?.minute ?? 0) + s.to - s.from) - scale.x(dragged?.minute ?? 0),
            )}
            height={BAR}
            rx={3}
            fill="var(--chakra-colors-ochre)"
            opacity={0.65}
            pointerEvents="none"
            aria-hidden
          />
        ))}
    </g>
  );
}

/** From the end of a step until it is dry enough for what comes next. */
function Ripening({
  step,
  until,
  y,
  scale,
}: {
  step: OrderStep;
  until: number | undefined;
  y: number;
  scale: TimeScale;
}) {
  const wait = step.waits.find((w) => w.ripe > step.to);
  const window = step.waits.find((w) => w.until !== undefined);
  const from = NAMES + scale.x(step.to);
  const ripe = wait ? Math.min(wait.ripe, until ?? wait.ripe) : step.to;
  const to = NAMES + scale.x(ripe);
  return (
    <g aria-hidden>
      {wait && (
        <>
          <rect x={from} y={y - 6} width={Math.max(0, to - from)} height={14} fill={RIPENING} />
          <rect x={to - 1.5} y={y - 9} width={2} height={20} fill="var(--chakra-colors-moss)" />
          <text
            x={(from + to) / 2}
            y={y + 5}
            style={{ fontSize: 11 }}
            textAnchor="middle"
            fill="var(--chakra-colors-ink)"
          >
            {fits(wait.text, wait.briefText, to - from - 6)}
          </text>
        </>
      )}
      {window?.until !== undefined && (
        <>
          <rect
            x={to}
            y={y - BAR / 2 - 3}
            width={Math.max(8, NAMES + scale.x(window.until) - to)}
            height={BAR + 8}
            fill="none"
            stroke="var(--chakra-colors-ochre)"
            strokeWidth={2}
            strokeDasharray="4 3"
          />
          <text
            textAnchor={scale.x(window.until) > scale.width - 90 ? 'end' : 'start'}
            x={NAMES + scale.x(window.until) + (scale.x(window.until) > scale.width - 90 ? 0 : 6)}
            y={y + BAR + 6}
            style={{ fontSize: 11 }}
            fill="var(--chakra-colors-ochre)"
          >
            {window.windowText}
          </text>
        </>
      )}
    </g>
  );
}

function Step({
  step,
  own,
  room,
  y,
  scale,
  chosen,
  onChoose,
  onKey,
  onGrab,
}: {
  step: OrderStep;
  own: boolean;
  room: number;
  y: number;
  scale: TimeScale;
  chosen: boolean;
  onChoose: (stepId: string) => void;
  onKey: (event: KeyboardEvent, step: OrderStep) => void;
  onGrab: (event: PointerEvent, step: OrderStep) => void;
}) {
  const x = NAMES + scale.x(step.from);
  const width = Math.max(4, scale.x(step.to) - scale.x(step.from));
  const away = step.doing === 'CUT' || step.doing === 'CAST';
  const colour = own
    ? away
      ? 'var(--chakra-colors-tape-edge)'
      : 'var(--chakra-colors-sea)'
    : 'var(--chakra-colors-plum)';
  const text = cutTo(step.brief, room - 4);
  const movable = own && !step.done;
  return (
    <g
      id={`step ${step.id}`}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${step.title}, ${step.whenText}, ${step.slackText}`}
      style={{ cursor: movable ? 'grab' : 'pointer', outline: 'none', touchAction: 'pan-y' }}
      onClick={() => onChoose(step.id)}
      onPointerDown={(event) => movable && onGrab(event, step)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          onChoose(step.id);
        }
        onKey(event, step);
      }}
    >
      <title>{`${step.title}\n${step.whenText}\n${step.takesText}, ${step.slackText}`}</title>
      {/* what is written over it belongs to it, and so does what lies between */}
      <rect
        x={x}
        y={y - 28}
        width={Math.max(width, Math.min(room, text.length * 6.1))}
        height={28 + BAR / 2}
        fill="transparent"
      />
      {text !== '' && (
        <text
          x={x}
          y={y - 16}
          style={{ fontSize: 11.5, fontWeight: 600 }}
          fill="var(--chakra-colors-ink)"
        >
          {text}
        </text>
      )}
      <rect
        x={x}
        y={y - BAR / 2}
        width={width}
        height={BAR}
        rx={3}
        fill={colour}
        opacity={step.done ? 0.35 : 1}
        stroke={
          chosen ? 'var(--chakra-colors-ink)' : step.chain ? 'var(--chakra-colors-ochre)' : 'none'
        }
        strokeWidth={chosen ? 3 : 2.5}
      />
      {step.fixed && !step.done && (
        <circle cx={x + 5} cy={y - BAR / 2 + 1} r={4} fill="var(--chakra-colors-rust)">
          <title>begins then because you said so</title>
        </circle>
      )}
      {step.done && width > 12 && (
        <path
          d={`M ${x + width / 2 - 5} ${y} l 4 4 l 7 -8`}
          fill="none"
          stroke="var(--chakra-colors-ink)"
          strokeWidth={2}
        />
      )}
    </g>
  );
}
