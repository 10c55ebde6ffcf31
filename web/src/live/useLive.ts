import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, ask, type OtherWindow, type ToldChanges, type ToldPresence } from '../api/client';
import { allButStudio, changed, keys, type Tag, type Times } from '../api/keys';
import { windowId } from '../api/window';
import { toAskAgain } from './told';

/** How long nobody is asked who does not answer. */
const AGAIN_MS = 3000;

/** Several changes in a short while are asked for together. */
const TOGETHER_MS = 300;

const LIVE = `/api/live?window=${windowId}`;

/**
 * Listens to what the server tells of other windows, as long as this one is looked at: has asked
 * again what was changed in them, and says who else is there. A window that is not looked at
 * listens to nothing, for a browser holds few connections to one server, and is told all of it when
 * it is looked at again.
 */
export function useLive(): ReadonlyArray<OtherWindow> {
  const client = useQueryClient();
  const [others, setOthers] = useState<ReadonlyArray<OtherWindow>>([]);
  // asked before the first page asks for anything: what is changed after it is told
  const [atFirst] = useState(() =>
    ask(api.GET('/api/changes')).then(
      (answer): Times | null => answer.tags,
      () => null,
    ),
  );
  useEffect(() => listen(client, atFirst, setOthers), [client, atFirst]);
  return others;
}

function listen(
  client: QueryClient,
  atFirst: Promise<Times | null>,
  show: (others: ReadonlyArray<OtherWindow>) => void,
): () => void {
  let known: Times | null = null;
  let source: EventSource | null = null;
  let later: ReturnType<typeof setTimeout> | undefined;
  const together = gathered((tags) => void askAgain(client, tags));

  const open = () => {
    clearTimeout(later);
    if (source !== null || document.visibilityState !== 'visible') {
      return;
    }
    let first = true;
    source = new EventSource(LIVE);
    source.addEventListener('open', () => {
      first = true;
    });
    source.addEventListener('changed', async (event) => {
      const told: ToldChanges = JSON.parse(event.data);
      const isFirst = first;
      first = false;
      const before = known ?? (await atFirst);
      known = told.tags;
      together.add(toAskAgain(before, told, isFirst));
    });
    source.addEventListener('here', (event) => {
      const told: ToldPresence = JSON.parse(event.data);
      show(told.windows);
    });
    source.addEventListener('error', () => {
      // a browser asks again by itself, unless it was told something else than events
      if (source?.readyState === EventSource.CLOSED) {
        close();
        later = setTimeout(() => {
          // whoever is not signed in any more learns it from this
          ask(api.GET('/api/changes')).then(open, () => {
            later = setTimeout(open, AGAIN_MS);
          });
        }, AGAIN_MS);
      }
    });
  };
  const close = () => {
    clearTimeout(later);
    source?.close();
    source = null;
    show([]);
  };
  const look = () => (document.visibilityState === 'visible' ? open() : close());

  look();
  document.addEventListener('visibilitychange', look);
  window.addEventListener('pagehide', close);
  window.addEventListener('pageshow', look);
  return () => {
    document.removeEventListener('visibilitychange', look);
    window.removeEventListener('pagehide', close);
    window.removeEventListener('pageshow', look);
    together.forget();
    close();
  };
}

/** The first at once, those that come soon after it together. */
function gathered(then: (tags: Tag[]) => void) {
  const waiting = new Set<Tag>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const give = () => {
    timer = undefined;
    if (waiting.size > 0) {
      const tags = [...waiting];
      waiting.clear();
      timer = setTimeout(give, TOGETHER_MS);
      then(tags);
    }
  };
  return {
    add: (tags: ReadonlyArray<Tag>) => {
      for (const tag of tags) {
        waiting.add(tag);
      }
      if (timer === undefined) {
        give();
      }
    },
    forget: () => clearTimeout(timer),
  };
}

async function askAgain(client: QueryClient, tags: Tag[]) {
  if (tags.includes('STUDIO')) {
    await client.invalidateQueries({ queryKey: keys.studio() });
    await allButStudio(client);
  } else {
    await changed(client, ...tags);
  }
}
