import type { Schemas } from '../api/client';

export type Handled = NonNullable<Schemas['CleaningRequest']['handled']>;

/** How a dog takes a cleaning or a practice. */
export const HANDLED: readonly { value: Handled; label: string; sentence: string }[] = [
  { value: 'CALM', label: 'calm', sentence: 'calm all along' },
  { value: 'UNEASY', label: 'uneasy', sentence: 'uneasy, but it stayed' },
  { value: 'AS_ALWAYS', label: 'as it always is', sentence: 'as it always is' },
  { value: 'STRUGGLED', label: 'struggled', sentence: 'it struggled' },
  { value: 'HAD_TO_STOP', label: 'had to stop', sentence: 'you had to stop' },
];

/** How a dog took it, in words; nothing where that was not said. */
export function handledWords(handled: Handled | undefined): string | undefined {
  return HANDLED.find((one) => one.value === handled)?.label;
}
