import { describe, expect, it } from 'vitest';
import { foundIn } from '../cleaning/session/sessionCheck';
import {
  beginRound,
  factsOf,
  guidedOf,
  isBegun,
  later,
  missing,
  over,
  placeOf,
  reopened,
  standing,
  tapped,
  type DogRun,
  type RoundSheet,
  type RoundTap,
} from './round';
import { HOUSEHOLD, sheetOf } from './sheet.fixture';

const NOW = new Date('2026-11-29T08:00:00Z');

let made = 0;
const begun = (sheet: RoundSheet) =>
  beginRound(sheet, {
    person: 'p',
    household: HOUSEHOLD,
    helper: false,
    now: NOW,
    newId: () => `id-${(made += 1)}`,
  });

/** A dog after those taps, and how it stands. */
function after(sheet: RoundSheet, dog: string, ...taps: RoundTap[]) {
  const guided = guidedOf(sheet, dog);
  const place = placeOf(sheet, dog);
  let one = begun(sheet).dogs[dog];
  if (!guided || !place || !one) throw new Error(dog);
  for (const tap of taps) one = tapped(guided, standing(guided, place, one), one, tap);
  return { one, now: standing(guided, place, one) };
}

const asEver = (side: 'RIGHT' | 'LEFT'): RoundTap => ({ type: 'asEver', side, id: 'c', now: NOW });
const LOOKED = [asEver('RIGHT'), asEver('LEFT')];
const load = (side: 'RIGHT' | 'LEFT', grade: number): RoundTap => ({
  type: 'ear',
  side,
  taps: { load: grade },
});
const CALM: RoundTap = { type: 'handled', handled: 'CALM' };

const WIPED = sheetOf({ Ash: 'WIPE' });

