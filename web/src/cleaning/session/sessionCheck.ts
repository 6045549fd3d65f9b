import type { Schemas } from '../../api/client';
import { WORDS } from '../../api/words';
import type { CheckRequest } from '../../check/checkForm';
import { judged, type DogSigns, type Judged } from '../../check/deviceTable';
import { gradeNumber, type EarFinding } from '../../check/signs';
import type { Verdict } from '../../check/verdicts';
import { ofSide, SIDES, type Side } from '../../measure/side';
import type { Session, Step } from './progress';

type SessionCheck = NonNullable<Session['check']>;
type Way = SessionCheck['ways'][number];
type Ending = NonNullable<Session['ending']>;

/** What a check found, as it is sent. */
export interface Found {
  ears: { right: EarFinding; left: EarFinding };
  dog: DogSigns;
}

/** What a request says was found; what it leaves out was not there. */
export function foundIn({ ears, dog }: CheckRequest): Found {
  const whole = (ear: CheckRequest['ears']['right']): EarFinding => ({
    ...ear,
    couldLook: ear.couldLook ?? true,
    seen: ear.seen ?? [],
    hearing: ear.hearing ?? 'NOT_TRIED',
  });
  return { ears: { right: whole(ears.right), left: whole(ears.left) }, dog };
}

/** What the tables of a session say of a check. */
export function verdictsOf(check: SessionCheck, found: Found): { right: Judged; left: Judged } {
  return {
    right: judged(check.tables.right, 'RIGHT', found.ears.right, found.dog),
    left: judged(check.tables.left, 'LEFT', found.ears.left, found.dog),
  };
}

const severity = (verdict: Verdict) => WORDS.Verdict.findIndex(({ value }) => value === verdict);

/** Whether an ear is left to the vet. */
export function isForVet(verdict: Verdict): boolean {
  return verdict === 'STOP' || verdict === 'URGENT';
}

/** What to do where an ear says STOP or URGENT; nothing where none does. */
export function sayingOf(check: SessionCheck, right: Verdict, left: Verdict) {
  return check.sayings.find((one) => one.right === right && one.left === left)?.advice;
}

/** What is done to an ear whose check says that; nothing where the server foresaw no such check. */
function wayOf(check: SessionCheck, side: Side, verdict: Verdict, ear: EarFinding) {
  const wipeOnly = ear.seen.some((thing) => check.wipeOnly.includes(thing));
  const ways = check.ways.filter(
    (one) => one.ear === side && one.verdict === verdict && one.wipeOnly === wipeOnly,
  );
  const discharging = ear.discharge !== 'NONE';
  return ways.find((one) => one.discharging === discharging) ?? ways[0];
}

const ASKED: Record<NonNullable<Step['onlyIf']>, (ear: EarFinding) => boolean> = {
  NOT_RED: (ear) => ear.redness === 'NONE',
  HAIR_BLOCKING: (ear) => ear.seen.includes('HAIR_BLOCKING'),
  MAT_UNDER_FLAP: (ear) => ear.seen.includes('MAT_UNDER_FLAP'),
};

/** The steps one after the other: one that leads nowhere yet leads to the one behind it. */
function chained(steps: readonly Step[]): Step[] {
  return steps.map((step, place) => {
    const next = step.next ?? steps[place + 1]?.id;
    return next === undefined ? step : { ...step, next };
  });
}

const score = (ear: EarFinding) =>
  [ear.redness, ear.swelling, ear.sores, ear.discharge].reduce(
    (sum, grade) => sum + gradeNumber(grade),
    0,
  );

/**
 * The session with the steps that its check leads to: of each ear that may be cleaned by its own
 * verdict, the better one first. Where none may, it ends and says what to do.
 */
export function afterCheck(session: Session, found: Found): Session {
  const { check } = session;
  if (!check) return session;
  const says = verdictsOf(check, found);
  const ways = SIDES.flatMap((side) => {
    const ear = ofSide(found.ears, side);
    const way = wayOf(check, side, ofSide(says, side).verdict, ear);
    return way ? [{ side, ear, way }] : [];
  });
  const order = ways
    .filter(({ way }) => way.task.method !== undefined)
    .sort(
      (one, other) =>
        severity(one.way.verdict) - severity(other.way.verdict) ||
        score(one.ear) - score(other.ear) ||
        loadOf(one.way) - loadOf(other.way),
    );
  const steps = order.flatMap(({ ear, way }, place) =>
    (place === 0 ? way.first : way.second).filter(({ onlyIf }) => !onlyIf || ASKED[onlyIf](ear)),
  );
  const ears = {
    right: taskOf(session, 'RIGHT', says.right, ways),
    left: taskOf(session, 'LEFT', says.left, ways),
  };
  const gone = { ...session, ears, order: order.map(({ side }) => side) };
  delete gone.check;
  const advice = sayingOf(check, says.right.verdict, says.left.verdict);
  const urgent = [says.right, says.left].some(({ verdict }) => verdict === 'URGENT');
  if (urgent || order.length === 0) {
    return { ...gone, steps: [], ending: endingOf(ears, advice) };
  }
  return { ...gone, steps: chained([...session.steps, ...steps, ...check.closing]) };
}

const loadOf = ({ task }: Way) => task.habit.lastLoad ?? 0;

function taskOf(
  session: Session,
  side: Side,
  { verdict }: Judged,
  ways: readonly { side: Side; way: Way }[],
): Schemas['EarTask'] {
  const way = ways.find((one) => one.side === side)?.way;
  if (way) return way.task;
  const left = { ...ofSide(session.ears, side), narrowed: true, reasons: [] };
  delete left.method;
  const sentence = isForVet(verdict)
    ? `The check says no liquid in the ${side.toLowerCase()} ear.`
    : 'Not judged yet: pour nothing in.';
  return { ...left, reasons: [{ rule: 'CLEAN_METHOD', title: '', numbers: {}, sentence }] };
}

function endingOf(ears: Session['ears'], advice: Schemas['Advice'] | undefined): Ending {
  return advice
    ? { cause: 'VERDICT', now: advice.now, steps: advice.steps }
    : {
        cause: 'CLOSED',
        now: 'Nothing to clean now.',
        steps: [...ears.right.reasons, ...ears.left.reasons].map(({ sentence }) => sentence),
      };
}
