import type { Waiting } from '../fact/queue';
import type { Side } from '../measure/side';
import type { BoardDose, DogCourse, DoseBoard, DoseStatus } from './useDoses';

/** A dose of a dog's course, as it stands on this device now. */
export interface Shown {
  course: DogCourse;
  dose: BoardDose;
  status: DoseStatus;
  /** Ticked on this device, and not at the server yet. */
  kept: boolean;
}

/** A tick that waits on this device. */
export interface KeptTick {
  courseId: string;
  at: string;
  given: boolean;
}

const time = (instant: string) => Date.parse(instant);

/** What has become of a dose by the clock, while nobody has given it: the server says when. */
function byTheClock({ span }: BoardDose, now: number): DoseStatus {
  if (now > time(span.missedAfter)) return 'MISSED';
  if (now > time(span.until)) return 'LATE';
  return now < time(span.from) ? 'AHEAD' : 'DUE';
}

const BY_THE_CLOCK: readonly DoseStatus[] = ['AHEAD', 'DUE', 'LATE', 'MISSED'];

/** The ticks of doses that wait on this device. */
export function keptTicks(waiting: readonly Waiting[]): KeptTick[] {
  return waiting.flatMap(({ what }) =>
    what.kind === 'givings'
      ? [{ courseId: what.body.courseId, at: what.body.at, given: what.body.given }]
      : [],
  );
}

/** The dose of a course to which a tick belongs: the nearest of those that are shown. */
function nearest(doses: readonly BoardDose[], at: string): BoardDose | undefined {
  const away = ({ dose }: BoardDose) => Math.abs(time(dose.at) - time(at));
  return [...doses].sort((one, other) => away(one) - away(other))[0];
}

/** Each dose of the board as it stands now, with what waits on this device, by time. */
export function shown(board: DoseBoard, kept: readonly KeptTick[], now: number): Shown[] {
  return board.courses
    .flatMap((course) => {
      const { doses } = course.board;
      const ticks = kept.filter((tick) => tick.courseId === course.board.course.id);
      return doses.map((dose): Shown => {
        const open = BY_THE_CLOCK.includes(dose.status);
        const tick = ticks.find((one) => nearest(doses, one.at) === dose);
        return {
          course,
          dose,
          kept: tick !== undefined && open,
          status: !open
            ? dose.status
            : tick
              ? tick.given
                ? 'GIVEN'
                : 'LEFT_OUT'
              : byTheClock(dose, now),
        };
      });
    })
    .sort((one, other) => time(one.dose.dose.at) - time(other.dose.dose.at));
}

/** What is to be given now, the late first. */
export function toGiveNow(all: readonly Shown[]): Shown[] {
  const now = all.filter(({ status }) => status === 'DUE' || status === 'LATE');
  return [...now].sort(
    (one, other) => Number(other.status === 'LATE') - Number(one.status === 'LATE'),
  );
}

/** The waits of a course that run still, the one that ends last first. */
export function waitsOf({ board }: DogCourse, now: number) {
  return board.waiting.running
    .filter(({ until }) => time(until) > now)
    .sort((one, other) => time(other.until) - time(one.until));
}

/** The ears of a dose that nobody has given it to; none of a tablet. */
export function earsToGive({ dose, course }: Shown): Side[] {
  const open = dose.ears.filter(({ status }) => BY_THE_CLOCK.includes(status));
  const ears = open.flatMap(({ ear }) => (ear ? [ear] : []));
  return course.board.course.ears.length === 0 ? [] : ears;
}

/** "dose 17 of 21" */
export function numberWords({ course, dose }: Shown): string {
  const { total } = course.board;
  return total === undefined ? `dose ${dose.dose.number}` : `dose ${dose.dose.number} of ${total}`;
}
