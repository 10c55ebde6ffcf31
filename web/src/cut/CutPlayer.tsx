import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { CutRun } from '../api/client';
import { useCutRun } from '../api/queries';
import { Button } from '../common/Button';
import { ErrorState, Loading } from '../common/States';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';
import { Mat } from './MatDrawing';
import { moment } from './playing';

const SPEEDS = [1, 10, 40] as const;

/** A cut as the cutter made it, played with its time and its blade lifts. */
export function CutPlayer({ jobId }: { jobId: string }) {
  const run = useCutRun(jobId);
  if (run.isPending) {
    return <Loading what="how it was cut" />;
  }
  if (run.isError) {
    return <ErrorState problem={run.error} again={() => run.refetch()} />;
  }
  return <Player run={run.data} />;
}

function Player({ run }: { run: CutRun }) {
  const [speed, setSpeed] = useState<number>(10);
  const { at, playing, seek, toggle } = useClock(run.seconds, speed);
  const now = moment(run, at);
  return (
    <Box flexShrink={0} role="group" aria-label="The cut, played">
      <Mat
        widthMm={run.matWidthMm}
        lengthMm={run.matLengthMm}
        label={`${now.cut} of ${run.lifts} lines cut`}
      >
        {(k) => (
          <>
            {run.strokes.map((stroke, i) => (
              <path
                key={stroke.data}
                d={stroke.data}
                fill="none"
                stroke={ink(i < now.cut ? 'rust' : 'sea')}
                strokeOpacity={i < now.cut ? 1 : 0.3}
                strokeWidth="1.3"
                vectorEffect="non-scaling-stroke"
              />
            ))}
            <polyline
              points={now.trail.map((p) => `${num(p.xMm)},${num(p.yMm)}`).join(' ')}
              fill="none"
              stroke={ink('rust')}
              strokeWidth="2"
              vectorEffect="non-scaling-stroke"
            />
            <circle
              cx={num(now.blade.xMm)}
              cy={num(now.blade.yMm)}
              r={num((now.down ? 4 : 6) / k)}
              fill={now.down ? ink('rust') : ink('card')}
              stroke={ink('rust')}
              strokeWidth={num(1.5 / k)}
            />
          </>
        )}
      </Mat>
      <Flex gap="3" align="center" mt="3" maxW="760px">
        <Button look="sea" onClick={toggle}>
          {playing ? 'Pause' : at >= run.seconds ? 'Play again' : 'Play'}
        </Button>
        <chakra.input
          type="range"
          flex="1"
          minW="120px"
          aria-label="Time"
          min={0}
          max={Math.ceil(run.seconds * 10) / 10}
          step="0.1"
          value={at}
          onChange={(e) => seek(Number(e.currentTarget.value))}
        />
        <Flex role="group" aria-label="Speed" gap="1">
          {SPEEDS.map((s) => (
            <Button
              key={s}
              size="xs"
              aria-pressed={s === speed}
              borderColor={s === speed ? 'ochre' : 'hairline'}
              onClick={() => setSpeed(s)}
            >
              ×{s}
            </Button>
          ))}
        </Flex>
      </Flex>
      <Text mt="2" fontVariantNumeric="tabular-nums">
        {clock(at)} of {run.timeText}; {now.cut} of {run.lifts} blade lifts
      </Text>
      <Text fontSize="13px" color="soft">
        {run.cutText} cut, {run.travelText} with the blade raised
      </Text>
    </Box>
  );
}

const clock = (seconds: number) => `${Math.floor(seconds / 60)} min ${Math.floor(seconds % 60)} s`;

/** Seconds of the cut that go by while it plays. */
function useClock(until: number, speed: number) {
  const [at, setAt] = useState(0);
  const [playing, setPlaying] = useState(true);
  const before = useRef<number | null>(null);
  useEffect(() => {
    if (!playing) {
      return;
    }
    before.current = null;
    let frame = requestAnimationFrame(function step(time: number) {
      const passed = before.current === null ? 0 : (time - before.current) / 1000;
      before.current = time;
      setAt((was) => Math.min(until, was + passed * speed));
      frame = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(frame);
  }, [playing, speed, until]);
  useEffect(() => {
    if (at >= until) {
      setPlaying(false);
    }
  }, [at, until]);
  return {
    at,
    playing,
    seek: (seconds: number) => {
      setPlaying(false);
      setAt(Math.min(seconds, until));
    },
    toggle: () => {
      if (!playing && at >= until) {
        setAt(0);
      }
      setPlaying(!playing);
    },
  };
}
