import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, ask, type OrderView } from '../api/client';
import { useOrder } from '../api/queries';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Empty, ErrorState, Loading } from '../common/States';
import { usePlan } from '../plan/PlanProvider';
import { Anew } from './Anew';
import { Begin } from './Begin';
import { Along, WhatNow, WhySo } from './Cards';
import { LookOn } from './LookOn';
import { Mind } from './Mind';
import { OrderChart } from './OrderChart';
import { Otherwise } from './Otherwise';
import { OwnStep } from './OwnStep';
import { StepPanel } from './StepPanel';
import { ZOOMS } from './timeScale';
import { useMoving } from './useMoving';
import { Visits } from './Visits';

/** When what is done: days at the bench, with what ripens meanwhile. */
export function OrderPage() {
  const { stepId } = useParams();
  const plan = usePlan();
  const go = useNavigate();
  const order = useOrder(plan.piece.id, plan.piece.version);
  const [zoom, setZoom] = useState<number | null>(null);
  const base = `/pieces/${plan.piece.id}/order`;
  const choose = (id: string | undefined) =>
    go(id === undefined ? base : `${base}/${encodeURIComponent(id)}`, { replace: true });
  const moving = useMoving();
  const [own, setOwn] = useState(false);
  const nearer = () => setZoom((z) => ZOOMS.find((l) => l > (z ?? 37)) ?? z);
  const farther = () => setZoom((z) => ZOOMS.findLast((l) => l < (z ?? 37)) ?? z);
  useKeys({
    '+': nearer,
    '-': farther,
    '0': () => setZoom(null),
    escape: () => {
      setOwn(false);
      choose(undefined);
    },
  });
  if (order.isError) {
    return <ErrorState problem={order.error} again={() => void order.refetch()} />;
  }
  if (!order.data) {
    return <Loading what="the order of the work" />;
  }
  const data = order.data;
  const step = data.rows.flatMap((r) => r.steps).find((s) => s.id === stepId);
  const row = data.rows.find((r) => r.steps.some((s) => s.id === stepId));
  const isEmpty = data.possible && data.rows.length === 0;
  return (
    <Flex
      h="100%"
      direction={{ base: 'column', lg: 'row' }}
      overflow={{ base: 'auto', lg: 'hidden' }}
      opacity={order.isPlaceholderData ? 0.75 : 1}
    >
      <Box
        flex={{ base: 'none', lg: '1' }}
        minW="0"
        overflow={{ base: 'visible', lg: 'auto' }}
        px={{ base: '4', lg: '6' }}
        py="4"
      >
        <Flex justify="space-between" gap="4" align="flex-start">
          <Head order={data} />
          {data.possible && data.rows.length > 0 && !plan.piece.practice && (
            <Link
              to={`/pieces/${plan.piece.id}/work`}
              style={{ flexShrink: 0 }}
              title="One step at a time, large enough to be read from a metre"
            >
              <Button as="span" look="sea">
                At the bench
              </Button>
            </Link>
          )}
        </Flex>
        {data.many && (
          <LookOn
            begin={() =>
              ask(
                api.POST('/api/pieces/{id}/order/searches', {
                  params: { path: { id: plan.piece.id } },
                }),
              )
            }
          />
        )}
        <Moved of={moving} />
        {data.anew && <Anew of={data.anew} onChoose={choose} />}
        {isEmpty ? (
          <Empty title="Nothing to put into days yet">
            Lay a design at Lay out, or paint a face at Coats: every step of it is derived from
            that.
          </Empty>
        ) : (
          data.possible && (
            <>
              <Flex justify="flex-end" gap="1" mt="-2" mb="1">
                <Button size="xs" onClick={() => setOwn(true)} mr="3">
                  A step of my own…
                </Button>
                <Button
                  size="xs"
                  aria-label="Step back (−)"
                  title="Step back (−)"
                  onClick={farther}
                >
                  <Minus size={14} />
                </Button>
                <Button
                  size="xs"
                  aria-label="Look closer (+)"
                  title="Look closer (+)"
                  onClick={nearer}
                >
                  <Plus size={14} />
                </Button>
                <Button size="xs" title="All of it (0)" onClick={() => setZoom(null)}>
                  All of it
                </Button>
              </Flex>
              <OrderChart
                order={data}
                perHour={zoom}
                chosen={stepId}
                onChoose={(id) => {
                  setOwn(false);
                  choose(id);
                }}
                onDrag={(moved, minute) => moving.mutate({ step: moved, minute })}
              />
              <Flex gap="3.5" mt="4" align="flex-start" wrap="wrap">
                <WhatNow pieceId={plan.piece.id} version={plan.piece.version} onChoose={choose} />
                <WhySo order={data} onChoose={choose} />
                <Along pieceId={plan.piece.id} />
              </Flex>
            </>
          )
        )}
      </Box>
      <Box
        as="aside"
        aria-label={step ? 'The step' : 'The plan of the work'}
        w={{ base: '100%', lg: '300px' }}
        flexShrink={0}
        bg="sheet"
        borderLeftWidth={{ base: '0', lg: '1px' }}
        borderTopWidth={{ base: '1px', lg: '0' }}
        borderColor="hairline"
        overflow={{ base: 'visible', lg: 'auto' }}
        p="4"
      >
        {own ? (
          <OwnStep groups={data.groups} close={() => setOwn(false)} />
        ) : step && row ? (
          <StepPanel
            key={step.id}
            order={data}
            step={step}
            row={row}
            close={() => choose(undefined)}
          />
        ) : (
          <>
            <Begin order={data} />
            <Visits visits={data.visits} />
            <Mind findings={data.findings} onChoose={choose} />
            <Otherwise pieceId={plan.piece.id} version={plan.piece.version} />
          </>
        )}
      </Box>
    </Flex>
  );
}

/** What came of a step that was dragged. */
function Moved({ of }: { of: ReturnType<typeof useMoving> }) {
  if (of.isPending) {
    return (
      <Text role="status" color="soft" fontSize="13px" mb="2">
        Looking where it goes…
      </Text>
    );
  }
  if (of.isError) {
    return <Refusal of={of.error} />;
  }
  return of.data ? (
    <Text
      role="status"
      fontSize="13px"
      mb="2"
      px="2.5"
      py="1.5"
      borderRadius="md"
      bg={of.data.kept ? 'card' : 'ochre.wash'}
    >
      {of.data.text} {of.data.readyText}.
    </Text>
  ) : null;
}

function Head({ order }: { order: OrderView }) {
  return (
    <Box mb="3">
      <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
        {order.title}
      </Heading>
      <Text color="soft" fontSize="13.5px">
        {order.summary}{' '}
        {order.proofText !== '' && (
          <Text as="span" color={order.proven ? 'sea' : 'soft'}>
            {order.proofText}
          </Text>
        )}{' '}
        {order.curedText}
      </Text>
    </Box>
  );
}
