import { useSyncExternalStore } from 'react';
import { Problem } from '../api/problem';
import { putFact, type FactBody, type FactKind, type FactPlace } from './facts';

/** A fact of any kind, as it is to be stored. */
export type What = { [K in FactKind]: { kind: K; body: FactBody<K> } }[FactKind];

/** Something that was done and is still to be stored. It belongs to one person and household. */
export interface Waiting {
  id: string;
  person: string;
  household: string;
  dogId: string;
  name: string;
  what: What;
  /** Why the server refused it, where it did. */
  refused?: string | undefined;
}

const KEY = 'evenlobe.waiting';

/** What an earlier version of the app called two kinds that may still wait on a device. */
const FORMER_KINDS: Record<string, FactKind> = { cleaning: 'cleanings', practice: 'practices' };

const renamed = (one: Waiting): Waiting => {
  const kind = FORMER_KINDS[one.what.kind];
  return kind ? { ...one, what: { ...one.what, kind } as What } : one;
};

const listeners = new Set<() => void>();
let known: { text: string | null; list: readonly Waiting[] } = { text: null, list: [] };
/** What the device's store would not take: it waits while the page is open. */
let unstored: readonly Waiting[] | undefined;

function isKept(one: unknown): one is Waiting {
  return (
    typeof one === 'object' &&
    one !== null &&
    ['id', 'person', 'household'].every((name) => name in one) &&
    'what' in one &&
    typeof one.what === 'object' &&
    one.what !== null &&
    'kind' in one.what &&
    'body' in one.what
  );
}

/** What is kept, as far as it can be read: what cannot never takes the app down. */
function parsed(text: string | null): readonly Waiting[] {
  try {
    const kept: unknown = text === null ? [] : JSON.parse(text);
    return Array.isArray(kept) ? kept.filter(isKept).map(renamed) : [];
  } catch {
    return [];
  }
}

function stored(): string | null {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}

function list(): readonly Waiting[] {
  if (unstored) return unstored;
  const text = stored();
  if (text !== known.text) known = { text, list: parsed(text) };
  return known.list;
}

function set(waiting: readonly Waiting[]): void {
  try {
    if (waiting.length === 0) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, JSON.stringify(waiting));
    unstored = undefined;
  } catch {
    unstored = waiting;
  }
  listeners.forEach((listener) => listener());
}

/** Whether something waits that the device's store would not take: it is gone with the page. */
export function useIsUnstored(): boolean {
  return useSyncExternalStore(subscribe, () => unstored !== undefined);
}

/** Adds it, or replaces what waits under the same id. */
export function enqueue(waiting: Waiting): void {
  set([...list().filter((one) => one.id !== waiting.id), waiting]);
}

/** A refused one waits again, to be sent once more. */
export function tryAgain(id: string): void {
  set(list().map((one) => (one.id === id ? { ...one, refused: undefined } : one)));
}

/** Whether something waits under that id. */
export function isWaiting(id: string): boolean {
  return list().some((one) => one.id === id);
}

export function discard(id: string): void {
  set(list().filter((one) => one.id !== id));
}

function subscribe(listener: () => void) {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

/** What waits on this device for that person. */
export function useWaiting(person: string | undefined): readonly Waiting[] {
  const all = useSyncExternalStore(subscribe, list);
  return all.filter((one) => one.person === person);
}

function store<K extends FactKind>(place: FactPlace<K>, body: FactBody<K>) {
  return putFact(place, body);
}

/** Signed out, too slow, too many: these pass. */
const PASSING = [401, 408, 425, 429];

/** A refusal that trying again will not change. */
function isFinal(problem: unknown): problem is Problem {
  return (
    problem instanceof Problem &&
    problem.status >= 400 &&
    problem.status < 500 &&
    !PASSING.includes(problem.status) &&
    !problem.isToken
  );
}

let sending: Promise<boolean> | undefined;

/**
 * Sends what waits for that person, each under its own id, so that a second try never doubles it.
 *
 * @param onStored what else is done once one is stored
 * @returns whether anything was stored
 */
export function send(
  person: string,
  onStored?: (one: Waiting) => Promise<unknown>,
): Promise<boolean> {
  sending ??= sendAll(person, onStored).finally(() => {
    sending = undefined;
  });
  return sending;
}

/** Each on its own: one that fails holds up no other. */
async function sendAll(
  person: string,
  onStored?: (one: Waiting) => Promise<unknown>,
): Promise<boolean> {
  let any = false;
  for (const waiting of list().filter((one) => one.person === person && !one.refused)) {
    try {
      const { household, id, what } = waiting;
      await store({ household, kind: what.kind, id }, what.body);
      await onStored?.(waiting);
      discard(waiting.id);
      any = true;
    } catch (problem) {
      if (isFinal(problem)) enqueue({ ...waiting, refused: problem.message });
      // without a connection, or signed out, none of the others gets through either
      else if (problem instanceof Problem && [0, 401].includes(problem.status)) return any;
    }
  }
  return any;
}
