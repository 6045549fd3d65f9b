import type { EarFinding } from './signs';

/** An ear that shows nothing, for tests. */
export const WELL: EarFinding = {
  couldLook: true,
  redness: 'NONE',
  swelling: 'NONE',
  sores: 'NONE',
  discharge: 'NONE',
  dischargeKind: 'NONE',
  odour: 'NONE',
  pain: 'NONE',
  seen: [],
  hearing: 'NOT_TRIED',
};
