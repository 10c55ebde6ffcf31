import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import { changed, keys } from '../api/keys';

/** What is paired with the studio, and whether its own network is answered. */
export function useDevices() {
  return useQuery({ queryKey: keys.devices(), queryFn: () => ask(api.GET('/api/devices')) });
}

/** Does something about them, and has them asked again. */
export function useDevicesChange<A, T>(change: (asked: A) => Promise<T>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: change, onSuccess: () => changed(client, 'PEOPLE') });
}
