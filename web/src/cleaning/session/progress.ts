import type { Schemas } from '../../api/client';
import { ofSide, SIDES, type Side } from '../../measure/side';
import type { CleaningRequest } from '../cleaningForm';
import { foundVerdict } from '../noticed';
import { LIMITS } from '../../api/limits';

export type GuidedSession = Schemas['GuidedSession'];
export type Session = Schemas['CleaningSession'];
export type Step = Schemas['SessionStep'];
/** How far a session has got: what is kept on the device and sent to the server as a draft. */
export type Progress = Schemas['ProgressRequest'];
export type EarTaps = Schemas['EarTapsRequest'];
export type Handled = NonNullable<Progress['handled']>;

/** After a longer gap the clock goes on from where it stood: the device slept or was dead. */
const LONGEST_GAP_SECONDS = 60;
const STEPS_AFTER_CHECK = 12;
const { min: FEWEST_WIPES, max: MOST_WIPES } = LIMITS.EarCleaning.wipes;

/** What a person taps, and the clock. */
export type Tap =
  | { type: 'tick'; seconds: number }
  | { type: 'next' }
  | { type: 'again' }
  | { type: 'back' }
  | { type: 'pour'; millilitres: number | undefined }
  | { type: 'cameBack' }
  | { type: 'ear'; side: Side; taps: Partial<EarTaps> }
  | { type: 'handled'; handled: Handled }
  | { type: 'cleaner'; cleaner: string | undefined; side?: Side };

const NO_TAPS: EarTaps = { pours: [], wipes: 0 };

/** The steps that put liquid into an ear. */
export function pours(step: Step): boolean {
  return step.kind === 'FILL' || step.kind === 'PAD' || step.kind === 'SYRINGE';
}

export function stepOf(session: Session, id: string): Step | undefined {
  return session.steps.find((step) => step.id === id);
}

/** The step that is open; the first one where the graph no longer has it. */
export function openStep(session: Session, progress: Progress): Step | undefined {
  return stepOf(session, progress.step) ?? session.steps[0];
}

/** What is asked for as a session begins. */
export interface Asked {
  id: string;
  ears: readonly Side[];
  fully: boolean;
  helper: boolean;
  now: Date;
  /** The bottle that is laid out for each ear. */
  cleaners?: LaidOut | undefined;
}

/** The bottle of each ear, where one is laid out. */
export interface LaidOut {
  right?: string | undefined;
  left?: string | undefined;
}

/** A session of which nothing has been tapped yet, at that step. */
export function untouched(purpose: Session['purpose'], asked: Asked, step: string): Progress {
  return {
    id: asked.id,
    purpose,
    ears: [...asked.ears],
    ...(asked.fully && { fully: true }),
    helper: asked.helper,
    startedAt: asked.now.toISOString(),
    seconds: 0,
    step,
    trail: [],
    right: NO_TAPS,
    left: NO_TAPS,
    ...withBottles(asked.ears, asked.cleaners),
  };
}

/** One bottle for all that is done, or one for each ear where they differ. */
function withBottles(
  ears: readonly Side[],
  cleaners: LaidOut = {},
): Partial<Pick<Progress, 'cleaner' | 'right' | 'left'>> {
  const [first, ...others] = ears.map((side) => ofSide(cleaners, side));
  if (others.every((one) => one === first)) return first === undefined ? {} : { cleaner: first };
  const taps = (cleaner: string | undefined): EarTaps =>
    cleaner === undefined ? NO_TAPS : { ...NO_TAPS, cleaner };
  return { right: taps(cleaners.right), left: taps(cleaners.left) };
}

/** The bottle that is taken for an ear. */
export function bottleOf(progress: Progress, side: Side): string | undefined {
  return ofSide(progress, side).cleaner ?? progress.cleaner;
}

/** The bottle that is laid out for each ear. */
export function laidOutOf({ laidOut }: Partial<Pick<GuidedSession, 'laidOut'>>): LaidOut {
  // a session that the version before left on this device has none
  return { right: laidOut?.right.chosen?.supply.id, left: laidOut?.left.chosen?.supply.id };
}

/** The same with another bottle, for one ear or for all that is done. */
export function withCleaner(
  progress: Progress,
  cleaner: string | undefined,
  side: Side | undefined,
): Progress {
  const bottle = (taps: EarTaps, id: string | undefined): EarTaps => {
    const named = { ...taps };
    delete named.cleaner;
    return id === undefined ? named : { ...named, cleaner: id };
  };
  const general = { ...progress };
  delete general.cleaner;
  if (side === undefined) {
    return {
      ...general,
      right: bottle(progress.right, undefined),
      left: bottle(progress.left, undefined),
      ...(cleaner !== undefined && { cleaner }),
    };
  }
  const of = (one: Side) => (one === side ? cleaner : bottleOf(progress, one));
  return {
    ...general,
    right: bottle(progress.right, of('RIGHT')),
    left: bottle(progress.left, of('LEFT')),
  };
}

