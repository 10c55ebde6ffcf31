import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { BenchStep } from '../api/client';
import { changed } from '../api/keys';
import { useAhead, useWork } from '../api/queries';
import { ErrorState, Loading } from '../common/States';
import { useStencilMap } from '../map/useStencilMap';
import { PlanProvider, usePlan } from '../plan/PlanProvider';
import { Big } from './Big';
import { leftText } from './left';
import { NotLikeThis } from './NotLikeThis';
import { pageTitle } from './notice';
import { Remarks } from './Remarks';
import { Ripening } from './Ripening';
import { Took, Used } from './TookAndUsed';
import { lastDoneHere, stillLeft, toSend } from './tellings';
import { Unsent } from './Unsent';
import { useClock, useScreenAwake } from './useClock';
import { asTold, type PotSeen, seenProblem } from './used';
import { useKeptPage } from './useKeptPage';
import { useKnuckle } from './useKnuckle';
import { useTellings } from './useTellings';
import { WhereDrawing } from './WhereDrawing';
import { isMend, wrongTap } from './wrong';

/** Nothing but the bench: no bar, no route, for a tablet that is propped up. */
export function WorkFrame() {
  const { pieceId = '' } = useParams();
  return (
    <PlanProvider pieceId={pieceId}>
      <WorkPage />
    </PlanProvider>
  );
}

/** Taps that follow each other faster are one tap of a wet hand. */
const ONE_TAP_MS = 600;

