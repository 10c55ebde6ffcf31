import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask, type ShoppingView } from '../api/client';
import { changed, keys } from '../api/keys';

/** The shopping list, and what can be done with it. */
export function useShopping() {
  const client = useQueryClient();
  const list = useQuery({
    queryKey: keys.shopping(),
    queryFn: () => ask(api.GET('/api/shopping')),
  });
  const onSuccess = (now: ShoppingView) => {
    client.setQueryData(keys.shopping(), now);
    void changed(client, 'SHOPPING');
  };
  const line = (id: string) => ({ path: { id } });
  const tick = useMutation({
    mutationFn: ({ id, done }: { id: string; done: boolean }) =>
      ask(api.PUT('/api/shopping/{id}/tick', { params: line(id), body: { done } })),
    onSuccess,
  });
  const count = useMutation({
    mutationFn: ({ id, quantity }: { id: string; quantity: number }) =>
      ask(api.PUT('/api/shopping/{id}/quantity', { params: line(id), body: { quantity } })),
    onSuccess,
  });
  const write = useMutation({
    mutationFn: (name: string) => ask(api.POST('/api/shopping', { body: { name, quantity: 1 } })),
    onSuccess,
  });
  const remove = useMutation({
    mutationFn: (id: string) => ask(api.DELETE('/api/shopping/{id}', { params: line(id) }), true),
    onSuccess: () => changed(client, 'SHOPPING'),
  });
  const book = useMutation({
    mutationFn: () => ask(api.POST('/api/shopping/bought')),
    onSuccess: (now) => {
      onSuccess(now);
      void changed(client, 'SHELF');
    },
  });
  const takeBack = useMutation({
    mutationFn: (id: string) => ask(api.DELETE('/api/shopping/{id}/bought', { params: line(id) })),
    onSuccess: (now) => {
      onSuccess(now);
      void changed(client, 'SHELF');
    },
  });
  const all = [tick, count, write, remove, book, takeBack];
  return {
    list,
    tick,
    count,
    write,
    remove,
    book,
    takeBack,
    refused: all.map((m) => m.error).find((e) => e !== null) ?? null,
  };
}
