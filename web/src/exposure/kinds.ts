import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { inWords, type Day } from '../measure/days';

export type Exposure = Schemas['Exposure'];

export function isWet(kind: Exposure['kind']): boolean {
  return kind !== 'DUST';
}

/** "swim 3 days ago", "bath yesterday to today" */
export function exposureWords(exposure: Exposure, today: Day): string {
  const label = labelOf(WORDS.ExposureKind, exposure.kind);
  const { firstDay, lastDay } = exposure;
  const from = firstDay === lastDay ? '' : `${inWords(firstDay, today)} to `;
  return `${label} ${from}${inWords(lastDay, today)}`;
}
