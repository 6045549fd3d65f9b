import type { Schemas } from '../api/client';
import { blankCheck, requestOf, type CheckRequest } from '../check/checkForm';
import { bottlesAfter } from '../cleaning/session/bottles';
import {
  cleaningOf,
  laidOutOf,
  pourOf,
  pours,
  stepOf,
  touched,
  untouched,
  withCleaner,
  withEar,
  type EarTaps,
  type GuidedSession,
  type Handled,
  type Progress,
  type Session,
  type Step,
} from '../cleaning/session/progress';
import { foundVerdict } from '../cleaning/noticed';
import { finishedAt } from '../cleaning/session/moment';
import { afterCheck, foundIn, sayingOf, verdictsOf } from '../cleaning/session/sessionCheck';
import type { What } from '../fact/queue';
import type { Household } from '../household/useMe';
import type { Day } from '../measure/days';
import { letter, ofSide, SIDES, type Side } from '../measure/side';

export type RoundSheet = Schemas['RoundSheet'];
export type RoundDog = Schemas['RoundDog'];
type Advice = Schemas['Advice'];

/** Longer than that one dog does not take: somebody went away meanwhile. */
const LONGEST_SECONDS = 20 * 60;

/** One dog of a round, as far as it was tapped. */
export interface DogRun {
  /** The ears that were said to be as usual. */
  asEver: Side[];
  /** What the look found, once both ears were looked at, and whether that is recorded. */
  check?: { id: string; request: CheckRequest; kept?: boolean };
  /** Whether it is wiped though only a look is due. */
  wipesToo: boolean;
  /** The ears that were left alone after all. */
  leftAlone: Side[];
  progress: Progress;
  /** When its screen was opened first. */
  openedAt?: string;
  /** A massage that runs, and until when. */
  massage?: { ear: Side; seconds: number; until: string };
  over?: 'DONE' | 'NOT_TODAY';
}

/** How far a round has got: all of it is kept on the device. */
export interface RoundRun {
  id: string;
  person: string;
  household: Household;
  day: Day;
  helper: boolean;
  order: string[];
  /** The dog whose screen is open; none at the end. */
  at?: string;
  dogs: Record<string, DogRun>;
}

export type RoundTap =
  | { type: 'asEver'; side: Side; id: string; now: Date }
  | { type: 'found'; request: CheckRequest; id: string }
  | { type: 'wipesToo' }
  | { type: 'leave'; side: Side }
  | { type: 'fill'; side: Side; now: Date }
  | { type: 'takeBackFill'; side: Side }
  | { type: 'ear'; side: Side; taps: Partial<EarTaps> }
  | { type: 'handled'; handled: Handled }
  | { type: 'cleaner'; cleaner: string | undefined; side?: Side };

/** A dog's session with the look in it that its ending would leave out. */
export function guidedOf(sheet: RoundSheet, dog: string): GuidedSession | undefined {
  const guided = sheet.sessions.find((one) => one.dogId === dog);
  const look = placeOf(sheet, dog)?.look;
  return guided && look ? { ...guided, session: { ...guided.session, check: look } } : guided;
}

export function placeOf(sheet: RoundSheet, dog: string): RoundDog | undefined {
  return sheet.round.dogs.find((one) => one.dogId === dog);
}

export function beginRound(
  sheet: RoundSheet,
  asked: { person: string; household: Household; helper: boolean; now: Date; newId: () => string },
): RoundRun {
  const { person, household, helper, now, newId } = asked;
  const dogs = sheet.sessions.map((guided): [string, DogRun] => [
    guided.dogId,
    {
      asEver: [],
      wipesToo: false,
      leftAlone: [],
      progress: untouched(
        'CLEANING',
        {
          id: newId(),
          ears: placeOf(sheet, guided.dogId)?.cleans ? guided.session.order : SIDES,
          fully: false,
          helper,
          now,
          cleaners: laidOutOf(guided),
        },
        firstStep(guided.session),
      ),
    },
  ]);
  const order = sheet.round.dogs.map(({ dogId }) => dogId);
  const run = {
    id: newId(),
    person,
    household,
    day: sheet.today,
    helper,
    order,
    dogs: Object.fromEntries(dogs),
  };
  return opened(run, order[0], now);
}

