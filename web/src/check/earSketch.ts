import { gradeNumber, type DischargeKind, type Grade } from './signs';

/** The signs that a sketch shows. */
export interface SketchedSigns {
  redness: Grade;
  swelling: Grade;
  sores: Grade;
  discharge: Grade;
  dischargeKind: DischargeKind;
}

export interface Spot {
  x: number;
  y: number;
  rx: number;
  ry: number;
}

/** What is drawn, within 48 by 48: the skin around the opening of a canal. */
export interface EarSketchShapes {
  skin: string;
  vessels: readonly string[];
  opening: { rx: number; ry: number };
  folds: readonly { rx: number; ry: number }[];
  sores: readonly Spot[];
  discharge: readonly Spot[];
  specks: readonly Spot[];
  dischargeColour: string;
}

/** The grade shows in the number of vessels too, for whoever does not tell the colours apart. */
const SKINS = ['#F6E4D8', '#F3BFAE', '#E58D7B', '#C4483F'] as const;
const VESSEL_COUNTS = [0, 2, 5, 9] as const;
const VESSELS = [
  'M4 8 q5 2 8 7',
  'M44 9 q-5 2 -8 8',
  'M5 40 q5 -3 8 -8',
  'M43 40 q-5 -2 -8 -8',
  'M24 2 q2 4 0 8',
  'M3 24 q5 -2 8 1',
  'M45 25 q-5 -2 -8 1',
  'M14 3 q1 5 5 9',
  'M35 3 q-2 5 -6 9',
] as const;

const OPENINGS = [
  { rx: 10, ry: 13 },
  { rx: 7.4, ry: 11 },
  { rx: 4.6, ry: 8.6 },
  { rx: 1.5, ry: 5.5 },
] as const;

const SORE_COUNTS = [0, 2, 5, 9] as const;
const SORES: readonly Spot[] = [
  { x: 9, y: 14, rx: 3, ry: 2.3 },
  { x: 39, y: 33, rx: 3.2, ry: 2.4 },
  { x: 38, y: 13, rx: 2.8, ry: 3.2 },
  { x: 10, y: 35, rx: 3.6, ry: 2.6 },
  { x: 24, y: 6, rx: 3.2, ry: 2.2 },
  { x: 6, y: 24, rx: 2.8, ry: 3.6 },
  { x: 42, y: 23, rx: 2.6, ry: 3.8 },
  { x: 17, y: 42, rx: 4, ry: 2.6 },
  { x: 32, y: 43, rx: 4.2, ry: 2.6 },
];

/** From a smear at the bottom of the opening to what runs out of it. */
const DISCHARGES: readonly (readonly Spot[])[] = [
  [],
  [{ x: 24, y: 34, rx: 4.5, ry: 2.6 }],
  [
    { x: 24, y: 32, rx: 8, ry: 5.5 },
    { x: 17, y: 38, rx: 3.4, ry: 2.6 },
    { x: 31, y: 37, rx: 3, ry: 2.4 },
  ],
  [
    { x: 24, y: 27, rx: 10.5, ry: 12 },
    { x: 15, y: 37, rx: 5.5, ry: 4.5 },
    { x: 33, y: 36, rx: 5.5, ry: 4.5 },
    { x: 24, y: 42, rx: 7.5, ry: 4.5 },
  ],
];

const SPECK_COUNTS = [0, 6, 13, 24] as const;
const SPECK_STEP = 137.5;

export const DISCHARGE_COLOURS: Record<DischargeKind, string> = {
  NONE: 'none',
  TAN_WAX: '#D8AE6C',
  BROWN: '#85521F',
  BLACK: '#262120',
  WATERY: '#A9CFE2',
  COFFEE_GROUNDS: '#3A271C',
  YELLOW: '#E6C61A',
  GREEN: '#7C9A2C',
  BLOODY: '#9C1B16',
};

/** Specks strewn evenly over the lower half, always the same ones. */
function specks(count: number): Spot[] {
  return Array.from({ length: count }, (_, i) => {
    const angle = (i * SPECK_STEP * Math.PI) / 180;
    const reach = 3 + 12 * Math.sqrt((i + 1) / 24);
    return {
      x: 24 + reach * Math.cos(angle),
      y: 31 + 0.8 * reach * Math.sin(angle),
      rx: 1.3,
      ry: 1.1,
    };
  });
}

/** What a sketch of these signs is made of. The same signs give the same sketch. */
export function earSketch(signs: SketchedSigns): EarSketchShapes {
  const swelling = gradeNumber(signs.swelling);
  const discharge = gradeNumber(signs.discharge);
  const opening = OPENINGS[swelling] ?? OPENINGS[0];
  const inSpecks = signs.dischargeKind === 'COFFEE_GROUNDS';
  return {
    skin: SKINS[gradeNumber(signs.redness)] ?? SKINS[0],
    vessels: VESSELS.slice(0, VESSEL_COUNTS[gradeNumber(signs.redness)]),
    opening,
    folds: Array.from({ length: swelling }, (_, i) => ({
      rx: opening.rx + 3 + i * 3.2,
      ry: opening.ry + 2.4 + i * 2.6,
    })),
    sores: SORES.slice(0, SORE_COUNTS[gradeNumber(signs.sores)]),
    discharge: inSpecks ? [] : (DISCHARGES[discharge] ?? []),
    specks: inSpecks ? specks(SPECK_COUNTS[discharge] ?? 0) : [],
    dischargeColour: DISCHARGE_COLOURS[signs.dischargeKind],
  };
}
