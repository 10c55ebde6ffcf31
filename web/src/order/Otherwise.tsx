import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask, type WhatIf } from '../api/client';
import { changed } from '../api/keys';
import { useBench, useOtherwise } from '../api/queries';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';

/** The same job otherwise: what each lever and each school changes, taken with one click. */
export function Otherwise({ pieceId, version }: { pieceId: string; version: number }) {
  const { edit } = usePlan();
  const client = useQueryClient();
  const ways = useOtherwise(pieceId, version);
  const bench = useBench();
  const set = useMutation({
    mutationFn: (way: WhatIf) =>
      ask(
        api.PUT('/api/bench', {
          params: { header: { 'If-Match': `"${bench.data?.version ?? 0}"` } },
          // biome-ignore lint/style/noNonNullAssertion: only asked where there is one
          body: way.bench!,
        }),
      ),
    onSuccess: () => void changed(client, 'STUDIO'),
  });
  const take = (way: WhatIf) => (way.edit ? edit(way.edit) : set.mutate(way));
  return (
    <Section title="The same job otherwise">
      {set.isError && <Refusal of={set.error} />}
      {ways.isPending && (
        <Text role="status" fontSize="13px" color="soft">
          Working them out…
        </Text>
      )}
      <Box as="ul" listStyleType="none">
        {ways.data?.map((way) => (
          <Flex
            as="li"
            key={way.key}
            justify="space-between"
            align="baseline"
            gap="2"
            py="1"
            fontSize="13px"
          >
            <Button
              size="xs"
              look="plain"
              px="1"
              ml="-1"
              minW="0"
              h="auto"
              py="0.5"
              textAlign="left"
              whiteSpace="normal"
              title={way.bench ? 'Sets the bench so' : 'Changes the plan so'}
              onClick={() => take(way)}
            >
              {way.title}
            </Button>
            <Text
              flex="1 0 46%"
              textAlign="right"
              color={way.better ? 'moss' : way.minutes > 0 ? 'rust' : 'soft'}
            >
              {way.text}
            </Text>
          </Flex>
        ))}
      </Box>
    </Section>
  );
}
