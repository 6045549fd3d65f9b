/** A kitchen scale that streams what lies on it. */
export interface Scale {
  /** What stands on the device, for the person who connects it. */
  name: string;
  /** Calls with each reading in grams until that is ended. */
  read: (onReading: (grams: number) => void) => () => void;
  /** What lies on it now counts as nothing. */
  tare: () => void;
  /** A stand-in only: lets something run onto it, grams a second; 0 stops. */
  pour?: (gramsPerSecond: number) => void;
}
