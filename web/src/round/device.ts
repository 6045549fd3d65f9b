import { del, get, set } from 'idb-keyval';
import { dayIn } from '../measure/days';
import type { RoundRun, RoundSheet } from './round';

const RUN = 'evenlobe.round';
/** What the server sent for it: for twenty dogs that is more than the small store takes. */
const SHEET = 'evenlobe.round-sheet';

/** What is kept has been written by this app, or by an earlier one, or by nobody knows whom. */
function isRun(kept: unknown): kept is RoundRun {
  return (
    typeof kept === 'object' &&
    kept !== null &&
    ['id', 'person', 'household', 'day', 'order', 'dogs'].every((name) => name in kept) &&
    Array.isArray((kept as RoundRun).order)
  );
}

/** The round that was begun on this device, whoever is signed in. */
export function keptRun(): RoundRun | undefined {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(RUN) ?? 'null');
    return isRun(kept) ? kept : undefined;
  } catch {
    return undefined;
  }
}

/** The round that was begun here by this person in this household. */
export function ownRun(household: string, person: string | undefined): RoundRun | undefined {
  const run = keptRun();
  const own = run?.household.id === household && (person === undefined || run.person === person);
  return own ? run : undefined;
}

/** Whether a round of that day may be gone on with. */
export function isOfToday(run: RoundRun, zone: string, now: Date): boolean {
  return run.day === dayIn(zone, now);
}

export function keepRun(run: RoundRun): void {
  try {
    localStorage.setItem(RUN, JSON.stringify(run));
  } catch {
    // a full or forbidden store only costs the going on
  }
}

/** The sessions of the dogs of that round. */
export async function keptSheet(run: RoundRun): Promise<RoundSheet | undefined> {
  try {
    const kept = await get<{ id: string; sheet: RoundSheet }>(SHEET);
    return kept?.id === run.id ? kept.sheet : undefined;
  } catch {
    return undefined;
  }
}

export async function keepSheet(run: RoundRun, sheet: RoundSheet): Promise<void> {
  await set(SHEET, { id: run.id, sheet }).catch(() => undefined);
}

export function forgetRound(): void {
  localStorage.removeItem(RUN);
  void del(SHEET).catch(() => undefined);
}
