import type { CheckRequest } from '../../check/checkForm';
import type { Household } from '../../household/useMe';
import type { GuidedSession, Progress } from './progress';

/** A session that runs on this device, with all it needs to go on without a connection. */
export interface DeviceSession {
  person: string;
  household: Household;
  guided: GuidedSession;
  progress: Progress;
  paused: boolean;
}

const RUNNING = 'evenlobe.session.';
/** How far it got, apart from it: that is written every second, and the rest is large. */
const REACHED = 'evenlobe.reached.';
const SOUND = 'evenlobe.session-sound';
const HELPER = 'evenlobe.session-helper.';

/** What a session may do by itself. */
export interface Sound {
  quiet: boolean;
  voice: boolean;
  /** Whether it goes on to the next step when the time is up, so that no hand is needed. */
  goesOn: boolean;
}

function read<T>(key: string): T | undefined {
  try {
    const kept = localStorage.getItem(key);
    return kept === null ? undefined : (JSON.parse(kept) as T);
  } catch {
    return undefined;
  }
}

function write(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // a full or forbidden store only costs the resuming
  }
}

/** The session with that dog that was begun on this device, whoever is signed in. */
export function keptSession(dog: string): DeviceSession | undefined {
  const begun = read<DeviceSession>(RUNNING + dog);
  const reached = read<Reached>(REACHED + dog);
  return begun && reached?.progress.id === begun.progress.id ? { ...begun, ...reached } : begun;
}

type Reached = Pick<DeviceSession, 'progress' | 'paused'>;

/** Which session has been written whole. */
let whole: GuidedSession | undefined;

/** How far the session with that dog has got. */
export function keptProgress(dog: string): Progress | undefined {
  return keptSession(dog)?.progress;
}

export function keepSession(session: DeviceSession): void {
  const { guided, progress, paused } = session;
  if (whole !== guided) {
    write(RUNNING + guided.dogId, session);
    whole = guided;
  }
  write(REACHED + guided.dogId, { progress, paused });
}

export function forgetSession(dog: string): void {
  localStorage.removeItem(RUNNING + dog);
  localStorage.removeItem(REACHED + dog);
  whole = undefined;
}

/** What has become of a session, for the round that led to it. */
export interface SessionEnd {
  id: string;
  check?: CheckRequest;
  over: boolean;
}

const ENDED = 'evenlobe.session-end.';

export function keepEnd(dog: string, end: SessionEnd): void {
  write(ENDED + dog, end);
}

/** What has become of the last session with that dog. */
export function keptEnd(dog: string): SessionEnd | undefined {
  return read<SessionEnd>(ENDED + dog);
}

/** Tone and voice as they were last set on this device; in quiet mode the voice is off. */
export function keptSound(): Sound {
  return { quiet: false, voice: true, goesOn: false, ...read<Partial<Sound>>(SOUND) };
}

/** Whether somebody helped with that dog last time. */
export function keptHelper(dog: string): boolean | undefined {
  return read<boolean>(HELPER + dog);
}

export function keepHelper(dog: string, helper: boolean): void {
  write(HELPER + dog, helper);
}

export function keepSound(sound: Sound): void {
  write(SOUND, sound);
}