/** A session in a round begins at its look: the tray is laid out. */
function firstStep({ steps }: Session): string {
  return (steps.find(({ kind }) => kind === 'CHECK') ?? steps[0])?.id ?? 'check';
}

/** The same with that dog's screen open. */
export function opened(run: RoundRun, dog: string | undefined, now: Date): RoundRun {
  if (dog === undefined) {
    const ended = { ...run };
    delete ended.at;
    return ended;
  }
  const one = run.dogs[dog];
  if (!one) return run;
  return {
    ...run,
    at: dog,
    dogs: { ...run.dogs, [dog]: { ...one, openedAt: one.openedAt ?? now.toISOString() } },
  };
}

/** The next dog that is still to be done after one, or from the beginning again. */
export function nextOf(run: RoundRun, dog: string | undefined): string | undefined {
  const from = dog === undefined ? 0 : run.order.indexOf(dog) + 1;
  return [...run.order.slice(from), ...run.order.slice(0, from)].find(
    (one) => one !== dog && run.dogs[one]?.over === undefined,
  );
}

/** The open dog is over, and the next one is opened. */
export function over(run: RoundRun, how: NonNullable<DogRun['over']>, now: Date): RoundRun {
  const { at } = run;
  const one = at === undefined ? undefined : run.dogs[at];
  if (at === undefined || !one) return run;
  const then = { ...run, dogs: { ...run.dogs, [at]: { ...one, over: how } } };
  return opened(then, nextOf(then, at), now);
}

/** A dog that was left out is done after all; its look, where it was made, stays. */
export function reopened(run: RoundRun, dog: string): RoundRun {
  const one = run.dogs[dog];
  if (one?.over !== 'NOT_TODAY') return run;
  const open = { ...one };
  delete open.over;
  return { ...run, dogs: { ...run.dogs, [dog]: open } };
}

/** The open dog comes after all others, and the next one is opened. */
export function later(run: RoundRun, now: Date): RoundRun {
  const { at } = run;
  const next = nextOf(run, at);
  if (at === undefined || next === undefined) return run;
  return opened({ ...run, order: [...run.order.filter((one) => one !== at), at] }, next, now);
}

/** How a dog stands on its screen. */
export interface DogNow {
  /** Its session, as its look has left it, and the bottles likewise. */
  guided: GuidedSession;
  /** Whether its ears are still to be looked at. */
  looks: boolean;
  /** What the look says of each ear, once it was made. */
  says?: ReturnType<typeof verdictsOf>;
  /** What to do where an ear says STOP or URGENT. */
  advice?: Advice;
  /** The ears that are done, the better one first. */
  ears: readonly Side[];
  /** Whether it might be wiped though that is not due. */
  mayWipeToo: boolean;
}

export function standing(guided: GuidedSession, place: RoundDog, one: DogRun): DogNow {
  const { check } = guided.session;
  if (check && !one.check) return { guided, looks: true, ears: [], mayWipeToo: false };
  const found = check && one.check ? foundIn(one.check.request) : undefined;
  const session = found ? afterCheck(guided.session, found) : guided.session;
  const says = check && found ? verdictsOf(check, found) : undefined;
  const advice = check && says && sayingOf(check, says.right.verdict, says.left.verdict);
  const may = session.ending ? [] : session.order;
  const isUrgent = says && SIDES.some((side) => ofSide(says, side).verdict === 'URGENT');
  const ears = isUrgent || !(place.cleans || one.wipesToo) ? [] : may;
  return {
    guided: {
      ...guided,
      session,
      bottles: found ? bottlesAfter(guided, found) : guided.bottles,
    },
    looks: false,
    ...(says && { says }),
    ...(advice && { advice }),
    ears,
    mayWipeToo: !isUrgent && !place.cleans && may.length > 0,
  };
}

