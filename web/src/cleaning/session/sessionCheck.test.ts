import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import type { EarFinding } from '../../check/signs';
import { QUIET_DOG } from '../../check/checkForm';
import { afterCheck, type Found } from './sessionCheck';
import type { Session, Step } from './progress';
import { WELL } from '../../check/well.fixture';

type Way = Schemas['EarWay'];

const step = (id: string, more: Partial<Step> = {}): Step => ({
  id,
  kind: 'FOLDS',
  round: 0,
  title: id,
  what: '',
  why: '',
  doneWhen: '',
  ...more,
});

const task = (ear: 'RIGHT' | 'LEFT', method: 'FILL' | 'WIPE'): Schemas['EarTask'] => ({
  ear,
  method,
  narrowed: false,
  mayFully: false,
  ordered: false,
  care: [],
  finds: { colours: {}, odours: {}, hurts: {} },
  habit: { expectedWipes: 2, wipesToLayOut: 4, reasons: [] },
  reasons: [],
});

const way = (ear: 'RIGHT' | 'LEFT', verdict: Way['verdict'], method: 'FILL' | 'WIPE'): Way => ({
  ear,
  verdict,
  wipeOnly: false,
  discharging: false,
  task: task(ear, method),
  first: [step(`${ear} hair`, { onlyIf: 'NOT_RED' }), step(`${ear} ${method}`)],
  second: [step(`${ear} ${method} second`)],
});

const FOUL: Schemas['EarTable'] = {
  lines: [
    {
      verdict: 'STOP',
      sentence: 'The odour is foul.',
      toDo: '',
      when: { all: [{ sign: 'ODOUR', from: 3, to: 3 }], any: [], given: 'NOTHING' },
    },
    {
      verdict: 'CAUTION',
      sentence: 'Redness, {REDNESS}.',
      toDo: '',
      when: { all: [{ sign: 'REDNESS', from: 2, to: 2 }], any: [], given: 'NOTHING' },
    },
  ],
  own: [],
  signs: [],
  kinds: ['NONE', 'TAN_WAX'],
  deafnessCounts: true,
};

const SESSION = {
  purpose: 'CLEANING',
  ears: { right: task('RIGHT', 'FILL'), left: task('LEFT', 'FILL') },
  order: ['RIGHT', 'LEFT'],
  steps: [step('kit', { next: 'check' }), step('check', { kind: 'CHECK' })],
  check: {
    tables: { right: FOUL, left: FOUL },
    ways: (['RIGHT', 'LEFT'] as const).flatMap((ear) => [
      way(ear, 'LEAVE', 'FILL'),
      way(ear, 'CAUTION', 'WIPE'),
    ]),
    normal: {},
    wipeOnly: ['LUMP_BLOCKING'],
    closing: [step('dry')],
    sayings: [{ right: 'STOP', left: 'STOP', advice: { now: 'Call your vet.', steps: ['Dry.'] } }],
  },
  reasons: [],
} as unknown as Session;

const after = (right: Partial<EarFinding>, left: Partial<EarFinding>): Session => {
  const found: Found = {
    ears: { right: { ...WELL, ...right }, left: { ...WELL, ...left } },
    dog: { shaking: QUIET_DOG.shaking, scratching: QUIET_DOG.scratching },
  };
  return afterCheck(SESSION, found);
};

const ids = ({ steps }: Session) => steps.map(({ id }) => id);

describe('a session behind its check', () => {
  it('does the better ear first, each by its own verdict, one step leading to the next', () => {
    const session = after({ redness: 'MODERATE' }, {});
    expect(ids(session)).toEqual([
      'kit',
      'check',
      'LEFT hair',
      'LEFT FILL',
      'RIGHT WIPE second',
      'dry',
    ]);
    expect(session.steps.map(({ next }) => next)).toEqual([
      'check',
      'LEFT hair',
      'LEFT FILL',
      'RIGHT WIPE second',
      'dry',
      undefined,
    ]);
    expect(session.check).toBeUndefined();
  });

  it('leaves hair alone in a red ear', () => {
    expect(ids(after({ redness: 'MODERATE' }, { odour: 'FOUL' }))).toEqual([
      'kit',
      'check',
      'RIGHT WIPE',
      'dry',
    ]);
  });

  it('ends for an ear that says stop, and wholly where both do', () => {
    const one = after({ odour: 'FOUL' }, {});
    expect(one.order).toEqual(['LEFT']);
    expect(one.ears.right.method).toBeUndefined();
    expect(one.ending).toBeUndefined();

    const both = after({ odour: 'FOUL' }, { odour: 'FOUL' });
    expect(both.steps).toEqual([]);
    expect(both.ending).toEqual({ cause: 'VERDICT', now: 'Call your vet.', steps: ['Dry.'] });
  });

  it('pours nothing into an ear whose finding nobody foresaw', () => {
    const session = after({ seen: ['LUMP_BLOCKING'] }, {});
    expect(session.order).toEqual(['LEFT']);
    expect(session.ears.right.reasons[0]?.sentence).toBe('Not judged yet: pour nothing in.');
  });
});
