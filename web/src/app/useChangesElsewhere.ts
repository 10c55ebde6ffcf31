import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, ask } from '../api/client';
import { allButStudio, changed, changedSince, keys, type Times } from '../api/keys';

/** Whoever comes back to this window sees what was changed in another one meanwhile. */
export function useChangesElsewhere() {
  const client = useQueryClient();
  useEffect(() => {
    let known: Times | null = null;
    const look = async () => {
      if (document.visibilityState !== 'visible') {
        return;
      }
      const { tags } = await ask(api.GET('/api/changes'));
      const since = known === null ? [] : changedSince(known, tags);
      known = tags;
      if (since.includes('STUDIO')) {
        await client.invalidateQueries({ queryKey: keys.studio() });
        await allButStudio(client);
      } else if (since.length > 0) {
        await changed(client, ...since);
      }
    };
    // a server that does not answer is told of by whatever needs its answer
    const lookIfItAnswers = () => look().catch(() => undefined);
    lookIfItAnswers();
    window.addEventListener('focus', lookIfItAnswers);
    document.addEventListener('visibilitychange', lookIfItAnswers);
    return () => {
      window.removeEventListener('focus', lookIfItAnswers);
      document.removeEventListener('visibilitychange', lookIfItAnswers);
    };
  }, [client]);
}
