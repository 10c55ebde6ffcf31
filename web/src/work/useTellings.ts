import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, ask, Problem, type Telling } from '../api/client';
import { changed } from '../api/keys';
import { keptTellings } from './keptTellings';
import { afterSending, type Kept, laterThan, toSend } from './tellings';

const AGAIN_MS = 4000;

/** What is told of a step, but for what is the same of all. */
export type Tap = Omit<Telling, 'id' | 'toldAt'> & { readonly title: string };

/**
 * Tells the server what is tapped at the bench. Each tap is kept in the browser first and leaves it
 * when the server has it: while the server is away it is kept, over a reload too, and sent again
 * under the same id.
 */
export function useTellings(pieceId: string, now: () => number) {
  const client = useQueryClient();
  const [kept, setKept] = useState<ReadonlyArray<Kept>>([]);
  const [away, setAway] = useState(false);
  const sending = useRef(false);
  const lastTold = useRef('');

  const read = useCallback(async () => {
    const all = await keptTellings.ofPiece(pieceId);
    setKept(all);
    return all;
  }, [pieceId]);

  const send = useCallback(async () => {
    if (sending.current) {
      return;
    }
    sending.current = true;
    try {
      for (let all = toSend(await read()); all.length > 0; all = toSend(await read())) {
        const told = all.map(({ pieceId: _p, title: _t, problem: _w, ...telling }) => telling);
        const answer = await ask(
          api.POST('/api/pieces/{id}/work/told', {
            params: { path: { id: pieceId } },
            body: { told },
          }),
        );
        // it is reached, however long what follows from it takes to be asked anew
        setAway(false);
        const came = afterSending(all, answer);
        // what is told is looked at before it leaves here: no step comes back for a moment
        await changed(client, 'PLAN', 'SHELF');
        await keptTellings.put(...came.refused);
        await keptTellings.remove(came.taken);
      }
      setAway(false);
    } catch (problem) {
      const signedOut = problem instanceof Problem && problem.signedOut;
      const silent = problem instanceof Problem && (problem.silent || problem.status >= 500);
      setAway(silent);
      // what nobody was signed in for is kept, and sent once somebody is
      if (!signedOut && !silent) {
        // what the server does not want as a whole is not sent over and over
        const why = problem instanceof Error ? problem.message : String(problem);
        await keptTellings.put(...toSend(await read()).map((k) => ({ ...k, problem: why })));
        await read();
      }
    } finally {
      sending.current = false;
    }
  }, [client, pieceId, read]);

  useEffect(() => {
    void send();
    const again = setInterval(() => void send(), AGAIN_MS);
    const back = () => void send();
    window.addEventListener('online', back);
    return () => {
      clearInterval(again);
      window.removeEventListener('online', back);
    };
  }, [send]);

  const tell = useCallback(
    async (tap: Tap) => {
      const telling: Kept = {
        ...tap,
        pieceId,
        id: crypto.randomUUID(),
        toldAt: laterThan(lastTold.current, now()),
      };
      lastTold.current = telling.toldAt;
      setKept((before) => [...before, telling]);
      await keptTellings.put(telling);
      // another sending may be under way, which has read what was kept before this
      await read();
      await send();
    },
    [now, pieceId, read, send],
  );

  const forget = useCallback(
    async (id: string) => {
      await keptTellings.remove([id]);
      await read();
    },
    [read],
  );

  return { kept, away, tell, forget };
}