/** The steps that put liquid into an ear, one a round. */
function fillsOf(session: Session, ear: Side): Step[] {
  return session.steps.filter((step) => step.ear === ear && pours(step));
}

/** Whether another fill may follow: not once a wipe showed a sign, or after the last round. */
export function mayFill({ guided }: DogNow, { progress }: DogRun, ear: Side): boolean {
  const taps = ofSide(progress, ear);
  return (
    taps.pours.length < fillsOf(guided.session, ear).length &&
    foundVerdict(taps, ofSide(guided.session.ears, ear).finds) === undefined
  );
}

/** What a tap makes of a dog; one that is over stays as it is. */
export function tapped(guided: GuidedSession, now: DogNow, one: DogRun, tap: RoundTap): DogRun {
  if (one.over) return one;
  switch (tap.type) {
    case 'asEver': {
      const asEver = one.asEver.includes(tap.side)
        ? one.asEver.filter((side) => side !== tap.side)
        : [...one.asEver, tap.side];
      const unsaid = { ...one, asEver };
      if (one.check?.kept) return one;
      delete unsaid.check;
      const check =
        asEver.length === SIDES.length ? asEverCheck(guided, tap.id, tap.now) : undefined;
      return check ? { ...unsaid, check } : unsaid;
    }
    case 'found':
      return { ...one, asEver: [], check: { id: tap.id, request: tap.request } };
    case 'wipesToo':
      return { ...one, wipesToo: !one.wipesToo };
    case 'leave':
      if (!mayLeave(one, tap.side)) return one;
      return {
        ...one,
        leftAlone: one.leftAlone.includes(tap.side)
          ? one.leftAlone.filter((side) => side !== tap.side)
          : [...one.leftAlone, tap.side],
      };
    case 'fill':
      return filled(now.guided.session, one, tap.side, tap.now);
    case 'takeBackFill': {
      const pours = ofSide(one.progress, tap.side).pours.slice(0, -1);
      const without = { ...one, progress: withEar(one.progress, tap.side, { pours }) };
      delete without.massage;
      return without;
    }
    case 'ear':
      return { ...one, progress: withEar(one.progress, tap.side, tap.taps) };
    case 'handled':
      return { ...one, progress: { ...one.progress, handled: tap.handled } };
    case 'cleaner':
      return { ...one, progress: withCleaner(one.progress, tap.cleaner, tap.side) };
  }
}

function filled(session: Session, one: DogRun, ear: Side, now: Date): DogRun {
  const taps = ofSide(one.progress, ear);
  const step = fillsOf(session, ear)[taps.pours.length];
  if (!step || pourOf(one.progress, step)) return one;
  // a fill that nobody measured is a fill all the same; what a syringe holds is a measurement
  const millilitres = step.kind === 'SYRINGE' ? step.volume : undefined;
  const pour = { step: step.id, ...(millilitres !== undefined && { millilitres }) };
  const progress = withEar(one.progress, ear, { pours: [...taps.pours, pour] });
  const massage = step.next === undefined ? undefined : stepOf(session, step.next);
  if (massage?.kind !== 'MASSAGE' || !massage.timer) return { ...one, progress };
  const { seconds } = massage.timer;
  const until = new Date(now.getTime() + seconds * 1000).toISOString();
  return { ...one, progress, massage: { ear, seconds, until } };
}

/** A look that found both ears as they always are; nothing where every sign is to be said anew. */
function asEverCheck(guided: GuidedSession, id: string, now: Date): DogRun['check'] {
  const startsFrom = guided.session.check?.startsFrom;
  if (!startsFrom) return undefined;
  const blank = blankCheck(guided.today, startsFrom);
  const form = {
    ...blank,
    right: { ...blank.right, looked: true },
    left: { ...blank.left, looked: true },
  };
  return { id, request: requestOf(form, guided.dogId, guided.zone, now) };
}

