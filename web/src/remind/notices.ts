import { useSyncExternalStore } from 'react';
import type { Shown } from '../course/board';

const KEY = 'evenlobe.notices';
const DAY_KEY = 'evenlobe.notices.day';

const listeners = new Set<() => void>();

function stored(): boolean {
  try {
    return localStorage.getItem(KEY) === 'on';
  } catch {
    // a browser that keeps nothing shows none
    return false;
  }
}

function areOn(): boolean {
  return typeof Notification !== 'undefined' && Notification.permission === 'granted' && stored();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Whether this device shows a notice when something is due. */
export function useNoticesOn(): boolean {
  return useSyncExternalStore(subscribe, areOn);
}

/** Turns them on or off; the browser asks the person first. */
export async function turnNotices(on: boolean): Promise<void> {
  const granted = on && (await Notification.requestPermission()) === 'granted';
  try {
    if (granted) localStorage.setItem(KEY, 'on');
    else localStorage.removeItem(KEY);
  } finally {
    listeners.forEach((listener) => listener());
  }
}

/** Shows one: by the app's worker, without which phones show none, else by the page itself. */
export async function showNotice(title: string, body: string, tag: string): Promise<void> {
  const worker = await navigator.serviceWorker?.getRegistration();
  if (worker) await worker.showNotification(title, { body, tag });
  else new Notification(title, { body, tag });
}

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
