import type { Schemas } from '../api/client';
import { earsName } from '../measure/side';

type PlanItem = Schemas['PlanItem'];

/** The next item of one of these kinds, where one is planned. */
export function nextOf(
  items: readonly PlanItem[],
  ...kinds: PlanItem['kind'][]
): PlanItem | undefined {
  return items.find((item) => kinds.includes(item.kind));
}

/** What presses first, then by day; of one day as the plan has them. */
export function inOrder(items: readonly PlanItem[]): PlanItem[] {
  return [...items].sort(
    (a, b) => Number(b.pressing) - Number(a.pressing) || a.window.best.localeCompare(b.window.best),
  );
}

/** What is to be done, as headings and captions say it. */
export const KIND_WORDS: Record<PlanItem['kind'], string> = {
  VISIT: 'Vet',
  DRY: 'Dry',
  CHECK: 'Check',
  WATCH: 'Watch',
  CLEAN: 'Clean',
  PRACTICE: 'Practise',
};

/** "check both ears", "clean right ear", "vet" */
export function itemWords(item: PlanItem): string {
  switch (item.kind) {
    case 'VISIT':
      return 'vet';
    case 'DRY':
      return 'dry after water';
    case 'CHECK':
      return 'check both ears';
    case 'WATCH':
      return 'watch both ears';
    case 'CLEAN':
      return `clean ${earsName(item.ears)}`;
    case 'PRACTICE':
      return 'practise';
  }
}
