import type { Step } from '../cleaning/session/progress';
import type { Household } from '../household/useMe';
import { SIDES, type Side } from '../measure/side';
import type { RoundSheet } from './round';
import { WELL } from '../check/well.fixture';

/** A round of made-up dogs for tests, each as the server would send it. */
const FOUL_STOPS = {
  lines: [
    {
      verdict: 'STOP',
      sentence: 'The odour is foul.',
      toDo: '',
      when: { all: [{ sign: 'ODOUR', from: 3, to: 3 }], any: [], given: 'NOTHING' },
    },
  ],
  signs: [],
  own: [],
  kinds: [],
  deafnessCounts: false,
};

const step = (id: string, kind: Step['kind'], more: Partial<Step> = {}): Step => ({
  id,
  kind,
  round: 1,
  title: id,
  what: '',
  why: '',
  doneWhen: '',
  ...more,
});

function stepsOf(ear: Side, method: 'FILL' | 'WIPE'): Step[] {
  const fills = [1, 2].flatMap((round) => [
    step(`${ear}-${round}-fill`, 'FILL', { ear, next: `${ear}-${round}-massage`, volume: 4 }),
    step(`${ear}-${round}-massage`, 'MASSAGE', { ear, timer: { seconds: 30 } }),
  ]);
  return [...(method === 'FILL' ? fills : []), step(`${ear}-wipe`, 'WIPE', { ear })];
}

const task = (ear: Side, method?: 'FILL' | 'WIPE') => ({
  ear,
  ...(method && { method }),
  narrowed: false,
  mayFully: false,
  ordered: false,
  care: [],
  finds: { colours: {}, odours: { FOUL: 'STOP' }, hurts: {} },
  habit: { expectedWipes: 3, wipesToLayOut: 5, reasons: [] },
  reasons: [],
});

/** Nothing stands against going in. */
const STANDS = { told: [], checkFirst: false, looked: true };

function sessionOf(method: 'FILL' | 'WIPE') {
  return {
    purpose: 'CLEANING',
    position: { bites: false, caution: 'Muzzle on before you begin.' },
    order: [...SIDES],
    ears: { right: task('RIGHT', method), left: task('LEFT', method) },
    steps: [step('kit', 'KIT', { next: 'check' }), step('check', 'CHECK')],
    check: {
      tables: { right: FOUL_STOPS, left: FOUL_STOPS },
      startsFrom: { right: WELL, left: WELL },
      normal: { right: WELL, left: WELL },
      wipeOnly: [],
      ways: SIDES.map((ear) => ({
        ear,
        verdict: 'LEAVE',
        wipeOnly: false,
        discharging: false,
        task: task(ear, method),
        first: stepsOf(ear, method),
        second: stepsOf(ear, method),
      })),
      closing: [step('taken', 'TAKEN')],
      sayings: SIDES.map((side) => ({
        right: side === 'RIGHT' ? 'STOP' : 'LEAVE',
        left: side === 'LEFT' ? 'STOP' : 'LEAVE',
        advice: { now: `Pour nothing into the ${side.toLowerCase()} ear.`, steps: ['Call.'] },
      })),
    },
    reasons: [],
  };
}

/** Dogs that are due for a cleaning by that method, or for a look only. */
export function sheetOf(dogs: Record<string, 'FILL' | 'WIPE' | 'LOOK'>): RoundSheet {
  const all = Object.entries(dogs);
  return {
    today: '2026-11-29',
    zone: 'Europe/London',
    round: {
      dogs: all.map(([name, what]) => ({
        dogId: name,
        name,
        cleans: what !== 'LOOK',
        minutes: what === 'FILL' ? 6 : 3,
      })),
      tray: { wipes: [], cleaners: [], ownCloths: 0, tools: [], reasons: [] },
      minutes: 9,
      reasons: [],
    },
    sessions: all.map(([name, what]) => ({
      dogId: name,
      name,
      today: '2026-11-29',
      zone: 'Europe/London',
      session: sessionOf(what === 'FILL' ? 'FILL' : 'WIPE'),
      bottles: [],
      laidOut: { right: {}, left: {} },
      stands: { right: STANDS, left: STANDS },
      first: { asksMethod: false, asksVetLooked: false, asksPuppy: false, wants: [] },
    })),
    choices: all.map(([name]) => ({ dogId: name, name, due: true })),
  } as unknown as RoundSheet;
}

export const HOUSEHOLD = {
  id: 'h',
  role: 'OWNER',
  settings: { facing: 'FRONT', volumeUnit: 'MILLILITRE' },
} as unknown as Household;
