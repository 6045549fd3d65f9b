import { inOrder } from './items';
import type { PlanItem } from '../view/useToday';

function item(kind: PlanItem['kind'], best: string, pressing = false): PlanItem {
  const window = { earliest: best, best, latest: best };
  return {
    id: `${kind} ${best}`,
    kind,
    ears: ['RIGHT', 'LEFT'],
    window,
    own: window,
    standing: 'LATER',
    pressing,
    fixedBy: 'NOBODY',
    pins: [],
    reasons: [],
  };
}

test('what is due first stands first, whatever it is', () => {
  const kinds = inOrder([item('CHECK', '2026-11-30'), item('CLEAN', '2026-11-28')]);

  expect(kinds.map(({ kind }) => kind)).toEqual(['CLEAN', 'CHECK']);
});

test('what presses goes before everything else', () => {
  const kinds = inOrder([item('CLEAN', '2026-11-28'), item('VISIT', '2026-11-29', true)]);

  expect(kinds.map(({ kind }) => kind)).toEqual(['VISIT', 'CLEAN']);
});
