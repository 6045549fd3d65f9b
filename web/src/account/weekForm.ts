import type { Weekday } from '../measure/weekdays';
import type { Settings } from '../household/useMe';

const USUAL_PER_DAY = 2;
const USUAL_GROOMING = '14';

export type Hands = NonNullable<NonNullable<Settings['capacity']>['counts']>[number];

/** What the form of the week holds: text where something is typed. */
export interface WeekForm {
  alwaysAfterWater: boolean;
  cleanAfterOutings: boolean;
  practiseOn: boolean;
  grooms: boolean;
  groomingFrom: string;
  groomingEveryDays: string;
  limits: boolean;
  byWeekday: string[];
  helperDays: Weekday[];
  daysOff: string;
  counts: Hands[];
  latitude: string;
}

export function weekForm(settings: Settings): WeekForm {
  const { grooming, capacity } = settings;
  const fits = capacity?.byWeekday ?? Array.from({ length: 7 }, () => USUAL_PER_DAY);
  return {
    alwaysAfterWater: settings.alwaysAfterWater ?? false,
    cleanAfterOutings: settings.cleanAfterOutings ?? false,
    practiseOn: settings.practiseOn ?? false,
    grooms: grooming !== undefined,
    groomingFrom: grooming?.from ?? '',
    groomingEveryDays: grooming?.everyDays.toString() ?? USUAL_GROOMING,
    limits: capacity !== undefined,
    byWeekday: fits.map(String),
    helperDays: capacity?.helperDays ?? [],
    daysOff: [...(capacity?.daysOff ?? [])].sort().join(', '),
    counts: capacity?.counts ?? [],
    latitude: settings.latitude?.toString() ?? '',
  };
}

/** The settings with what the form says; the server says what is wrong with it. */
export function weekSettings(settings: Settings, form: WeekForm): Settings {
  const rest: Settings = { ...settings };
  delete rest.grooming;
  delete rest.capacity;
  delete rest.latitude;
  return {
    ...rest,
    alwaysAfterWater: form.alwaysAfterWater,
    cleanAfterOutings: form.cleanAfterOutings,
    practiseOn: form.practiseOn,
    ...(form.grooms && {
      grooming: { from: form.groomingFrom, everyDays: Number(form.groomingEveryDays) },
    }),
    ...(form.limits && {
      capacity: {
        byWeekday: form.byWeekday.map(Number),
        helperDays: form.helperDays,
        daysOff: form.daysOff
          .split(',')
          .map((day) => day.trim())
          .filter((day) => day !== ''),
        counts: form.counts,
      },
    }),
    ...(form.latitude !== '' && { latitude: Number(form.latitude) }),
  };
}
