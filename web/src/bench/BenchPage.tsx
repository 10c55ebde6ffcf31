import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type BenchDoc, type BenchView } from '../api/client';
import { changed, keys } from '../api/keys';
import { useBench } from '../api/queries';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { ErrorState, Loading } from '../common/States';
import { ClimateCard } from './ClimateCard';
import { HabitsCard } from './HabitsCard';
import { PeopleCard } from './PeopleCard';
import { PlacesToDry } from './PlacesToDry';
import { Card } from './parts';
import { allSided, kinds } from './places';

/** The studio's bench: what decides when things are done. */
export function BenchPage() {
  const bench = useBench();
  if (bench.isError) {
    return <ErrorState problem={bench.error} again={() => void bench.refetch()} />;
  }
  if (!bench.data) {
    return <Loading what="the studio" />;
  }
  return <Bench key={bench.data.version} kept={bench.data} />;
}

function Bench({ kept }: { kept: BenchView }) {
  const client = useQueryClient();
  const [bench, setBench] = useState<BenchDoc>(kept.bench);
  const [unread, setUnread] = useState(false);
  const [unreadSize, setUnreadSize] = useState(false);
  const [begun, setBegun] = useState(0);
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/bench', {
          params: { header: { 'If-Match': `"${kept.version}"` } },
          body: bench,
        }),
      ),
    onSuccess: (now) => {
      client.setQueryData(keys.bench(), now);
      void changed(client, 'STUDIO');
    },
  });
  const change = (part: Partial<BenchDoc>) => setBench({ ...bench, ...part });
  const same = JSON.stringify(bench) === JSON.stringify(kept.bench);
  return (
    <Box maxW="1120px" mx="auto" px="6" py="5">
      <Flex justify="space-between" align="flex-end" mb="4" gap="4">
        <Box>
          <Heading as="h1" fontFamily="heading" fontSize="24px" fontWeight="600">
            The studio
          </Heading>
          <Text color="soft" fontSize="13.5px">
            Who works when, how warm and damp it is where things dry, and how much room there is for
            them: Order puts every piece into days by this.
          </Text>
        </Box>
        <Flex gap="2" align="center">
          {!same && (
            <Button
              onClick={() => {
                setBench(kept.bench);
                setUnreadSize(false);
                // what was typed of the places goes with them
                setBegun(begun + 1);
              }}
              disabled={save.isPending}
            >
              As it was
            </Button>
          )}
          <Button
            look="sea"
            disabled={same || unread || unreadSize || !allSided(kinds(bench)) || save.isPending}
            onClick={() => save.mutate()}
          >
            {save.isPending ? 'Saving…' : same ? 'Saved' : 'Save'}
          </Button>
        </Flex>
      </Flex>
      {save.isError && <Refusal of={save.error} />}
      <Flex gap="4" align="flex-start" wrap="wrap">
        <Box flex="1 1 440px">
          <PeopleCard bench={bench} onChange={change} onUnread={setUnread} />
        </Box>
        <Box flex="1 1 380px">
          <ClimateCard bench={bench} kept={kept} onChange={change} />
          <Card title="Places to dry">
            <PlacesToDry
              key={begun}
              bench={bench}
              sizes={kept.sizes}
              onChange={change}
              onUnread={setUnreadSize}
            />
          </Card>
          <Card title="Help and clock">
            <chakra.label display="flex" gap="2" alignItems="center" mt="2" fontSize="13.5px">
              <input
                type="checkbox"
                checked={bench.fan}
                onChange={(e) => change({ fan: e.target.checked })}
              />
              A fan blows over it: touch-dry in half the time, cured no sooner
            </chakra.label>
            <chakra.label display="block" mt="3" fontSize="12.5px" color="soft">
              By the clock of
              <chakra.select
                display="block"
                mt="1"
                w="100%"
                h="9"
                px="2"
                bg="card"
                color="ink"
                borderWidth="1px"
                borderColor="hairline"
                borderRadius="md"
                value={bench.zone}
                onChange={(e) => change({ zone: e.target.value })}
              >
                {[...new Set([bench.zone, ...kept.zones])].map((z) => (
                  <option key={z} value={z}>
                    {z.replace(/_/g, ' ')}
                  </option>
                ))}
              </chakra.select>
            </chakra.label>
          </Card>
          <HabitsCard />
        </Box>
      </Flex>
    </Box>
  );
}
