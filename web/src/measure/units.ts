import type { Schemas } from '../api/client';

type Settings = Schemas['SettingsRequest'];
export type WeightUnit = Settings['weightUnit'];
export type VolumeUnit = Settings['volumeUnit'];
export type Hours = Settings['hours'];

const KG_PER_LB = 0.45359237;
const ML_PER_TEASPOON = 4.929;
const QUARTERS = ['', '¼', '½', '¾'];

/** To at most so many decimals, without trailing zeros. */
function plain(number: number, decimals: number): string {
  return String(Number(number.toFixed(decimals)));
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
  return `${weightNumber(kilograms, unit)} ${weightUnitWord(unit)}`;
}

/** The kilograms of a number typed in the unit. */
export function kilograms(number: number, unit: WeightUnit): number {
  return unit === 'KG' ? number : Number((number * KG_PER_LB).toFixed(3));
}

/** "6.7 mL" or "about 1¼ tsp" */
export function volumeWords(millilitres: number, unit: VolumeUnit): string {
  if (unit === 'ML') return `${plain(millilitres, 1)} mL`;
  const quarters = Math.round((millilitres / ML_PER_TEASPOON) * 4);
  if (quarters === 0) return `${plain(millilitres, 1)} mL`;
  const whole = Math.floor(quarters / 4);
  return `about ${whole > 0 ? whole : ''}${QUARTERS[quarters % 4]} tsp`;
}

/** "25 Nov 2026, 18:30" or "25 Nov 2026, 6:30 pm" */
export function momentWords(instant: string, zone: string, hours: Hours): string {
  return new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: 'numeric',
    minute: '2-digit',
    hour12: hours === 'H12',
  }).format(new Date(instant));
}
