import { describe, expect, it } from 'vitest';
import { earsToGive, keptTicks, shown, toGiveNow, waitsOf } from './board';
import type { BoardDose, DogCourse, DoseBoard, DoseStatus } from './useDoses';

const at = (time: string) => `2026-06-01T${time}:00Z`;
const now = (time: string) => Date.parse(at(time));

function dose(number: number, time: string, status: DoseStatus): BoardDose {
  const hour = Number(time.slice(0, 2));
  const clock = (hours: number) => at(`${String(hours).padStart(2, '0')}:00`);
  return {
    dose: {
      number,
      phase: 1,
      at: at(time),
      local: `2026-06-01T${time}`,
      amount: { least: 8, most: 8, unit: 'DROP' },
    },
    span: { from: clock(hour - 3), until: clock(hour + 3), missedAfter: clock(hour + 4) },
    status,
    ears: [
      { ear: 'RIGHT', status },
      { ear: 'LEFT', status: number === 9 ? 'GIVEN' : status },
    ],
    todo: { rule: 'COURSE_ON_TIME', title: '', numbers: {}, sentence: '' },
    later: {},
  } as unknown as BoardDose;
}

function course(...doses: BoardDose[]): DogCourse {
  return {
    dog: 'dog',
    name: 'Fen',
    board: {
      course: { id: 'course', ears: ['RIGHT', 'LEFT'] },
      doses,
      waiting: {
        running: [{ ear: 'RIGHT', since: at('08:00'), until: at('09:00') }],
        cleanFirst: [],
        minutes: 60,
      },
    },
  } as unknown as DogCourse;
}

const board = (...doses: BoardDose[]): DoseBoard => ({
  now: at('00:00'),
  zone: 'UTC',
  courses: [course(...doses)],
  trials: [],
  people: {},
});

describe('the dose board on a device', () => {
  it.each<[string, DoseStatus]>([
    ['04:59', 'AHEAD'],
    ['05:00', 'DUE'],
    ['11:00', 'DUE'],
    ['11:01', 'LATE'],
    ['12:01', 'MISSED'],
  ])('goes by its own clock while nobody has given it: %s', (time, status) => {
    expect(shown(board(dose(1, '08:00', 'AHEAD')), [], now(time))[0]?.status).toBe(status);
  });

  it('leaves what the server knows to be given as it is', () => {
    expect(shown(board(dose(1, '08:00', 'GIVEN')), [], now('23:00'))[0]?.status).toBe('GIVEN');
  });

  it('counts a tick that waits on this device for the nearest dose', () => {
    const kept = keptTicks([
      {
        what: { kind: 'givings', body: { courseId: 'course', at: at('17:40'), given: true } },
      },
      { what: { kind: 'looks', body: {} } },
    ] as unknown as Parameters<typeof keptTicks>[0]);
    const all = shown(
      board(dose(1, '08:00', 'MISSED'), dose(2, '18:00', 'DUE')),
      kept,
      now('17:45'),
    );

    expect(all.map(({ status }) => status)).toEqual(['MISSED', 'GIVEN']);
    expect(all[1]?.kept).toBe(true);
    expect(toGiveNow(all)).toEqual([]);
  });

  it('asks for the late before what is due', () => {
    const all = shown(board(dose(1, '08:00', 'DUE'), dose(2, '12:00', 'DUE')), [], now('11:30'));
    expect(toGiveNow(all).map(({ status }) => status)).toEqual(['LATE', 'DUE']);
  });

  it('gives to the ear that is still open', () => {
    const [one] = shown(board(dose(9, '08:00', 'DUE')), [], now('08:00'));
    expect(one && earsToGive(one)).toEqual(['RIGHT']);
  });

  it('waits until the wait is over', () => {
    expect(waitsOf(course(), now('08:59'))).toHaveLength(1);
    expect(waitsOf(course(), now('09:00'))).toHaveLength(0);
  });
});
