import type { Schemas } from '../api/client';
import { dates } from './locale';

type Settings = Schemas['SettingsRequest'];
export type WeightUnit = Settings['weightUnit'];
export type VolumeUnit = Settings['volumeUnit'];
export type Hours = Settings['hours'];

const KG_PER_LB = 0.45359237;
/** In what a volume is typed, and how many millilitres one is. */
const MILLILITRES = { mL: 1, tsp: 4.929, 'fl oz': 29.574 };
export type TypedVolume = keyof typeof MILLILITRES;
export type BottleUnit = 'mL' | 'fl oz';
/** More than so many spoons nobody counts. */
const MOST_SPOONS = 12;
const QUARTERS = ['', '¼', '½', '¾'];

/** As it stands in a field: to at most so many decimals, without trailing zeros. */
function plain(number: number, decimals: number): string {
  return String(Number(number.toFixed(decimals)));
}

/** The same as it is read, in the browser's way of writing numbers. */
function read(number: number, decimals: number): string {
  return new Intl.NumberFormat('en', { maximumFractionDigits: decimals }).format(number);
}

export function weightUnitWord(unit: WeightUnit): string {
  return unit === 'KG' ? 'kg' : 'lb';
}

/** A weight of so many kilograms in the unit, as it stands in a field. */
export function weightNumber(kilograms: number, unit: WeightUnit): string {
  return plain(unit === 'KG' ? kilograms : kilograms / KG_PER_LB, 1);
}

/** "12.5 kg" or "27.6 lb" */
export function weightWords(kilograms: number, unit: WeightUnit): string {
  return `${read(unit === 'KG' ? kilograms : kilograms / KG_PER_LB, 1)} ${weightUnitWord(unit)}`;
}

/** The kilograms of a number typed in the unit. */
export function kilograms(number: number, unit: WeightUnit): number {
  return unit === 'KG' ? number : Number((number * KG_PER_LB).toFixed(3));
}

/** In what the little is typed that goes into an ear. */
export function earUnit(unit: VolumeUnit): TypedVolume {
  return unit === 'ML' ? 'mL' : 'tsp';
}

/** In what a bottle's content is typed. */
export function bottleUnit(unit: VolumeUnit): BottleUnit {
  return unit === 'FL_OZ' ? 'fl oz' : 'mL';
}

/** A volume as it stands in a field. */
export function volumeNumber(millilitres: number, unit: TypedVolume): string {
  return plain(millilitres / MILLILITRES[unit], unit === 'mL' ? 3 : 2);
}

/**
 * The millilitres of a number typed in the unit.
 *
 * @param said what was said before: it stays to the last digit where the field still says it
 */
export function millilitres(number: number, unit: TypedVolume, said?: number): number {
  return said !== undefined && Number(volumeNumber(said, unit)) === number
    ? said
    : Number((number * MILLILITRES[unit]).toFixed(3));
}

/** "250 mL" or "8.5 fl oz": what is in a bottle. */
export function bottleWords(millilitres: number, unit: VolumeUnit): string {
  const typed = bottleUnit(unit);
  return `${read(millilitres / MILLILITRES[typed], 1)} ${typed}`;
}

/** "6.7 mL", "about 1¼ tsp" or "8.5 fl oz" */
export function volumeWords(millilitres: number, unit: VolumeUnit): string {
  const spoons = millilitres / MILLILITRES.tsp;
  if (unit === 'FL_OZ' && millilitres >= MILLILITRES['fl oz']) {
    return bottleWords(millilitres, unit);
  }
  const quarters = unit === 'ML' || spoons > MOST_SPOONS ? 0 : Math.round(spoons * 4);
  if (quarters === 0) return `${read(millilitres, 1)} mL`;
  const whole = Math.floor(quarters / 4);
  return `about ${whole > 0 ? whole : ''}${QUARTERS[quarters % 4]} tsp`;
}

/** "about 6.7 mL" or "about 1¼ tsp": what is estimated. */
export function aboutVolume(millilitres: number, unit: VolumeUnit): string {
  const words = volumeWords(millilitres, unit);
  return words.startsWith('about ') ? words : `about ${words}`;
}

/** "about 1¼ to 1¾ tsp" or "6.2 to 8.6 mL"; one of them where both are read alike. */
export function volumeRange(low: number, high: number, unit: VolumeUnit): string {
  return between(volumeWords(low, unit), 'to', volumeWords(high, unit));
}

/** Two measures as one phrase, the unit said once where it is the same. */
function between(low: string, joint: string, high: string): string {
  if (low === high) return low;
  const [, number, unit] = /^(.*) (mL|tsp|fl oz|kg|lb|°[CF])$/.exec(low) ?? [];
  return number !== undefined && unit !== undefined && high.endsWith(` ${unit}`)
    ? `${number} ${joint} ${high.replace('about ', '')}`
    : `${low} ${joint} ${high}`;
}

/** "25 Nov 2026, 18:30" or "25 Nov 2026, 6:30 pm" */
export function momentWords(instant: string, zone: string, hours: Hours): string {
  return dates({
    timeZone: zone,
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: 'numeric',
    minute: '2-digit',
    hour12: hours === 'H12',
  }).format(new Date(instant));
}
