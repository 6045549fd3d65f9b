import { describe, expect, it } from 'vitest';
import {
  begin,
  bottleOf,
  cleaningOf,
  isComplete,
  isNarrower,
  openStep,
  secondsOf,
  share,
  tapped,
  type Progress,
  type Session,
  type Step,
  type Tap,
} from './progress';

const NOW = new Date('2026-11-25T18:00:00Z');

function step(id: string, kind: Step['kind'], more: Partial<Step> = {}): Step {
  return { id, kind, round: 0, title: id, what: '', why: '', doneWhen: '', ...more };
}

const RIGHT = { ear: 'RIGHT' } as const;

/** Two rounds of a fill in the right ear, as the server would send them. */
const SESSION = {
  purpose: 'CLEANING',
  steps: [
    step('kit', 'KIT', { next: 'right-1-fill' }),
    step('right-1-fill', 'FILL', { ...RIGHT, volume: 6.7, next: 'right-1-massage' }),
    step('right-1-massage', 'MASSAGE', { ...RIGHT, timer: { seconds: 30 }, next: 'right-1-wipe' }),
    step('right-1-wipe', 'WIPE', { ...RIGHT, next: 'right-load', again: 'right-2-fill' }),
    step('right-2-fill', 'FILL', { ...RIGHT, volume: 6.7, next: 'right-2-massage' }),
    step('right-2-massage', 'MASSAGE', {
      ...RIGHT,
      timer: { seconds: 30, secondsIfMore: 60, overWipes: 3 },
      next: 'right-2-wipe',
    }),
    step('right-2-wipe', 'WIPE', { ...RIGHT, next: 'right-load' }),
    step('right-load', 'LOAD', { ...RIGHT, next: 'taken' }),
    step('taken', 'TAKEN'),
  ],
  ears: { right: { method: 'FILL' }, left: {} },
} as unknown as Session;

const begun = begin(SESSION, { id: 'x', ears: ['RIGHT'], fully: false, helper: true, now: NOW });

function after(...taps: Tap[]): Progress {
  return taps.reduce((progress, tap) => tapped(SESSION, progress, tap), begun);
}

const next: Tap = { type: 'next' };
const back: Tap = { type: 'back' };
const again: Tap = { type: 'again' };
const wipes = (number: number): Tap => ({ type: 'ear', side: 'RIGHT', taps: { wipes: number } });
const at = { at: NOW.toISOString(), zone: 'Europe/London' };

describe('the bottle of each ear', () => {
  const both = (right?: string, left?: string) =>
    begin(SESSION, {
      id: 'x',
      ears: ['RIGHT', 'LEFT'],
      fully: false,
      helper: true,
      now: NOW,
      cleaners: { right, left },
    });

  it('is one for both where both take the same', () => {
    const progress = both('gentle', 'gentle');
    expect(progress.cleaner).toBe('gentle');
    expect(bottleOf(progress, 'LEFT')).toBe('gentle');
  });

  it('is the one that was named for it, and changes for that ear alone', () => {
    const progress = both('named', 'gentle');
    expect([bottleOf(progress, 'RIGHT'), bottleOf(progress, 'LEFT')]).toEqual(['named', 'gentle']);
    const then = tapped(SESSION, progress, { type: 'cleaner', cleaner: 'saline', side: 'LEFT' });
    expect([bottleOf(then, 'RIGHT'), bottleOf(then, 'LEFT')]).toEqual(['named', 'saline']);
    const one = tapped(SESSION, progress, { type: 'cleaner', cleaner: 'saline' });
    expect([bottleOf(one, 'RIGHT'), bottleOf(one, 'LEFT')]).toEqual(['saline', 'saline']);
  });

  it('is recorded with the ear it went into', () => {
    const done = tapped(SESSION, both('named', 'gentle'), {
      type: 'ear',
      side: 'RIGHT',
      taps: { wipes: 2, load: 1 },
    });
    expect(cleaningOf(SESSION, done, 'd', at).ears.right?.cleaner).toBe('named');
  });
});

describe('going through a session', () => {
  it('goes on, back and round again', () => {
    expect(after(next).step).toBe('right-1-fill');
    expect(after(next, next, back).step).toBe('right-1-fill');
    expect(after(next, next, next, again).step).toBe('right-2-fill');
    expect(after(back).step).toBe('kit');
    expect(after(next, next, next, again, next, next, again).step).toBe('right-2-wipe');
  });

  it('begins at the first step where the graph has lost the open one', () => {
    expect(openStep(SESSION, { ...begun, step: 'left-1-pad' })?.id).toBe('kit');
  });

  it('knows how far it is without counting rounds that may never come', () => {
    expect(share(SESSION, begun)).toBe(0);
    expect(share(SESSION, after(next, next, next, next, next))).toBe(1);
  });
});

