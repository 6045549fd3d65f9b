import type { Schemas } from '../api/client';

export type DayOrder = NonNullable<Schemas['SettingsRequest']['dayOrder']>;

let locale: 'en-GB' | 'en-US' = 'en-GB';

/** From now on dates are read in that order, in English as all sentences are. */
export function readDates(order: DayOrder | undefined): void {
  locale = order === 'MONTH_FIRST' ? 'en-US' : 'en-GB';
}

const formats = new Map<string, Intl.DateTimeFormat>();

/** Writes dates in the order that the household reads them; made once for each. */
export function dates(style: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = locale + JSON.stringify(style);
  const made = formats.get(key) ?? new Intl.DateTimeFormat(locale, style);
  formats.set(key, made);
  return made;
}

/** Where a browser says that its person lives, as two letters; nothing where it does not say. */
export function region(language: string): string | undefined {
  const said = new Intl.Locale(language).region;
  return said?.length === 2 ? said : undefined;
}
