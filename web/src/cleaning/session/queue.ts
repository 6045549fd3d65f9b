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
  refused?: string;
}

const KEY = 'evenlobe.waiting';
const listeners = new Set<() => void>();
let known: { text: string | null; list: readonly Waiting[] } = { text: null, list: [] };

function list(): readonly Waiting[] {
  const text = localStorage.getItem(KEY);
  if (text !== known.text) {
    known = { text, list: text === null ? [] : (JSON.parse(text) as Waiting[]) };
  }
  return known.list;
}

function set(waiting: readonly Waiting[]): void {
  if (waiting.length === 0) localStorage.removeItem(KEY);
  else localStorage.setItem(KEY, JSON.stringify(waiting));
  listeners.forEach((listener) => listener());
}

/** Adds it, or replaces what waits under the same id. */
export function enqueue(waiting: Waiting): void {
  set([...list().filter((one) => one.id !== waiting.id), waiting]);
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

/** A refusal that trying again will not change. */
function isFinal(problem: unknown): problem is Problem {
  return (
    problem instanceof Problem &&
    problem.status >= 400 &&
    problem.status < 500 &&
    problem.status !== 401
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

async function sendAll(person: string): Promise<boolean> {
  let any = false;
  for (const waiting of list().filter((one) => one.person === person && !one.refused)) {
    try {
      await store(waiting);
      discard(waiting.id);
      any = true;
    } catch (problem) {
      if (!isFinal(problem)) return any;
      enqueue({ ...waiting, refused: problem.message });
    }
  }
  return any;
}
