import type { Schemas } from '../api/client';

export type Weekday = Schemas['ExpectedExposure']['weekdays'][number];

/** The days of the week, Monday first. */
export const WEEKDAYS: readonly { value: Weekday; label: string; long: string }[] = [
  { value: 'MONDAY', label: 'Mon', long: 'Monday' },
  { value: 'TUESDAY', label: 'Tue', long: 'Tuesday' },
  { value: 'WEDNESDAY', label: 'Wed', long: 'Wednesday' },
  { value: 'THURSDAY', label: 'Thu', long: 'Thursday' },
  { value: 'FRIDAY', label: 'Fri', long: 'Friday' },
  { value: 'SATURDAY', label: 'Sat', long: 'Saturday' },
  { value: 'SUNDAY', label: 'Sun', long: 'Sunday' },
];
