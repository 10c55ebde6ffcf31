import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { WorkView } from '../api/client';
import { useWork } from '../api/queries';
import { useChangesElsewhere } from '../app/useChangesElsewhere';
import { ErrorState, Loading } from '../common/States';
import { useStencilMap } from '../map/useStencilMap';
import { PlanProvider, usePlan } from '../plan/PlanProvider';
import { leftText } from './left';
import { Ripening } from './Ripening';
import { useClock, useScreenAwake } from './useClock';
import { WhereDrawing } from './WhereDrawing';

/** Nothing but the bench: no bar, no route, for a tablet that is propped up. */
export function WorkFrame() {
  const { pieceId = '' } = useParams();
  return (
    <PlanProvider pieceId={pieceId}>
      <WorkPage />
    </PlanProvider>
  );
}

const STEP_MINUTES = 5;

const Big = chakra('button', {
  base: {
    minH: '64px',
    px: '5',
    borderRadius: '12px',
    borderWidth: '1px',
    borderColor: 'hairline',
    bg: 'sheet',
    color: 'ink',
    fontSize: '21px',
    fontWeight: '600',
    cursor: 'pointer',
    _disabled: { opacity: 0.55, cursor: 'default' },
    _focusVisible: { outline: '3px solid', outlineColor: 'ochre', outlineOffset: '2px' },
  },
});

function WorkPage() {
  const { stepId } = useParams();
  const plan = usePlan();
  const go = useNavigate();
  const work = useWork(plan.piece.id, plan.piece.version, stepId);
  const now = useClock(work.data?.now);
  useScreenAwake();
  useChangesElsewhere();
  const base = `/pieces/${plan.piece.id}/work`;
  const look = (id: string | undefined) =>
    id !== undefined && go(`${base}/${encodeURIComponent(id)}`, { replace: true });
  const step = work.data?.step;
  const [took, setTook] = useState<{ id: string; minutes: number } | null>(null);
  const minutes = step && took?.id === step.id ? took.minutes : (step?.minutes ?? 0);
  const waiting = work.isPlaceholderData || !plan.settled;
  const done = () => {
    if (step && !waiting) {
      plan.edit({
        kind: 'STEP_DONE',
        step: step.key,
        done: { at: new Date(now).toISOString(), minutes },
      });
      go(base, { replace: true });
    }
  };
  useKnuckle({
    done,
    before: () => look(work.data?.before),
    after: () => look(work.data?.after),
  });
  if (work.isError) {
    return <ErrorState problem={work.error} again={() => void work.refetch()} />;
  }
  if (!work.data) {
    return <Loading what="the bench" />;
  }
  const data = work.data;
  return (
    <Flex direction="column" h="100%" minH="100vh" bg="paper">
      <title>{`At the bench · ${data.pieceName}`}</title>
      <Flex
        as="header"
        align="center"
        justify="space-between"
        gap="4"
        px={{ base: '4', md: '5' }}
        minH="56px"
        bg="sheet"
        borderBottomWidth="1px"
        borderColor="hairline"
        fontSize="16px"
      >
        <Text fontFamily="heading" fontSize="18px" fontWeight="600">
          {data.pieceName}
        </Text>
        <Text display={{ base: 'none', md: 'block' }}>{data.title}</Text>
        <Link to={`/pieces/${plan.piece.id}/order`} style={{ padding: '18px 6px' }}>
          Leave the bench
        </Link>
      </Flex>
      <Flex flex="1" minH="0" direction={{ base: 'column', md: 'row' }}>
        <Flex
          as="main"
          direction="column"
          flex="1.55"
          minW="0"
          p={{ base: '4', md: '8' }}
          opacity={waiting ? 0.75 : 1}
        >
          {step ? (
            <>
              <StepWords step={step} now={now} />
              <Box
                flex="1"
                minH="180px"
                maxH="420px"
                my="5"
                p="4"
                bg="sheet"
                borderWidth="1px"
                borderColor="hairline"
                borderRadius="xl"
              >
                <Where step={step} />
              </Box>
              <Flex gap="3" wrap="wrap">
                <Big
                  type="button"
                  flex={{ base: '1 1 100%', md: '1 1 200px' }}
                  bg="sea"
                  color="sheet"
                  borderColor="sea"
                  minH="88px"
                  fontSize="24px"
                  disabled={waiting}
                  onClick={done}
                  title="Done (space or Enter)"
                >
                  Done
                </Big>
                <Big
                  type="button"
                  flex={{ base: 1, md: 'none' }}
                  disabled={data.before === undefined}
                  onClick={() => look(data.before)}
                  title="The step before (←)"
                >
                  ← Before
                </Big>
                <Big
                  type="button"
                  flex={{ base: 1, md: 'none' }}
                  disabled={data.after === undefined}
                  onClick={() => look(data.after)}
                  title="The step after (→)"
                >
                  After →
                </Big>
              </Flex>
              {step.nextText !== '' && (
                <Text mt="4" fontSize="17px">
                  {step.nextText}
                </Text>
              )}
            </>
          ) : (
            <Heading as="h1" fontFamily="heading" fontSize="40px" fontWeight="600" mb="6">
              {data.title}
            </Heading>
          )}
          {data.last && (
            <Big
              type="button"
              mt="4"
              alignSelf="flex-start"
              fontSize="17px"
              fontWeight="500"
              disabled={waiting}
              onClick={() => {
                plan.edit({ kind: 'STEP_DONE', step: data.last?.key ?? '' });
                go(base, { replace: true });
              }}
            >
              Not done after all: {data.last.title}
            </Big>
          )}
        </Flex>
        <Box
          as="aside"
          aria-label="Meanwhile"
          flex="1"
          minW="0"
          p={{ base: '4', md: '7' }}
          bg="sheet"
          borderLeftWidth={{ base: 0, md: '1px' }}
          borderColor="hairline"
        >
          {step && (
            <Took
              minutes={minutes}
              planned={step.minutes}
              onChange={(m) => setTook({ id: step.id, minutes: m })}
            />
          )}
          <Ripening of={data.ripening} pieceId={plan.piece.id} now={now} />
          {step?.cautions.map((c) => (
            <Box key={c.text} bg="rustWash" borderRadius="lg" p="4" mb="4" fontSize="17px">
              <Text as="span" fontWeight="700">
                {c.text}
              </Text>{' '}
              {c.why}
            </Box>
          ))}
          {step && step.meanwhile.length > 0 && (
            <Box as="section" aria-label="While it dries">
              <Heading as="h2" fontFamily="heading" fontSize="22px" fontWeight="600" mb="2">
                While it dries
              </Heading>
              {step.meanwhile.map((m) => (
                <Big
                  key={m.stepId}
                  type="button"
                  w="100%"
                  mb="2"
                  textAlign="left"
                  fontSize="17px"
                  onClick={() => look(m.stepId)}
                >
                  {m.title}, {m.takesText}
                </Big>
              ))}
            </Box>
          )}
        </Box>
      </Flex>
    </Flex>
  );
}

