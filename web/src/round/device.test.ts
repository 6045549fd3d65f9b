// @vitest-environment jsdom
import { afterEach, describe, expect, it } from 'vitest';
import { keepRun, keptRun } from './device';
import { beginRound } from './round';
import { HOUSEHOLD, sheetOf } from './sheet.fixture';

afterEach(() => localStorage.clear());

describe('a round on the device', () => {
  it('is found again as it was kept', () => {
    const run = beginRound(sheetOf({ Ash: 'WIPE' }), {
      person: 'p',
      household: HOUSEHOLD,
      helper: false,
      now: new Date(),
      newId: () => crypto.randomUUID(),
    });
    keepRun(run);
    expect(keptRun()).toEqual(run);
  });

  it.each(['{}', '[1]', 'null', '{"order": 3}', 'not json'])('is none where %s is kept', (kept) => {
    localStorage.setItem('evenlobe.round', kept);
    expect(keptRun()).toBeUndefined();
  });
});