function WorkPage() {
  const { stepId } = useParams();
  const plan = usePlan();
  const pieceId = plan.piece.id;
  const go = useNavigate();
  const client = useQueryClient();
  const work = useWork(pieceId, plan.piece.version, undefined);
  const ahead = useAhead(pieceId, plan.piece.version);
  const { now, at: serverTime } = useClock(work.data?.now);
  const tellings = useTellings(pieceId, serverTime);
  useScreenAwake();
  useKeptPage(pieceId, ahead.data !== undefined);
  const base = `/pieces/${pieceId}/work`;
  const left = stillLeft(ahead.data ?? [], tellings.kept);
  const at = Math.max(
    0,
    left.findIndex((s) => s.id === stepId),
  );
  const step = left[at];
  const look = (id: string | undefined) =>
    id !== undefined && go(`${base}/${encodeURIComponent(id)}`, { replace: true });
  const [told, setTold] = useState<{ id: string; minutes: number; seen: PotSeen } | null>(null);
  const own = told !== null && told.id === step?.id ? told : null;
  const minutes = own?.minutes ?? step?.minutes ?? 0;
  const seen: PotSeen = own?.seen ?? { how: 'PLANNED' };
  const wrong = step?.pot === undefined ? undefined : seenProblem(step.pot, seen);
  const lastTap = useRef(0);
  // what it is told of, by the step's key: that before the bench, or the one that was done last
  const [wrongWith, setWrongWith] = useState<string | null>(null);
  const done = () => {
    const tapped = Date.now();
    if (step === undefined || wrong !== undefined || tapped - lastTap.current < ONE_TAP_MS) {
      return;
    }
    lastTap.current = tapped;
    void tellings.tell({
      kind: 'DONE',
      step: step.key,
      title: step.title,
      minutes,
      ...asTold(seen),
    });
    go(base, { replace: true });
  };
  const before = left[at - 1]?.id;
  const after = left[at + 1]?.id;
  useKnuckle({ done, before: () => look(before), after: () => look(after) });
  const here = lastDoneHere(tellings.kept);
  const last =
    here !== undefined
      ? { key: here.step, title: here.title, troubles: troublesOf(ahead.data, here.step) }
      : work.data?.last;
  const wrongStep = [step, last].find((s) => s !== undefined && s.key === wrongWith);
  if (!work.data || !ahead.data) {
    const failed = [work, ahead].find((q) => q.isError);
    return failed?.error ? (
      <ErrorState problem={failed.error} again={() => void failed.refetch()} />
    ) : (
      <Loading what="the bench" />
    );
  }
  const data = work.data;
  const notLikeThis = wrongStep !== undefined && (
    <NotLikeThis
      key={wrongStep.key}
      pieceId={pieceId}
      version={plan.piece.version}
      step={wrongStep.key}
      title={wrongStep.title}
      troubles={wrongStep.troubles}
      away={tellings.away}
      onClose={() => setWrongWith(null)}
      onTold={(trouble, help, share) => {
        const tried = wrongStep === step ? { minutes, seen } : undefined;
        void tellings.tell(wrongTap(wrongStep, tried, trouble.trouble, help.remedy, share));
        setWrongWith(null);
        go(base, { replace: true });
      }}
    />
  );
  const wrongButton =
    step === undefined ? null : isMend(step.key) ? (
      <Big
        type="button"
        flex="1 1 220px"
        onClick={() => {
          void tellings.tell({ kind: 'RIGHT', step: step.key, title: step.title });
          go(base, { replace: true });
        }}
      >
        It was right after all
      </Big>
    ) : step.troubles.length > 0 ? (
      <Big
        type="button"
        flex="1 1 220px"
        aria-expanded={wrongWith === step.key}
        onClick={() => setWrongWith(wrongWith === step.key ? null : step.key)}
      >
        Not like this
      </Big>
    ) : null;
  const busy =
    work.isPlaceholderData ||
    ahead.isPlaceholderData ||
    (!tellings.away && toSend(tellings.kept).length > 0);
  return (
    <Flex direction="column" minH="100vh" bg="paper">
      <title>
        {pageTitle(
          data.pieceName,
          data.ripening.filter((r) => Date.parse(r.ripe) <= now).map((r) => r.title),
        )}
      </title>
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
        <Text display={{ base: 'none', md: 'block' }}>
          {step ? `${step.countText}, ${data.title}` : ''}
        </Text>
        <Link to={`/pieces/${pieceId}/order`} style={{ padding: '18px 6px' }}>
          Leave the bench
        </Link>
      </Flex>
      <Unsent kept={tellings.kept} away={tellings.away} onForget={tellings.forget} />
      <Flex flex="1" minH="0" direction={{ base: 'column', md: 'row' }}>
        <Flex
          as="main"
          aria-busy={busy}
          direction="column"
          flex="1.55"
          minW="0"
          p={{ base: '4', md: '8' }}
        >
          {step ? (
            <>
              <StepWords step={step} now={now} />
              <Box
                // what is left of the screen: Done stays on it
                h="calc(100vh - 620px)"
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
              <Flex gap="3" wrap="wrap" mb="3">
                <Big
                  type="button"
                  flex={{ base: '1 1 100%', md: '1 1 200px' }}
                  bg="sea"
                  color="sheet"
                  borderColor="sea"
                  minH="88px"
                  fontSize="24px"
                  disabled={wrong !== undefined}
                  onClick={done}
                  title="Done (space or Enter)"
                >
                  Done
                </Big>
                <Big
                  type="button"
                  flex={{ base: 1, md: 'none' }}
                  disabled={before === undefined}
                  onClick={() => look(before)}
                  title="The step before (←)"
                >
                  ← Before
                </Big>
                <Big
                  type="button"
                  flex={{ base: 1, md: 'none' }}
                  disabled={after === undefined}
                  onClick={() => look(after)}
                  title="The step after (→)"
                >
                  After →
                </Big>
              </Flex>
              {wrongStep === step && notLikeThis}
              <Remarks
                key={step.id}
                step={step}
                beside={wrongButton}
                pieceId={pieceId}
                away={tellings.away}
                onNote={(note) =>
                  void tellings.tell({ kind: 'NOTE', step: step.key, title: step.title, note })
                }
                onPhoto={() => void changed(client, 'PHOTOS')}
              />
              {step.nextText !== '' && (
                <Text mt="4" fontSize="17px">
                  {step.nextText}
                </Text>
              )}
            </>
          ) : (
            <Heading as="h1" fontFamily="heading" fontSize="40px" fontWeight="600" mb="6">
              All of it is done
              <Text mt="3" fontSize="19px" fontFamily="body" fontWeight="500">
                <Link to={`/pieces/${pieceId}/afterwards`}>What it took against the plan</Link>
              </Text>
            </Heading>
          )}
          {last && (
            <Flex mt="4" gap="3" wrap="wrap">
              <Big
                type="button"
                fontSize="17px"
                fontWeight="500"
                onClick={() => {
                  void tellings.tell({ kind: 'TAKEN_BACK', step: last.key, title: last.title });
                  go(base, { replace: true });
                }}
              >
                Not done after all: {last.title}
              </Big>
              {last.troubles.length > 0 && (
                <Big
                  type="button"
                  fontSize="17px"
                  fontWeight="500"
                  onClick={() => setWrongWith(last.key)}
                >
                  Something is wrong with it
                </Big>
              )}
            </Flex>
          )}
          {wrongStep !== undefined && wrongStep !== step && <Box mt="3">{notLikeThis}</Box>}
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
              learnedText={step.learnedText}
              onChange={(m) => setTold({ id: step.id, minutes: m, seen })}
            />
          )}
          {step?.pot && (
            <Used
              pot={step.pot}
              seen={seen}
              onChange={(s) => setTold({ id: step.id, minutes, seen: s })}
            />
          )}
          <Ripening
            of={data.ripening}
            pieceId={pieceId}
            now={now}
            onFound={(kind, { key, title }) => void tellings.tell({ kind, step: key, title })}
          />
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

/** What may be wrong with a step, as far as it is known here. */
function troublesOf(ahead: ReadonlyArray<BenchStep> | undefined, key: string) {
  return ahead?.find((s) => s.key === key)?.troubles ?? [];
}

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
            ? 'It should have been begun by now: “Not like this” says what can still be saved.'
            : `It has to be begun within ${window}.`}
        </Text>
      )}
      <Text fontSize={{ base: '19px', md: '22px' }} lineHeight="1.35">
        {step.amounts !== '' && <chakra.b>{step.amounts} </chakra.b>}
        {step.how.join(' ')}
      </Text>
      {step.mix.length > 0 && (
        <Box
          as="section"
          aria-label="How it is mixed"
          bg="card"
          borderWidth="1px"
          borderColor="fold"
          borderRadius="lg"
          px="4"
          py="3"
          mt="3"
          fontSize={{ base: '17px', md: '19px' }}
          lineHeight="1.35"
        >
          {step.mix.map((line) => (
            <Text key={line}>{line}.</Text>
          ))}
        </Box>
      )}
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