describe('one dog of a round', () => {
  it('asks for the look, what came out of each ear, and how it took it', () => {
    const asked = [
      [],
      LOOKED,
      [...LOOKED, load('LEFT', 1)],
      [...LOOKED, load('LEFT', 1), load('RIGHT', 0)],
    ].map((taps) => {
      const { now, one } = after(WIPED, 'Ash', ...taps);
      return missing(now, one);
    });
    expect(asked).toEqual([
      'Look and sniff at both ears',
      'What came out: R, L',
      'What came out: R',
      'How it took it',
    ]);
  });

  it('records a look and a cleaning as a guided session does', () => {
    const { now, one } = after(WIPED, 'Ash', ...LOOKED, load('RIGHT', 1), load('LEFT', 0), CALM);
    expect(missing(now, one)).toBeUndefined();

    const [check, cleaning] = factsOf(
      now,
      { ...one, openedAt: NOW.toISOString() },
      new Date(NOW.getTime() + 90_000),
    );

    expect(check).toMatchObject({ id: 'c', what: { kind: 'checks', body: { dogId: 'Ash' } } });
    expect(cleaning).toMatchObject({
      id: one.progress.id,
      what: {
        kind: 'cleanings',
        body: {
          ears: { right: { method: 'WIPE', load: 1 }, left: { method: 'WIPE', load: 0 } },
          handled: 'CALM',
          seconds: 90,
        },
      },
    });
  });

  it('asks a guided session for the ears that are due, and for both where none is', () => {
    const sheet = sheetOf({ Ash: 'WIPE', Birch: 'LOOK' });
    const ash = sheet.sessions[0];
    if (ash) ash.session.order = ['LEFT'];
    const { dogs } = begun(sheet);
    expect(dogs['Ash']?.progress.ears).toEqual(['LEFT']);
    expect(dogs['Birch']?.progress.ears).toEqual(['RIGHT', 'LEFT']);
  });

  it('takes back a look that was tapped by mistake', () => {
    const { now, one } = after(WIPED, 'Ash', ...LOOKED, asEver('LEFT'));
    expect(now.looks).toBe(true);
    expect(factsOf(now, one, NOW)).toEqual([]);
  });

  it('closes an ear that its look says to stop at, says what to do, and records only the other', () => {
    const looked = after(WIPED, 'Ash', ...LOOKED).one.check?.request;
    if (!looked) throw new Error('no look');
    const foul = {
      ...looked,
      ears: { ...looked.ears, left: { ...looked.ears.left, odour: 'FOUL' as const } },
    };
    expect(foundIn(foul).ears.left.odour).toBe('FOUL');
    const { now, one } = after(
      WIPED,
      'Ash',
      load('LEFT', 3),
      { type: 'found', request: foul, id: 'c' },
      load('RIGHT', 1),
      CALM,
    );

    expect(now.ears).toEqual(['RIGHT']);
    expect(now.advice?.now).toBe('Pour nothing into the left ear.');
    expect(missing(now, one)).toBeUndefined();
    const body = factsOf(now, one, NOW)[1]?.what.body;
    expect(body).toMatchObject({ ears: { right: { load: 1 } } });
    expect(body).not.toHaveProperty('ears.left');
  });

  it('counts a fill, runs its massage, and gives no more rounds than the session has', () => {
    const fill: RoundTap = { type: 'fill', side: 'RIGHT', now: NOW };
    const sheet = sheetOf({ Ash: 'FILL' });
    const { one } = after(sheet, 'Ash', ...LOOKED, fill, fill, fill);
    expect(one.progress.right.pours.map(({ step }) => step)).toEqual([
      'RIGHT-1-fill',
      'RIGHT-2-fill',
    ]);
    expect(one.massage).toEqual({ ear: 'RIGHT', seconds: 30, until: '2026-11-29T08:00:30.000Z' });
    expect(after(sheet, 'Ash', fill).one.progress.right.pours).toEqual([]);
  });

  it('takes a fill back, but leaves no ear alone that liquid went into', () => {
    const sheet = sheetOf({ Ash: 'FILL' });
    const fill: RoundTap = { type: 'fill', side: 'RIGHT', now: NOW };
    const leave: RoundTap = { type: 'leave', side: 'RIGHT' };
    const filled = after(sheet, 'Ash', ...LOOKED, fill, leave).one;
    expect([filled.leftAlone, isBegun(filled, ['RIGHT'])]).toEqual([[], true]);
    const back: RoundTap = { type: 'takeBackFill', side: 'RIGHT' };
    const { one } = after(sheet, 'Ash', ...LOOKED, fill, back, leave);
    expect([one.massage, one.progress.right.pours, one.leftAlone]).toEqual([
      undefined,
      [],
      ['RIGHT'],
    ]);
  });

  it('leaves an ear alone where a person says so', () => {
    const { now, one } = after(
      WIPED,
      'Ash',
      ...LOOKED,
      load('RIGHT', 1),
      load('LEFT', 2),
      { type: 'leave', side: 'RIGHT' },
      CALM,
    );
    expect(factsOf(now, one, NOW)[1]?.what.body).toMatchObject({ ears: { left: { load: 2 } } });
    expect(factsOf(now, one, NOW)[1]?.what.body).not.toHaveProperty('ears.right');
  });

  it('only looks at a dog that is not due, unless it is asked to clean it too', () => {
    const sheet = sheetOf({ Ash: 'LOOK' });
    const { now, one } = after(sheet, 'Ash', ...LOOKED);
    expect(now.ears).toEqual([]);
    expect(missing(now, one)).toBeUndefined();
    expect(factsOf(now, one, NOW).map(({ what }) => what.kind)).toEqual(['checks']);
    expect(after(sheet, 'Ash', ...LOOKED, { type: 'wipesToo' }).now.ears).toEqual([
      'RIGHT',
      'LEFT',
    ]);
  });

  it('teaches no time where somebody went away meanwhile', () => {
    const { now, one } = after(WIPED, 'Ash', ...LOOKED, load('RIGHT', 1), load('LEFT', 0), CALM);
    const long = new Date(NOW.getTime() + 3_600_000);
    const body = factsOf(now, { ...one, openedAt: NOW.toISOString() }, long)[1]?.what.body;
    expect(body).not.toHaveProperty('seconds');
  });
});

describe('the order of a round', () => {
  const sheet = sheetOf({ Ash: 'WIPE', Birch: 'WIPE', Cedar: 'WIPE' });
  const names = (run: { order: string[]; at?: string }) => [run.at, ...run.order];

  it('puts a dog off to the end, and comes back to those that are left', () => {
    const put = later(begun(sheet), NOW);
    expect(names(put)).toEqual(['Birch', 'Birch', 'Cedar', 'Ash']);
    const [first, second, third] = [1, 2, 3].reduce<ReturnType<typeof begun>[]>(
      (runs) => [...runs, over(runs.at(-1) ?? put, 'DONE', NOW)],
      [],
    );
    expect([first?.at, second?.at, third?.at]).toEqual(['Cedar', 'Ash', undefined]);
  });

  it('does a dog after all that was left out, but not one that is recorded', () => {
    const out = over(begun(sheet), 'NOT_TODAY', NOW);
    expect(reopened(out, 'Ash').dogs['Ash']).not.toHaveProperty('over');
    const done = over(begun(sheet), 'DONE', NOW);
    expect(reopened(done, 'Ash')).toBe(done);
  });

  it('does not change a dog that is over, and asks nothing more of it', () => {
    const run = over(begun(sheet), 'NOT_TODAY', NOW);
    const guided = guidedOf(sheet, 'Ash');
    const place = placeOf(sheet, 'Ash');
    const one = run.dogs['Ash'] as DogRun;
    if (!guided || !place) throw new Error('Ash');
    const now = standing(guided, place, one);
    expect(tapped(guided, now, one, asEver('LEFT'))).toBe(one);
    expect(missing(now, one)).toBeUndefined();
  });
});