type BenchStep = NonNullable<WorkView['step']>;

function StepWords({ step, now }: { step: BenchStep; now: number }) {
  const window = step.until === undefined ? undefined : leftText(Date.parse(step.until) - now);
  return (
    <>
      <Text fontSize="19px">{step.kicker}</Text>
      <Heading
        as="h1"
        fontFamily="heading"
        fontSize={{ base: '29px', md: '40px' }}
        lineHeight="1.12"
        fontWeight="600"
        mt="1"
        mb="3"
      >
        {step.title}
      </Heading>
      {step.waitsText !== '' && (
        <Text role="status" bg="ochreWash" borderRadius="lg" p="3.5" mb="3" fontSize="18px">
          {step.waitsText}
        </Text>
      )}
      {window !== undefined && (
        <Text
          bg={window === '' ? 'rustWash' : 'ochreWash'}
          borderRadius="lg"
          p="3.5"
          mb="3"
          fontSize="18px"
          fontWeight="600"
        >
          {window === ''
            ? 'It should have been begun by now: Order says what can still be saved.'
            : `It has to be begun within ${window}.`}
        </Text>
      )}
      <Text fontSize={{ base: '19px', md: '22px' }} lineHeight="1.35">
        {step.amounts !== '' && <chakra.b>{step.amounts} </chakra.b>}
        {step.how.join(' ')}
      </Text>
    </>
  );
}

function Where({ step }: { step: BenchStep }) {
  const { piece } = usePlan();
  const stencils = useStencilMap();
  return (
    <WhereDrawing
      reading={piece.reading}
      stencils={stencils}
      faces={step.faces}
      label={`Where: ${step.whereText}`}
    />
  );
}

function Took({
  minutes,
  planned,
  onChange,
}: {
  minutes: number;
  planned: number;
  onChange: (minutes: number) => void;
}) {
  return (
    <Box as="section" aria-label="It took you" mb="6">
      <Heading as="h2" fontFamily="heading" fontSize="22px" fontWeight="600" mb="2.5">
        It took you
      </Heading>
      <Flex gap="2.5" wrap="wrap">
        <Big
          type="button"
          flex="1 1 150px"
          aria-pressed={minutes === planned}
          bg={minutes === planned ? 'ochreWash' : 'sheet'}
          fontSize="18px"
          onClick={() => onChange(planned)}
        >
          {minutes === planned ? `as planned, ${planned} min` : `${minutes} min`}
        </Big>
        <Big
          type="button"
          aria-label="Five minutes less"
          disabled={minutes <= 1}
          onClick={() => onChange(Math.max(1, minutes - STEP_MINUTES))}
        >
          −5
        </Big>
        <Big
          type="button"
          aria-label="Five minutes more"
          onClick={() => onChange(minutes + STEP_MINUTES)}
        >
          +5
        </Big>
      </Flex>
    </Box>
  );
}

/** A foot switch, or a knuckle on a keyboard; what has the focus keeps its own keys. */
function useKnuckle(on: { done: () => void; before: () => void; after: () => void }) {
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      const at = event.target as HTMLElement;
      const own = at.closest('button, a, input, textarea, select') !== null;
      const what =
        event.key === 'ArrowLeft' ? on.before : event.key === 'ArrowRight' ? on.after : on.done;
      const known = ['ArrowLeft', 'ArrowRight', ' ', 'Enter'].includes(event.key);
      if (known && !event.repeat && !(own && (event.key === ' ' || event.key === 'Enter'))) {
        event.preventDefault();
        what();
      }
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  });
}
