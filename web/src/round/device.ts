import { del, get, set } from 'idb-keyval';
import type { RoundRun, RoundSheet } from './round';

const RUN = 'evenlobe.round';
/** What the server sent for it: for twenty dogs that is more than the small store takes. */
const SHEET = 'evenlobe.round-sheet';

/** The round that was begun on this device, whoever is signed in. */
export function keptRun(): RoundRun | undefined {
  try {
    const kept = localStorage.getItem(RUN);
    return kept === null ? undefined : (JSON.parse(kept) as RoundRun);
  } catch {
    return undefined;
  }
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
