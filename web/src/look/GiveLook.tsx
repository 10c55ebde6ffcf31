import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { api, ask, type GivenLook } from '../api/client';
import { usePieces } from '../api/queries';
import { Card } from '../bench/parts';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { useLooksChange } from './useLooks';

const DAYS = ['7', '30', '90', '180'] as const;

/** Chooses what a client is to see, and gives the link. */
export function GiveLook({ onGiven }: { onGiven: (given: GivenLook) => void }) {
  const asked = usePieces(false, '');
  const pieces = asked.data ?? [];
  const [name, setName] = useState('');
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [withPhotos, setWithPhotos] = useState(true);
  const [withPrice, setWithPrice] = useState(false);
  const [days, setDays] = useState<(typeof DAYS)[number]>('30');
  const give = useLooksChange((_: undefined) =>
    ask(
      api.POST('/api/looks', {
        body: { name, pieces: [...chosen], withPhotos, withPrice, days: Number(days) },
      }),
    ),
  );
  const turn = (id: string) => {
    const now = new Set(chosen);
    if (!now.delete(id)) {
      now.add(id);
    }
    setChosen(now);
  };
  return (
    <Card title="Show something to a client">
      <PlainField label="Whom it is for" value={name} maxLength={60} onText={setName} />
      <Box as="fieldset" border="0" p="0" mt="3">
        <chakra.legend fontSize="13px" color="soft" fontWeight="500" mb="1">
          They see
        </chakra.legend>
        {pieces.length === 0 && (
          <Text fontSize="13.5px" color="soft">
            {asked.isPending ? 'Fetching the pieces…' : 'There is no piece yet.'}
          </Text>
        )}
        <Refusal of={asked.error} />
        {pieces.map((p) => (
          <Tick key={p.id} on={chosen.has(p.id)} onTurn={() => turn(p.id)}>
            {p.name}
          </Tick>
        ))}
      </Box>
      <Box as="fieldset" border="0" p="0" mt="3">
        <chakra.legend fontSize="13px" color="soft" fontWeight="500" mb="1">
          With
        </chakra.legend>
        <Tick on={withPhotos} onTurn={() => setWithPhotos(!withPhotos)}>
          its photos, without their captions
        </Tick>
        <Tick on={withPrice} onTurn={() => setWithPrice(!withPrice)}>
          the price it is sold for, where one was set at What it costs
        </Tick>
      </Box>
      <Flex mt="3" gap="3" align="flex-end">
        <ChoiceField
          label="The link holds for"
          width="140px"
          value={days}
          among={DAYS.map((d) => [d, `${d} days`] as const)}
          onChoice={setDays}
        />
        <Button
          look="sea"
          disabled={give.isPending || chosen.size === 0}
          onClick={() =>
            give.mutate(undefined, {
              onSuccess: (given) => {
                setName('');
                setChosen(new Set());
                onGiven(given);
              },
            })
          }
        >
          Make a link
        </Button>
      </Flex>
      <Refusal of={give.error} />
    </Card>
  );
}

function Tick({ on, onTurn, children }: { on: boolean; onTurn: () => void; children: string }) {
  return (
    <chakra.label display="flex" gap="2" alignItems="baseline" fontSize="13.5px" mb="0.5">
      <input type="checkbox" checked={on} onChange={onTurn} />
      {children}
    </chakra.label>
  );
}
