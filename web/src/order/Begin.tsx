import { Box, chakra, Flex, Input, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { OrderView } from '../api/client';
import { Button } from '../common/Button';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';

/** When it is begun, and what is worked on in between. */
export function Begin({ order }: { order: OrderView }) {
  const { edit } = usePlan();
  return (
    <Section title="Begun">
      <Input
        type="datetime-local"
        aria-label="When it is begun"
        size="sm"
        bg="card"
        defaultValue={order.begins}
        key={order.begins}
        onBlur={(e) => {
          if (e.target.value !== '' && e.target.value !== order.begins) {
            edit({ kind: 'BEGIN_ON', at: e.target.value });
          }
        }}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
      <Flex mt="1.5" gap="2" align="center" justify="space-between">
        <Text fontSize="12.5px" color="soft">
          {order.chosen ? 'What is left is planned from then.' : 'The next time somebody comes.'}
        </Text>
        {order.now > 0 && (
          <Button
            size="xs"
            look="plain"
            title="What is not done is planned from now on"
            onClick={() => edit({ kind: 'BEGIN_ON', at: order.nowAt })}
          >
            From now on
          </Button>
        )}
        {order.chosen && order.now <= 0 && (
          <Button size="xs" look="plain" onClick={() => edit({ kind: 'BEGIN_ON' })}>
            The next time
          </Button>
        )}
      </Flex>
      <Flex mt="2" gap="2" align="center" justify="space-between">
        <chakra.label htmlFor="promised" fontSize="13px">
          Wanted on
        </chakra.label>
        <Input
          id="promised"
          type="date"
          size="sm"
          w="150px"
          bg="card"
          key={order.promised}
          defaultValue={order.promised}
          onBlur={(e) => {
            if (e.target.value !== (order.promised ?? '')) {
              edit(
                e.target.value === ''
                  ? { kind: 'PROMISE' }
                  : { kind: 'PROMISE', day: e.target.value },
              );
            }
          }}
          onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
        />
      </Flex>
      {order.together.length > 0 && (
        <Box as="fieldset" mt="3">
          <Text as="legend" fontSize="12.5px" color="soft">
            Worked on in between
          </Text>
          <Box maxH="150px" overflow="auto">
            {order.together.map((t) => (
              <chakra.label key={t.pieceId} display="flex" gap="2" alignItems="center" py="0.5">
                <input
                  type="checkbox"
                  // shown at once, and again as it was if it is not to be
                  key={String(t.together)}
                  defaultChecked={t.together}
                  onChange={(e) =>
                    edit({ kind: 'WORK_WITH', pieceId: t.pieceId, together: e.target.checked })
                  }
                />
                {t.name}
              </chakra.label>
            ))}
          </Box>
        </Box>
      )}
      <Text mt="2" mb="4" fontSize="12.5px">
        <Link to="/studio">
          <chakra.span color="sea" textDecoration="underline">
            Hours, people and climate of the studio
          </chakra.span>
        </Link>
      </Text>
    </Section>
  );
}
