import { useSyncExternalStore } from 'react';
import { api, type Schemas } from '../../api/client';
import { answered, Problem } from '../../api/problem';
import type { CleaningRequest } from '../cleaningForm';

/** Something that was done and is still to be stored. It belongs to one person and household. */
export interface Waiting {
  id: string;
  person: string;
  household: string;
  dogId: string;
  name: string;
  what:
    | { kind: 'cleaning'; body: CleaningRequest }
    | { kind: 'practice'; body: Schemas['PracticeRequest'] };
  /** Why the server refused it, where it did. */
  refused?: string | undefined;
}

const KEY = 'evenlobe.waiting';
const listeners = new Set<() => void>();
let known: { text: string | null; list: readonly Waiting[] } = { text: null, list: [] };
/** What the device's store would not take: it waits while the page is open. */
let unstored: readonly Waiting[] | undefined;

function isWaiting(one: unknown): one is Waiting {
  return (
    typeof one === 'object' &&
    one !== null &&
    ['id', 'person', 'household', 'what'].every((name) => name in one)
  );
}

/** What is kept, as far as it can be read: what cannot never takes the app down. */
function parsed(text: string | null): readonly Waiting[] {
  try {
    const kept: unknown = text === null ? [] : JSON.parse(text);
    return Array.isArray(kept) ? kept.filter(isWaiting) : [];
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

function store(waiting: Waiting) {
  const { household, id, what, dogId } = waiting;
  const header = { 'If-None-Match': '*' };
  const stored =
    what.kind === 'cleaning'
      ? api.PUT('/api/households/{household}/cleanings/{cleaning}', {
          params: { path: { household, cleaning: id }, header },
          body: what.body,
        })
      : api.PUT('/api/households/{household}/practices/{practice}', {
          params: { path: { household, practice: id }, header },
          body: what.body,
        });
  return answered<unknown>(stored).then(() => forgetDraft(household, dogId, id));
}

/** The server's draft has done its work; one that stays is offered again and harms nothing. */
export async function forgetDraft(household: string, dog: string, session: string): Promise<void> {
  await api
    .DELETE('/api/households/{household}/dogs/{dog}/session-progress/{session}', {
      params: { path: { household, dog, session } },
    })
    .catch(() => undefined);
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
 * @returns whether anything was stored
 */
export function send(person: string): Promise<boolean> {
  sending ??= sendAll(person).finally(() => {
    sending = undefined;
  });
  return sending;
}

/** Each on its own: one that fails holds up no other. */
async function sendAll(person: string): Promise<boolean> {
  let any = false;
  for (const waiting of list().filter((one) => one.person === person && !one.refused)) {
    try {
      await store(waiting);
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
