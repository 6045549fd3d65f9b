import { ofSide, SIDES, type Side } from '../../measure/side';
import { gradeNumber, type EarFinding } from '../../check/signs';
import type { Schemas } from '../../api/client';
import { worstOf, type Suits } from '../../solution/suits';
import { verdictsOf, type Found } from './sessionCheck';
import type { GuidedSession } from './progress';

export type BottleAtHand = Schemas['BottleAtHand'];
type Judged = Schemas['Judged'];
type Answer = Schemas['SuitsAnswer'];

const QUIET = ['LEAVE', 'CLEAN'];

/** What a check found of an ear that changes what suits it. */
function found(ear: EarFinding, verdict: string): string[] {
  const red = gradeNumber(ear.redness);
  return [
    ...(red === 1 ? ['PINK'] : red > 1 ? ['RED'] : []),
    ...(gradeNumber(ear.sores) > 0 ? ['SORE'] : []),
    ...(gradeNumber(ear.discharge) > 1 ? ['DISCHARGE'] : []),
    ...(QUIET.includes(verdict) ? [] : ['UNQUIET']),
  ];
}

function together(answers: readonly Answer[]): Answer {
  const reasons = answers.flatMap((answer) => answer.reasons);
  return {
    suits: worstOf(answers.map(({ suits }) => suits)),
    reasons: reasons.filter(
      ({ reason }, at) =>
        reasons.findIndex((one) => one.reason.sentence === reason.sentence) === at,
    ),
  };
}

function after(judged: Judged, what: readonly string[]): Judged {
  const all = [judged.now, ...what.flatMap((one) => judged.found[one] ?? [])];
  return {
    found: {},
    now: {
      onPad: together(all.map(({ onPad }) => onPad)),
      inEar: together(all.map(({ inEar }) => inEar)),
    },
  };
}

/** The bottles as a check has left them: what it found may speak against one. */
export function bottlesAfter({ session, bottles }: GuidedSession, seen: Found): BottleAtHand[] {
  const { check } = session;
  if (!check) return bottles;
  const says = verdictsOf(check, seen);
  const of = (side: Side) => found(ofSide(seen.ears, side), ofSide(says, side).verdict);
  return bottles.map((bottle) => ({
    ...bottle,
    ears: {
      right: after(bottle.ears.right, of('RIGHT')),
      left: after(bottle.ears.left, of('LEFT')),
    },
  }));
}

/** Whether a bottle suits the ears that a session does: on the pad where they are wiped. */
export function answerOf(
  { session }: Pick<GuidedSession, 'session'>,
  { ears }: BottleAtHand,
  only?: Side,
): Answer {
  const asked = only ? [only] : session.order.length > 0 ? session.order : SIDES;
  return together(
    asked.map((side) => {
      const { now } = ofSide(ears, side);
      return ofSide(session.ears, side).method === 'WIPE' ? now.onPad : now.inEar;
    }),
  );
}

/** The bottle that was chosen, where something speaks against it for an ear. */
export function doubtful(
  guided: GuidedSession,
  cleaner: string | undefined,
  ear: Side,
): BottleAtHand | undefined {
  const bottle = guided.bottles.find(({ supply }) => supply.id === cleaner);
  return bottle && answerOf(guided, bottle, ear).suits !== 'OK' ? bottle : undefined;
}

/** Another bottle than that one that suits an ear, the best first. */
export function insteadOf(guided: GuidedSession, id: string, side: Side) {
  const rank: Record<Suits, number> = { OK: 0, CARE: 1, NO: 2 };
  return guided.bottles
    .map((bottle) => ({ bottle, suits: answerOf(guided, bottle, side).suits }))
    .filter(({ bottle, suits }) => bottle.supply.id !== id && suits !== 'NO')
    .sort((one, other) => rank[one.suits] - rank[other.suits])[0]?.bottle;
}