export function begin(session: Session, asked: Asked): Progress {
  const first = session.steps[0];
  if (!first) throw new Error('a session without steps cannot begin');
  return enter(untouched(session.purpose, asked, first.id), first);
}

/** How long a step takes with what has been tapped: longer where more came up than expected. */
export function secondsOf(step: Step, progress: Progress): number | undefined {
  const { timer, ear } = step;
  if (!timer) return undefined;
  const more =
    ear !== undefined &&
    timer.overWipes !== undefined &&
    ofSide(progress, ear).wipes > timer.overWipes;
  return more ? (timer.secondsIfMore ?? timer.seconds) : timer.seconds;
}

function enter(progress: Progress, step: Step): Progress {
  const entered = { ...progress, step: step.id };
  delete entered.secondsLeft;
  const seconds = secondsOf(step, progress);
  return seconds === undefined ? entered : { ...entered, secondsLeft: seconds };
}

function go(session: Session, progress: Progress, to: string | undefined): Progress {
  const target = to === undefined ? undefined : stepOf(session, to);
  if (!target) return progress;
  return enter({ ...progress, trail: [...progress.trail, progress.step] }, target);
}

/** The same with other taps of one ear. */
export function withEar(progress: Progress, side: Side, taps: Partial<EarTaps>): Progress {
  const ear: EarTaps = { ...ofSide(progress, side), ...taps };
  ear.wipes = Math.min(Math.max(ear.wipes, FEWEST_WIPES), MOST_WIPES);
  return side === 'RIGHT' ? { ...progress, right: ear } : { ...progress, left: ear };
}

function poured(
  progress: Progress,
  step: Step,
  millilitres: number | undefined,
  cameBack = false,
): Progress {
  if (!step.ear || !pours(step)) return progress;
  const others = ofSide(progress, step.ear).pours.filter((pour) => pour.step !== step.id);
  const pour = {
    step: step.id,
    ...(millilitres !== undefined && { millilitres }),
    ...(cameBack && { cameBack }),
  };
  return withEar(progress, step.ear, { pours: [...others, pour] });
}

/** What went in during a step, where it has been done. */
export function pourOf(progress: Progress, step: Step) {
  return step.ear && ofSide(progress, step.ear).pours.find((pour) => pour.step === step.id);
}

/** Whether another round may follow: not once a wipe showed a sign, or it hurt. */
export function mayPourAgain(session: Session, progress: Progress, step: Step): boolean {
  return (
    step.again !== undefined &&
    (step.ear === undefined ||
      foundVerdict(ofSide(progress, step.ear), ofSide(session.ears, step.ear).finds) === undefined)
  );
}

/** What a tap makes of how far the session has got. */
export function tapped(session: Session, progress: Progress, tap: Tap): Progress {
  const step = openStep(session, progress);
  if (!step) return progress;
  switch (tap.type) {
    case 'tick': {
      const seconds = Math.min(tap.seconds, LONGEST_GAP_SECONDS);
      return {
        ...progress,
        seconds: progress.seconds + seconds,
        ...(progress.secondsLeft !== undefined && {
          secondsLeft: Math.max(0, progress.secondsLeft - seconds),
        }),
      };
    }
    case 'next': {
      // a fill whose millilitres nobody set is a fill all the same, but no measurement
      const measured = step.kind === 'SYRINGE' ? step.volume : undefined;
      const counted = pours(step) && !pourOf(progress, step);
      return go(session, counted ? poured(progress, step, measured) : progress, step.next);
    }
    case 'again':
      return mayPourAgain(session, progress, step) ? go(session, progress, step.again) : progress;
    case 'back': {
      const before = progress.trail.at(-1);
      const target = before === undefined ? undefined : stepOf(session, before);
      if (!target) return progress;
      return enter({ ...progress, trail: progress.trail.slice(0, -1) }, target);
    }
    case 'pour':
      return poured(progress, step, tap.millilitres);
    case 'cameBack': {
      const millilitres = pourOf(progress, step)?.millilitres ?? step.volume;
      return go(session, poured(progress, step, millilitres, true), step.next);
    }
    case 'ear':
      return withEar(progress, tap.side, tap.taps);
    case 'handled':
      return { ...progress, handled: tap.handled };
    case 'cleaner':
      return withCleaner(progress, tap.cleaner, tap.side);
  }
}

