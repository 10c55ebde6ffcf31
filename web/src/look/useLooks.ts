import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import { changed, keys } from '../api/keys';

/** What clients may look at, and what they said. */
export function useLooks() {
  return useQuery({ queryKey: keys.looks(), queryFn: () => ask(api.GET('/api/looks')) });
}

/** Does something about them, and has them asked again. */
export function useLooksChange<A, T>(change: (asked: A) => Promise<T>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: change, onSuccess: () => changed(client, 'LOOKS') });
}
