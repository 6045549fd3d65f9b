import { useSyncExternalStore } from 'react';
import type { Household } from './useMe';

const KEY = 'evenlobe.household';
const listeners = new Set<() => void>();

function subscribe(listener: () => void) {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

/** Keeps on this device which household the person works in. */
export function chooseHousehold(id: string): void {
  localStorage.setItem(KEY, id);
  listeners.forEach((listener) => listener());
}

/** The chosen one of a person's households, or the first. */
export function useChosenHousehold(households: readonly Household[]): Household | undefined {
  const chosen = useSyncExternalStore(subscribe, () => localStorage.getItem(KEY));
  return households.find((household) => household.id === chosen) ?? households[0];
}
