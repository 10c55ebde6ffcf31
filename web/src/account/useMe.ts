import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type Me } from '../api/client';
import { changed, keys } from '../api/keys';

/** What is said to a guest who tries to change something. */
export const GUESTS_LOOK =
  'You look at this studio as a guest. Its makers and owners change things.';

/** Who is signed in here; while there are no accounts, whoever sits at the machine. */
export function useMe() {
  return useQuery({
    queryKey: keys.me(),
    queryFn: () => ask(api.GET('/api/me')),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** Whether whoever is here may change what they see. What is not known yet the server decides. */
export function useMayChange(): boolean {
  return useMe().data?.role !== 'GUEST';
}

/** Somebody else has come in: nothing of what was asked by others is shown to them. */
export function useWelcome() {
  const client = useQueryClient();
  return (me: Me) => {
    client.removeQueries({ predicate: (q) => q.queryKey[0] !== keys.me()[0] });
    client.setQueryData(keys.me(), me);
  };
}

/** Signs out here, or everywhere, and leaves nothing on the device that was kept for the bench. */
export function useSignOut() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (everywhere: boolean) => {
      await (everywhere
        ? ask(api.DELETE('/api/me/sessions'), true)
        : ask(api.POST('/api/sign-out'), true));
      await forgetKeptPages();
    },
    onSuccess: async () => {
      client.removeQueries({ predicate: (q) => q.queryKey[0] !== keys.me()[0] });
      await client.invalidateQueries({ queryKey: keys.me() });
    },
  });
}

/** Leaves nothing on the device that was kept for the bench. */
export async function forgetKeptPages() {
  if ('caches' in window) {
    const names = await caches.keys();
    await Promise.all(names.map((name) => caches.delete(name)));
  }
}

/** Who belongs to the studio, and what an owner does about it. */
export function usePeople() {
  return useQuery({ queryKey: keys.people(), queryFn: () => ask(api.GET('/api/people')) });
}

/** Does something about the people of the studio, and has the lists asked again. */
export function usePeopleChange<A, T>(change: (asked: A) => Promise<T>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => changed(client, 'PEOPLE'),
  });
}