/** Whether anything was done to an ear: then that is recorded, and not left out. */
export function isBegun({ progress, leftAlone }: DogRun, ears: readonly Side[]): boolean {
  return ears.some((side) => !leftAlone.includes(side) && touched(ofSide(progress, side)));
}

/** Whether an ear may be left alone after all: not once liquid went in. */
export function mayLeave({ progress }: DogRun, ear: Side): boolean {
  return ofSide(progress, ear).pours.length === 0;
}

/** What is still to be said before the next dog; nothing where all is said, or it is over. */
export function missing(now: DogNow, one: DogRun): string | undefined {
  if (one.over) return undefined;
  if (now.looks) return 'Look and sniff at both ears';
  const open = now.ears.filter((side) => !one.leftAlone.includes(side));
  const unsaid = open.filter((side) => ofSide(one.progress, side).load === undefined);
  if (unsaid.length > 0) return `What came out: ${unsaid.map(letter).join(', ')}`;
  return open.length > 0 && one.progress.handled === undefined ? 'How it took it' : undefined;
}

/** What is recorded of a dog: the look, and what was cleaned, as a guided session records them. */
export function factsOf(now: DogNow, one: DogRun, at: Date): { id: string; what: What }[] {
  const { guided } = now;
  const facts: { id: string; what: What }[] = [];
  facts.push(...lookOf(one));
  const progress = { ...withoutLeft(now, one), seconds: secondsOf(one, at) };
  const done = now.ears.some((side) => touched(ofSide(progress, side)));
  if (done) {
    const moment = finishedAt(guided, progress);
    const body = cleaningOf(guided.session, progress, guided.dogId, moment);
    // a gap would be learned as the time that it takes
    if (progress.seconds > LONGEST_SECONDS) delete body.seconds;
    facts.push({ id: progress.id, what: { kind: 'cleanings', body } });
  }
  return facts;
}

/** The look, while it is not recorded yet. */
export function lookOf({ check }: DogRun): { id: string; what: What }[] {
  return check && !check.kept
    ? [{ id: check.id, what: { kind: 'checks', body: check.request } }]
    : [];
}

/** The same once its look is recorded. */
export function withLookKept(one: DogRun): DogRun {
  return one.check ? { ...one, check: { ...one.check, kept: true } } : one;
}

function withoutLeft({ ears }: DogNow, { progress, leftAlone }: DogRun): Progress {
  return SIDES.filter((side) => leftAlone.includes(side) || !ears.includes(side)).reduce(
    (all, side) => ({
      ...all,
      [side === 'RIGHT' ? 'right' : 'left']: { pours: [], wipes: 0 },
    }),
    progress,
  );
}

function secondsOf({ openedAt }: DogRun, at: Date): number {
  return openedAt === undefined ? 0 : Math.round((at.getTime() - Date.parse(openedAt)) / 1000);
}

/** How many dogs are over, how many there are, and how many minutes are still to come. */
export function share(sheet: RoundSheet, run: RoundRun) {
  const open = run.order.filter((dog) => run.dogs[dog]?.over === undefined);
  return {
    done: run.order.length - open.length,
    all: run.order.length,
    minutes: open.reduce((sum, dog) => sum + (placeOf(sheet, dog)?.minutes ?? 0), 0),
  };
}

/** The wipes that are still on the tray for the dogs to come. */
export function wipesToCome(sheet: RoundSheet, run: RoundRun): number {
  return run.order
    .filter((dog) => run.dogs[dog]?.over === undefined && placeOf(sheet, dog)?.cleans)
    .flatMap((dog) => sheet.sessions.filter(({ dogId }) => dogId === dog))
    .flatMap(({ session }) => session.order.map((side) => ofSide(session.ears, side)))
    .reduce((sum, { habit }) => sum + habit.wipesToLayOut, 0);
}
