import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import { keys } from '../api/keys';

const WATCH_MS = 1500;

/**
 * The backups that were made lately, and whether one could be brought back.
 *
 * @param enabled whether whoever is here may see them
 * @param watching one is being made: it is looked for until it is there
 */
export function useBackups(enabled: boolean, watching: boolean) {
  return useQuery({
    queryKey: keys.backups(),
    queryFn: () => ask(api.GET('/api/backups')),
    enabled,
    refetchInterval: watching ? WATCH_MS : false,
  });
}