/** Whether it stands at the check, and has to know what that finds. */
export function waitsForCheck(session: Session, progress: Progress): boolean {
  const step = openStep(session, progress);
  return step?.kind === 'CHECK' && step.next === undefined;
}

/** It stands behind its check, once the steps that this leads to are known. */
export function pastCheck(session: Session, progress: Progress): Progress {
  const step = openStep(session, progress);
  return step?.kind === 'CHECK' && step.next !== undefined
    ? tapped(session, { ...progress, step: step.id }, { type: 'next' })
    : progress;
}

/** Whether anything was done to an ear. */
export function touched(taps: EarTaps): boolean {
  return taps.pours.length > 0 || taps.wipes > 0 || taps.load !== undefined;
}

/** Whether anything was done to either ear. */
export function isTouched(progress: Progress): boolean {
  return SIDES.some((side) => touched(ofSide(progress, side)));
}

/** Whether an ear may take less than when a session was begun: a check or a hold came meanwhile. */
export function isNarrower(now: Session, begun: Session): boolean {
  return SIDES.some((side) => {
    const before = ofSide(begun.ears, side).method;
    const after = ofSide(now.ears, side).method;
    return before !== undefined && before !== after && (after === undefined || after === 'WIPE');
  });
}

/** Whether an ear that was to be cleaned may take nothing now: it was closed meanwhile. */
export function isClosedSince(now: Session, begun: Session): boolean {
  return SIDES.some(
    (side) =>
      ofSide(begun.ears, side).method !== undefined && ofSide(now.ears, side).method === undefined,
  );
}

/** Whether the summary can be saved: an ear was done, and what came out of each such ear is said. */
export function isComplete(progress: Progress): boolean {
  if (progress.handled === undefined) return false;
  if (progress.purpose === 'PRACTICE') return true;
  const done = SIDES.map((side) => ofSide(progress, side)).filter(touched);
  return done.length > 0 && done.every((taps) => taps.load !== undefined);
}

function earRequest(session: Session, progress: Progress, side: Side) {
  const taps = ofSide(progress, side);
  const { method } = ofSide(session.ears, side);
  if (!touched(taps) || taps.load === undefined || !method) return undefined;
  const fills = taps.pours.length;
  const measured = taps.pours.flatMap(({ millilitres }) => millilitres ?? []);
  const cameBack = taps.pours.flatMap((pour) => (pour.cameBack && pour.millilitres) || []);
  const volume = Number(measured.reduce((sum, one) => sum + one, 0).toFixed(1));
  return {
    // stopped before anything went in: it was wiped
    method: fills === 0 ? ('WIPE' as const) : method,
    load: taps.load,
    wipes: taps.wipes,
    ...(fills > 0 && { fills }),
    ...(fills > 0 && measured.length === fills && { poured: volume }),
    ...(taps.squelched !== undefined && { squelched: taps.squelched }),
    ...(taps.colour !== undefined && { colour: taps.colour }),
    ...(taps.odour !== undefined && { odour: taps.odour }),
    ...(taps.hurt !== undefined && { hurt: taps.hurt }),
    ...(cameBack.length > 0 && { cameBack: Math.min(...cameBack) }),
    ...(taps.cleaner !== undefined && { cleaner: taps.cleaner }),
  };
}

/** What is recorded of a cleaning. */
export function cleaningOf(
  session: Session,
  progress: Progress,
  dogId: string,
  moment: { at: string; zone: string },
  note = '',
): CleaningRequest {
  const right = earRequest(session, progress, 'RIGHT');
  const left = earRequest(session, progress, 'LEFT');
  return {
    dogId,
    ...moment,
    ears: { ...(right && { right }), ...(left && { left }) },
    seconds: progress.seconds,
    ...(progress.handled && { handled: progress.handled }),
    ...(progress.cleaner && { cleaner: progress.cleaner }),
    ...(note.trim() && { note: note.trim() }),
  };
}

/** How far along the open step is, counted in the steps still ahead without further rounds. */
export function share(session: Session, progress: Progress): number {
  // the check of a session leads on, to steps that are not known yet
  let ahead = session.check ? STEPS_AFTER_CHECK : 0;
  for (let step = openStep(session, progress); step?.next; step = stepOf(session, step.next)) {
    ahead += 1;
  }
  const behind = progress.trail.length;
  return behind + ahead === 0 ? 1 : behind / (behind + ahead);
}