describe('the clock of a step', () => {
  const massage = after(next, next);

  it('starts when the step opens and ends at nothing', () => {
    expect(massage.secondsLeft).toBe(30);
    expect(tapped(SESSION, massage, { type: 'tick', seconds: 4 }).secondsLeft).toBe(26);
    expect(tapped(SESSION, massage, { type: 'tick', seconds: 45 }).secondsLeft).toBe(0);
    expect(after(next).secondsLeft).toBeUndefined();
  });

  it('counts a long gap as a minute: the device was dead', () => {
    expect(tapped(SESSION, begun, { type: 'tick', seconds: 7200 }).seconds).toBe(60);
  });

  it('is longer in a later round where more came up than expected', () => {
    const [expected, more] = [3, 4].map((number) =>
      after(next, next, next, wipes(number), again, next),
    );
    expect(expected?.secondsLeft).toBe(30);
    expect(more?.secondsLeft).toBe(60);
    const long = SESSION.steps.find((one) => one.id === 'right-2-massage');
    expect(long && more && secondsOf(long, more)).toBe(60);
  });
});

describe('what is poured', () => {
  it('counts as a fill, but not as a measurement, where nobody measured', () => {
    const { pours } = after(next, next).right;
    expect(pours).toEqual([{ step: 'right-1-fill' }]);
  });

  it('is what was set, and never doubles by going back and on again', () => {
    const measured = after(next, { type: 'pour', millilitres: 6.5 }, next, back, next);
    expect(measured.right.pours).toEqual([{ step: 'right-1-fill', millilitres: 6.5 }]);
  });

  it('stays within what a person can have counted', () => {
    expect(after(wipes(-1)).right.wipes).toBe(0);
    expect(after(wipes(200)).right.wipes).toBe(99);
  });
});

describe('a round of a syringe', () => {
  const SYRINGES = {
    ...SESSION,
    steps: SESSION.steps.map((one) =>
      one.kind === 'FILL' ? { ...one, kind: 'SYRINGE' as const, volume: 4.3 } : one,
    ),
    ears: { right: { method: 'SYRINGE' }, left: {} },
  } as unknown as Session;
  const done = (...taps: Tap[]) =>
    [...taps, { type: 'ear', side: 'RIGHT', taps: { load: 1 } } as const].reduce(
      (progress, tap) => tapped(SYRINGES, progress, tap),
      begun,
    );
  const right = (progress: Progress) => cleaningOf(SYRINGES, progress, 'otter', at).ears.right;

  it('that stayed in is measured, and shows only that the canal holds more', () => {
    expect(right(done(next, next))).toEqual({
      method: 'SYRINGE',
      load: 1,
      wipes: 0,
      fills: 1,
      poured: 4.3,
    });
  });

  it('that came back out is one tap, goes on, and tells what the canal holds', () => {
    const round: Tap = { type: 'cameBack' };
    expect(done(next, round).step).toBe('right-1-massage');
    expect(right(done(next, { type: 'pour', millilitres: 5.5 }, round))).toMatchObject({
      poured: 5.5,
      cameBack: 5.5,
    });
  });
});

describe('a session that is gone on with', () => {
  const sessionOf = (right?: string, left?: string) =>
    ({ ears: { right: { method: right }, left: { method: left } } }) as unknown as Session;

  it('is narrower where an ear may take less than before, and only there', () => {
    expect(isNarrower(sessionOf('WIPE', 'FILL'), sessionOf('FILL', 'FILL'))).toBe(true);
    expect(isNarrower(sessionOf('FILL'), sessionOf('FILL', 'FILL'))).toBe(true);
    expect(isNarrower(sessionOf('FILL', 'WIPE'), sessionOf('FILL', 'WIPE'))).toBe(false);
    expect(isNarrower(sessionOf('FILL', 'FILL'), sessionOf('WIPE'))).toBe(false);
  });
});

describe('what is recorded', () => {
  const load: Tap = { type: 'ear', side: 'RIGHT', taps: { load: 2 } };
  const calm: Tap = { type: 'handled', handled: 'CALM' };

  it('adds up both rounds', () => {
    const done = after(
      next,
      { type: 'pour', millilitres: 6.5 },
      next,
      next,
      wipes(3),
      again,
      { type: 'pour', millilitres: 6 },
      next,
      next,
      next,
      load,
      next,
      calm,
    );
    expect(isComplete(done)).toBe(true);
    expect(cleaningOf(SESSION, done, 'dog', at).ears).toEqual({
      right: { method: 'FILL', load: 2, wipes: 3, fills: 2, poured: 12.5 },
    });
  });

  it('says no volume where one of the fills was not measured', () => {
    const done = after(
      next,
      { type: 'pour', millilitres: 6.5 },
      next,
      next,
      again,
      next,
      load,
      calm,
    );
    expect(cleaningOf(SESSION, done, 'dog', at).ears.right).not.toHaveProperty('poured');
  });

  it('is a wipe where it was stopped before anything went in', () => {
    const stopped = after(wipes(1), load, calm);
    expect(cleaningOf(SESSION, stopped, 'dog', at).ears.right?.method).toBe('WIPE');
  });

  it('waits until each ear that was done has its load and it is said how the dog took it', () => {
    expect(isComplete(after(next, next, calm))).toBe(false);
    expect(isComplete(after(next, next, load))).toBe(false);
    expect(isComplete(after(calm))).toBe(false);
    expect(isComplete(after(next, next, load, calm))).toBe(true);
  });
});
