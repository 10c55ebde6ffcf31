/** Whether notices may be shown: not asked yet, yes, or not here (by will, or by the browser). */
export type Allowed = 'ASK' | 'YES' | 'NO';

export function allowed(): Allowed {
  if (typeof Notification === 'undefined') {
    return 'NO';
  }
  return Notification.permission === 'granted'
    ? 'YES'
    : Notification.permission === 'default'
      ? 'ASK'
      : 'NO';
}

export async function askForNotices(): Promise<Allowed> {
  if (typeof Notification !== 'undefined') {
    await Notification.requestPermission();
  }
  return allowed();
}

/** Says it beside whatever is on the screen, where that is allowed: the page rings all the same. */
export async function notice(title: string, text: string): Promise<void> {
  if (allowed() !== 'YES') {
    return;
  }
  const options = { body: text, tag: title, icon: '/mark.svg' };
  try {
    // phones show notices of a page's worker only
    const worker = await navigator.serviceWorker?.getRegistration();
    if (worker !== undefined) {
      await worker.showNotification(title, options);
    } else {
      new Notification(title, options);
    }
  } catch {
    // not here: the page has rung
  }
}

/** The page's title while something is ripe, for a tab that is not looked at. */
export function pageTitle(pieceName: string, ripe: ReadonlyArray<string>): string {
  const plain = `At the bench · ${pieceName}`;
  return ripe.length === 0
    ? plain
    : `Ripe: ${ripe[0]}${ripe.length > 1 ? ` and ${ripe.length - 1} more` : ''} · ${plain}`;
}
