import type { components } from '../api/schema';

type Step = components['schemas']['HistoryStepView'];

/** A change as it is shown: with its time of day, and whether it was gone back behind. */
export type ShownStep = Step & { readonly time: string; readonly ahead: boolean };

/** Changes by the day on which they were made; what comes newest first stays so. */
export function byDay(
  history: ReadonlyArray<Step>,
  now: number,
): ReadonlyArray<{ day: string; steps: ReadonlyArray<ShownStep> }> {
  const at = history.findIndex((s) => s.isNow);
  const days: { day: string; steps: ShownStep[] }[] = [];
  history.forEach((step, i) => {
    const moment = new Date(step.at);
    const day = dayText(moment, now);
    const shown = {
      ...step,
      time: moment.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }),
      ahead: i < at && !step.wentThere,
    };
    const last = days.at(-1);
    if (last?.day === day) {
      last.steps.push(shown);
    } else {
      days.push({ day, steps: [shown] });
    }
  });
  return days;
}

function dayText(moment: Date, now: number): string {
  if (moment.toDateString() === new Date(now).toDateString()) {
    return 'Today';
  }
  const weekday = moment.toLocaleDateString('en-GB', { weekday: 'long' });
  const day = { day: 'numeric', month: 'long', year: 'numeric' } as const;
  return `${weekday} ${moment.toLocaleDateString('en-GB', day)}`;
}
