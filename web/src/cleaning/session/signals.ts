import { useEffect } from 'react';
import type { Sound } from './device';

const TONE_HERTZ = 660;
const TONE_SECONDS = 0.5;
const SOFTLY = 0.25;

let audio: AudioContext | undefined;

/** To be called in a tap: browsers allow no sound before one. */
export function wakeSound(): void {
  if (typeof AudioContext === 'undefined') return;
  audio ??= new AudioContext();
  void audio.resume();
}

/** A short tone, made on the device; in quiet mode the device shakes instead, where it can. */
export function tone({ quiet }: Sound): void {
  if (quiet) {
    // not every browser has it, whatever the types say
    (navigator as Partial<Navigator>).vibrate?.(300);
    return;
  }
  if (!audio) return;
  const oscillator = audio.createOscillator();
  const gain = audio.createGain();
  const now = audio.currentTime;
  oscillator.frequency.value = TONE_HERTZ;
  gain.gain.setValueAtTime(SOFTLY, now);
  gain.gain.exponentialRampToValueAtTime(0.001, now + TONE_SECONDS);
  oscillator.connect(gain).connect(audio.destination);
  oscillator.start(now);
  oscillator.stop(now + TONE_SECONDS);
}

const SQUELCHES = 3;
const SQUELCH_SECONDS = 0.22;

/**
 * What a massage sounds like, made on the device: wet, a low tone that jumps up under a moving
 * filter, three times; not yet, only the dull rub of fingers on hair.
 */
export function squelch(wet: boolean): void {
  wakeSound();
  if (!audio) return;
  for (let time = 0; time < SQUELCHES; time++) {
    const at = audio.currentTime + time * 2 * SQUELCH_SECONDS;
    const until = at + SQUELCH_SECONDS;
    const oscillator = audio.createOscillator();
    const filter = audio.createBiquadFilter();
    const gain = audio.createGain();
    oscillator.type = 'sawtooth';
    oscillator.frequency.setValueAtTime(wet ? 70 : 45, at);
    oscillator.frequency.exponentialRampToValueAtTime(wet ? 260 : 50, until);
    filter.type = wet ? 'bandpass' : 'lowpass';
    filter.Q.value = wet ? 9 : 1;
    filter.frequency.setValueAtTime(wet ? 300 : 120, at);
    filter.frequency.exponentialRampToValueAtTime(wet ? 1400 : 90, until);
    gain.gain.setValueAtTime(0.001, at);
    gain.gain.exponentialRampToValueAtTime(SOFTLY, at + 0.05);
    gain.gain.exponentialRampToValueAtTime(0.001, until);
    oscillator.connect(filter).connect(gain).connect(audio.destination);
    oscillator.start(at);
    oscillator.stop(until);
  }
}

/** Says a line with a voice of the device's own; one that needs a network stays silent. */
export function speak(line: string, { voice }: Sound): void {
  if (!voice || typeof speechSynthesis === 'undefined') return;
  const local = speechSynthesis
    .getVoices()
    .find((one) => one.localService && one.lang.startsWith('en'));
  if (!local) return;
  speechSynthesis.cancel();
  const utterance = new SpeechSynthesisUtterance(line);
  utterance.voice = local;
  speechSynthesis.speak(utterance);
}

/** Keeps the screen awake while something is shown; without a secure connection browsers refuse. */
export function useScreenAwake(): void {
  useEffect(() => {
    const wakeLock = (navigator as Partial<Navigator>).wakeLock;
    if (!wakeLock) return;
    let held: WakeLockSentinel | undefined;
    let over = false;
    async function hold() {
      if (document.visibilityState !== 'visible') return;
      try {
        const lock = await wakeLock?.request('screen');
        if (over) void lock?.release();
        else held = lock;
      } catch {
        // refused: a low battery, say
      }
    }
    const again = () => void hold();
    void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', again);
      void held?.release();
    };
  }, []);
}
