import { describe, expect, it } from 'vitest';
import { weekForm, weekSettings } from './weekForm';
import type { Settings } from '../household/useMe';

const SETTINGS: Settings = {
  name: 'Saltings',
  zone: 'Europe/Berlin',
  volumeUnit: 'ML',
  weightUnit: 'KG',
  hours: 'H24',
  facing: 'FRONT',
  method: 'FILL',
  swabs: 'NEVER',
  wipes: 'GAUZE',
  hair: 'LEAVE',
  medicineWait: 'AN_HOUR',
  scheduling: 'LEARNED',
  fixedDays: 14,
  alwaysAfterWater: true,
  cleanAfterOutings: true,
  practiseOn: false,
  grooming: { from: '2026-11-28', everyDays: 14 },
  latitude: -41,
  capacity: {
    byWeekday: [2, 2, 2, 2, 2, 0, 0],
    helperDays: ['THURSDAY'],
    daysOff: ['2026-12-24', '2026-12-25'],
    counts: ['CHECKS'],
  },
};

describe('the form of the week', () => {
  it('says again what it was filled with', () => {
    expect(weekSettings(SETTINGS, weekForm(SETTINGS))).toEqual(SETTINGS);
  });

  it('leaves out what is switched off', () => {
    const form = { ...weekForm(SETTINGS), grooms: false, limits: false, latitude: '' };
    const said = weekSettings(SETTINGS, form);
    expect(Object.keys(said)).not.toContain('grooming');
    expect(Object.keys(said)).not.toContain('capacity');
    expect(Object.keys(said)).not.toContain('latitude');
    expect(said.alwaysAfterWater).toBe(true);
  });
});
