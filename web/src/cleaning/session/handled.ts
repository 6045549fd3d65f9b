import type { Handled } from './progress';

/** How a dog takes a cleaning or a practice. */
export const HANDLED: readonly { value: Handled; label: string; sentence: string }[] = [
  { value: 'CALM', label: 'calm', sentence: 'calm all along' },
  { value: 'UNEASY', label: 'uneasy', sentence: 'uneasy, but it stayed' },
  { value: 'STRUGGLED', label: 'struggled', sentence: 'it struggled' },
  { value: 'HAD_TO_STOP', label: 'had to stop', sentence: 'you had to stop' },
];
