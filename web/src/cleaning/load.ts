/** The five grades of what a cleaning brings out. */
export const LOADS = [
  { grade: 0, word: 'clean', sentence: 'The wipe came away clean.' },
  { grade: 1, word: 'trace', sentence: 'A faint shadow on the wipe.' },
  { grade: 2, word: 'light', sentence: 'A patch of tan or brown.' },
  { grade: 3, word: 'moderate', sentence: 'Several dirty patches.' },
  { grade: 4, word: 'heavy', sentence: 'Wipe after wipe full.' },
] as const;

export type Grade = (typeof LOADS)[number]['grade'];

export const HEAVIEST = 4;

export function loadWord(grade: number): string {
  return LOADS.find((load) => load.grade === grade)?.word ?? '';
}

export const METHODS = [
  { value: 'FILL', label: 'Fill', sentence: 'filled to the line, massaged, shaken out' },
  { value: 'SOAKED_PAD', label: 'Soaked pad', sentence: 'squeezed out at the opening' },
  { value: 'SYRINGE', label: 'Syringe', sentence: 'a measured volume, never sealed in' },
  { value: 'WIPE', label: 'Wipe only', sentence: 'what you can see, no liquid in' },
] as const;

export type Method = (typeof METHODS)[number]['value'];

export function methodWord(method: Method): string {
  return METHODS.find((m) => m.value === method)?.label.toLowerCase() ?? '';
}
