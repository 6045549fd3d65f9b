import type { Schemas } from '../api/client';
import { inWords, type Day } from '../measure/days';

export type Exposure = Schemas['Exposure'];

export const KINDS: readonly { kind: Exposure['kind']; label: string }[] = [
  { kind: 'SWIM', label: 'swim' },
  { kind: 'BATH', label: 'bath' },
  { kind: 'RAIN_WALK', label: 'rain walk' },
  { kind: 'GROOMING', label: 'grooming' },
  { kind: 'DUST', label: 'dusty day' },
];

export function isWet(kind: Exposure['kind']): boolean {
  return kind !== 'DUST';
}

/** "swim 3 days ago", "bath yesterday to today" */
export function exposureWords(exposure: Exposure, today: Day): string {
  const label = KINDS.find((one) => one.kind === exposure.kind)?.label ?? '';
  const { firstDay, lastDay } = exposure;
  const from = firstDay === lastDay ? '' : `${inWords(firstDay, today)} to `;
  return `${label} ${from}${inWords(lastDay, today)}`;
}
