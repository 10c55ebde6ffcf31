import { Box } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../api/client';
import { useSensors } from '../api/queries';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { Refusal } from '../common/Refusal';
import type { RoomDoc } from './Rooms';

/** Takes the last day of a sensor over as the climate of a room. */
export function ReadSensor({ onRead }: { onRead: (hours: RoomDoc['climate']) => void }) {
  const sensors = useSensors();
  const [chosen, setChosen] = useState<string | null>(null);
  const id = chosen ?? sensors.data?.[0]?.id;
  const read = useMutation({
    mutationFn: (sensor: string) =>
      ask(api.GET('/api/sensors/{id}/day', { params: { path: { id: sensor } } })),
    onSuccess: onRead,
  });
  if (sensors.isError) {
    return <Refusal of={sensors.error} />;
  }
  return (
    <Box flex="1.6">
      <Box display="flex" gap="2" alignItems="flex-end">
        <ChoiceField
          label="Or read a sensor’s last day"
          value={id ?? ''}
          onChoice={setChosen}
          among={(sensors.data ?? []).map((s) => [s.id, `${s.name}: ${s.nowText}`] as const)}
        />
        <Button
          size="sm"
          disabled={id === undefined || read.isPending}
          onClick={() => id !== undefined && read.mutate(id)}
        >
          Read it
        </Button>
      </Box>
      {read.isError && <Refusal of={read.error} />}
    </Box>
  );
}
