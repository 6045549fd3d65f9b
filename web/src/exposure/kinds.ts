import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { inWords, type Day } from '../measure/days';

export type Exposure = Schemas['Exposure'];

const WET: readonly Exposure['kind'][] = ['SWIM', 'BATH', 'RAIN_WALK', 'GROOMING'];

const SEEDS: readonly Exposure['kind'][] = ['FIELD', 'DUST'];

export function isWet(kind: Exposure['kind']): boolean {
  return WET.includes(kind);
}

/** "swim 3 days ago", "bath yesterday to today" */
export function exposureWords(exposure: Exposure, today: Day): string {
  const label = labelOf(WORDS.ExposureKind, exposure.kind);
  const { firstDay, lastDay } = exposure;
  const from = firstDay === lastDay ? '' : `${inWords(firstDay, today)} to `;
  return `${label} ${from}${inWords(lastDay, today)}`;
}

/** Whether something is done on such a day: the ears are dried, or looked over for seeds. */
export function isDoneFor(kind: Exposure['kind']): boolean {
  return isWet(kind) || SEEDS.includes(kind);
}
