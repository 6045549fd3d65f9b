import { dayIn, momentOf, type Day } from '../../measure/days';

/** When it was: now, or at its beginning where midnight has passed since. */
export function finishedAt(
  { today, zone }: { today: Day; zone: string },
  { startedAt, seconds }: { startedAt: string; seconds: number },
): { at: string; zone: string } {
  const now = new Date();
  const began = new Date(startedAt);
  const on = [now, began].find((instant) => dayIn(zone, instant) === today);
  if (on) return { at: on.toISOString(), zone };
  const noon = momentOf(today, zone, now);
  return { at: new Date(Date.parse(noon.at) + seconds * 1000).toISOString(), zone };
}
