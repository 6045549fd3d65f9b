import type { Schemas } from '../api/client';
import { dayIn, type Day } from '../measure/days';

/** The local day of a cleaning, in the zone it was recorded in, so that it never moves. */
export function cleaningDay(cleaning: Pick<Schemas['CleaningRecord'], 'at' | 'zone'>): Day {
  return dayIn(cleaning.zone, new Date(cleaning.at));
}
