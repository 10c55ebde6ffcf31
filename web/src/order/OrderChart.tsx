import { Box } from '@chakra-ui/react';
import { type KeyboardEvent, useRef } from 'react';
import type { OrderStep, OrderView } from '../api/client';
import { useElementSize } from '../common/useElementSize';
import { ChartRow } from './ChartRow';
import { FOOT, HEAD, NAMES, RIGHT, ROW } from './chartSizes';
import { fitting, hourStep, type TimeScale, timeScale } from './timeScale';
import { STEP_OF_A_DRAG, useStepDrag } from './useStepDrag';

/** Steps solid, ripening soft, nights narrow, what cannot be late framed. */
export function OrderChart({
  order,
  perHour,
  chosen,
  onChoose,
  onDrag,
}: {
  order: OrderView;
  /** as near as it fits where none is told */
  perHour: number | null;
  chosen: string | undefined;
  onChoose: (stepId: string) => void;
  /** a step of this piece is to begin at another minute */
  onDrag: (step: OrderStep, minute: number) => void;
}) {
  const svg = useRef<SVGSVGElement>(null);
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
  const own = new Set(rows.filter((r) => r.own).flatMap((r) => r.steps.map((s) => s.id)));
  const drag = useStepDrag(svg, scale, (step, minute) => onDrag(step, minute));
  const move = (event: KeyboardEvent, step: OrderStep) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (by !== 0 && event.shiftKey && own.has(step.id) && !step.done) {
      event.preventDefault();
      onDrag(step, Math.max(0, step.from + by * STEP_OF_A_DRAG));
      return;
    }
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
        ref={svg}
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
          <ChartRow
            key={row.id}
            row={row}
            first={row.pieceId !== rows[i - 1]?.pieceId}
            y={HEAD + i * ROW}
            scale={scale}
            width={NAMES + Math.max(scale.width, room)}
            chosen={chosen}
            onChoose={(id) => drag.wasDragged() || onChoose(id)}
            onKey={move}
            dragged={drag.dragged}
            onGrab={drag.grab}
          />
        ))}
        <Now order={order} scale={scale} bottom={height - FOOT} />
      </svg>
    </Box>
  );
}

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
