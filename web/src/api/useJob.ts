import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, ask, type Job } from './client';
import { keys } from './keys';

const LOOKED_AT_EVERY_MS = 250;

/** Begins a job, follows it, and stops it. */
export function useJob<Wish>(begin: (wish: Wish) => Promise<Job>, done?: (job: Job) => void) {
  const client = useQueryClient();
  const [id, setId] = useState<string | null>(null);
  const told = useRef<string | null>(null);
  const whenDone = useRef(done);
  whenDone.current = done;
  const job = useQuery({
    queryKey: keys.job(id),
    enabled: id !== null,
    queryFn: () => ask(api.GET('/api/jobs/{id}', { params: { path: { id: id ?? '' } } })),
    refetchInterval: (query) =>
      query.state.data === undefined || query.state.data.state === 'RUNNING'
        ? LOOKED_AT_EVERY_MS
        : false,
  });
  const start = useMutation({
    mutationFn: begin,
    onSuccess: (begun) => {
      client.setQueryData(keys.job(begun.id), begun);
      setId(begun.id);
    },
    onError: () => setId(null),
  });
  const stop = useMutation({
    mutationFn: () => ask(api.DELETE('/api/jobs/{id}', { params: { path: { id: id ?? '' } } })),
    onSuccess: (stopped) => client.setQueryData(keys.job(stopped.id), stopped),
  });
  const now = id === null ? null : (job.data ?? null);
  useEffect(() => {
    if (now?.state === 'DONE' && told.current !== now.id) {
      told.current = now.id;
      whenDone.current?.(now);
    }
  }, [now]);
  return {
    job: now,
    running: start.isPending || now?.state === 'RUNNING',
    error: start.error,
    start: (wish: Wish) => start.mutate(wish),
    stop: () => stop.mutate(),
    forget: () => setId(null),
  };
}
