import { Box } from '@chakra-ui/react';
import type { KeyboardEvent } from 'react';
import type { OrderRow, OrderStep, OrderView } from '../api/client';
import { useElementSize } from '../common/useElementSize';
import { cutTo, fits, fitting, hourStep, type TimeScale, timeScale } from './timeScale';

const NAMES = 158;
const ROW = 62;
const HEAD = 34;
const FOOT = 22;
const BAR = 22;
const RIGHT = 14;

/** Steps solid, ripening soft, nights narrow, what cannot be late framed. */
export function OrderChart({
  order,
  perHour,
  chosen,
  onChoose,
}: {
  order: OrderView;
  /** as near as it fits where none is told */
  perHour: number | null;
  chosen: string | undefined;
  onChoose: (stepId: string) => void;
}) {
  const [ref, size] = useElementSize();
  const room = Math.max(200, (size?.width ?? 0) - NAMES - RIGHT);
  const scale = timeScale(
    order.openings,
    order.end,
    perHour ?? fitting(order.openings, order.end, room),
  );
  const rows = order.rows;
  const height = HEAD + rows.length * ROW + FOOT;
  const byTime = rows
    .flatMap((r) => r.steps)
    .toSorted((a, b) => a.from - b.from || a.id.localeCompare(b.id));
  const move = (event: KeyboardEvent, step: OrderStep) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    const next = byTime[byTime.indexOf(step) + by];
    if (by !== 0 && next) {
      event.preventDefault();
      onChoose(next.id);
      document.getElementById(`step ${next.id}`)?.focus();
    }
  };
  return (
    <Box ref={ref} overflowX="auto" borderRadius="md">
      <svg
        width={NAMES + Math.max(scale.width, room) + RIGHT}
        height={height}
        role="group"
        aria-label="What is done when"
        style={{ display: 'block' }}
      >
        <Defs />
        <Days order={order} scale={scale} height={height - FOOT} />
        <Hours order={order} scale={scale} bottom={height - FOOT} perHour={perHour} room={room} />
        {rows.map((row, i) => (
          <Row
            key={row.id}
            row={row}
            first={row.pieceId !== rows[i - 1]?.pieceId}
            y={HEAD + i * ROW}
            scale={scale}
            width={NAMES + Math.max(scale.width, room)}
            chosen={chosen}
            onChoose={onChoose}
            onKey={move}
          />
        ))}
        <Now order={order} scale={scale} bottom={height - FOOT} />
      </svg>
    </Box>
  );
}

const RIPENING = 'url(#ripening)';

function Defs() {
  return (
    <defs>
      <linearGradient id="ripening">
        <stop offset="0" stopColor="var(--chakra-colors-ochre-wash)" />
        <stop offset="1" stopColor="var(--chakra-colors-moss)" stopOpacity="0.55" />
      </linearGradient>
    </defs>
  );
}

function Days({ order, scale, height }: { order: OrderView; scale: TimeScale; height: number }) {
  return (
    <g aria-hidden>
      <rect
        x={NAMES}
        y={HEAD}
        width={scale.width}
        height={height - HEAD}
        fill="var(--chakra-colors-sheet)"
      />
      {scale.closed.map((c) => (
        <g key={c.x}>
          <rect
            x={NAMES + c.x}
            y={HEAD}
            width={c.width}
            height={height - HEAD}
            fill="var(--chakra-colors-paper)"
            opacity={c.night ? 1 : 0.6}
          />
          {c.night && height > 200 && (
            <text
              transform={`translate(${NAMES + c.x + c.width / 2 + 4} ${(height + HEAD) / 2}) rotate(-90)`}
              textAnchor="middle"
              style={{ fontSize: 11 }}
              fill="var(--chakra-colors-soft)"
              opacity="0.75"
            >
              it goes on drying
            </text>
          )}
        </g>
      ))}
      {order.days.map((day) => {
        const open = order.openings.find((o) => o.from >= day.from && o.from < day.to);
        return open ? (
          <text
            key={day.date}
            x={NAMES + scale.x(open.from) + 4}
            y={16}
            style={{ fontSize: 13, fontWeight: 600, fontFamily: 'var(--chakra-fonts-heading)' }}
            fill="var(--chakra-colors-ink)"
          >
            {day.text}
          </text>
        ) : null;
      })}
    </g>
  );
}

function Hours({
  order,
  scale,
  bottom,
  perHour,
  room,
}: {
  order: OrderView;
  scale: TimeScale;
  bottom: number;
  perHour: number | null;
  room: number;
}) {
  const step = hourStep(perHour ?? fitting(order.openings, order.end, room));
  const lines = order.days.flatMap((day) =>
    order.openings
      .filter((o) => o.from >= day.from && o.to <= day.to)
      .flatMap((o) => {
        const first = Math.ceil((o.from - day.from) / 60);
        const last = Math.floor((o.to - day.from) / 60);
        return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i).map(
          (hour) => ({ minute: day.from + hour * 60, hour, odd: hour % step !== 1 % step }),
        );
      }),
  );
  return (
    <g aria-hidden>
      {lines.map((l) => (
        <g key={l.minute}>
          <line
            x1={NAMES + scale.x(l.minute)}
            x2={NAMES + scale.x(l.minute)}
            y1={HEAD}
            y2={bottom}
            stroke="var(--chakra-colors-hairline)"
            strokeWidth={l.odd ? 0.5 : 1}
          />
          {!l.odd && (
            <text
              x={NAMES + scale.x(l.minute)}
              y={bottom + 15}
              style={{ fontSize: 11 }}
              textAnchor="middle"
              fill="var(--chakra-colors-soft)"
            >
              {l.hour}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}

function Row({
  row,
  first,
  y,
  scale,
  width,
  chosen,
  onChoose,
  onKey,
}: {
  row: OrderRow;
  first: boolean;
  y: number;
  scale: TimeScale;
  width: number;
  chosen: string | undefined;
  onChoose: (stepId: string) => void;
  onKey: (event: KeyboardEvent, step: OrderStep) => void;
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
}: {
  step: OrderStep;
  own: boolean;
  room: number;
  y: number;
  scale: TimeScale;
  chosen: boolean;
  onChoose: (stepId: string) => void;
  onKey: (event: KeyboardEvent, step: OrderStep) => void;
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
  return (
    <g
      id={`step ${step.id}`}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${step.title}, ${step.whenText}, ${step.slackText}`}
      style={{ cursor: 'pointer', outline: 'none' }}
      onClick={() => onChoose(step.id)}
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

function Now({ order, scale, bottom }: { order: OrderView; scale: TimeScale; bottom: number }) {
  if (order.now < 0 || order.now > order.end) {
    return null;
  }
  const x = NAMES + scale.x(order.now);
  return (
    <g aria-hidden>
      <line
        x1={x}
        x2={x}
        y1={HEAD - 4}
        y2={bottom}
        stroke="var(--chakra-colors-rust)"
        strokeWidth={2}
      />
      <text
        x={x}
        y={HEAD - 8}
        style={{ fontSize: 11.5, fontWeight: 600 }}
        textAnchor="middle"
        fill="var(--chakra-colors-rust)"
      >
        now
      </text>
    </g>
  );
}
