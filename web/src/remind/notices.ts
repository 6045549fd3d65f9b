import type { Shown } from '../course/board';

const KEY = 'evenlobe.notices';

/** Whether this device shows a notice when a dose is due. */
export function areNoticesOn(): boolean {
  return (
    typeof Notification !== 'undefined' &&
    Notification.permission === 'granted' &&
    localStorage.getItem(KEY) === 'on'
  );
}

/** Turns them on or off; the browser asks the person first. */
export async function turnNotices(on: boolean): Promise<boolean> {
  if (on && (await Notification.requestPermission()) === 'granted') {
    localStorage.setItem(KEY, 'on');
    return true;
  }
  localStorage.removeItem(KEY);
  return false;
}

const DAY_KEY = 'evenlobe.notices.day';

/** Whether the notice of that day was not shown on this device yet; from now on it was. */
export function isFirstOf(day: string, store: Pick<Storage, 'getItem' | 'setItem'>): boolean {
  if (store.getItem(DAY_KEY) === day) return false;
  store.setItem(DAY_KEY, day);
  return true;
}

const keyOf = ({ course, dose }: Shown) => `${course.board.course.id} ${dose.dose.number}`;

/** Those that are due now and were not told yet; which ones have been told is changed by it. */
export function untold(due: readonly Shown[], told: Set<string>): Shown[] {
  const fresh = due.filter((one) => !told.has(keyOf(one)));
  fresh.forEach((one) => told.add(keyOf(one)));
  return fresh;
}
