import CheckIcon from '@mui/icons-material/VisibilityOutlined';
import DropIcon from '@mui/icons-material/WaterDropOutlined';
import DietIcon from '@mui/icons-material/RestaurantOutlined';
import TalkIcon from '@mui/icons-material/ForumOutlined';
import SeedIcon from '@mui/icons-material/GrassOutlined';
import HairIcon from '@mui/icons-material/ContentCutOutlined';
import PracticeIcon from '@mui/icons-material/PetsOutlined';
import AskIcon from '@mui/icons-material/HelpOutlined';
import VetIcon from '@mui/icons-material/LocalHospitalOutlined';
import WaterIcon from '@mui/icons-material/WavesOutlined';
import type { ElementType, ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { earsName, type Side } from '../measure/side';

type ItemMark = Schemas['ItemMark'];
export type Kind = ItemMark['kind'];

/** What its button does: it goes on to a page, says a fact at once, or asks first. */
export type Done =
  | { by: 'page'; to: (dogId: string, item: ItemMark) => string }
  | { by: 'fact'; said: 'dryings' | 'seed-looks' }
  | { by: 'hair' | 'talk' | 'look' | 'answer' };

/** All that the screens know of one kind of planned item. */
export interface PlanKind {
  icon: ElementType;
  /** In a word, as headings and captions say it. */
  word: string;
  /** In a list: "clean right ear". */
  words: (item: ItemMark) => string;
  /** What a card asks for, and the same while its best day is still to come. */
  now: string;
  early: string;
  /** Whether a card names the ears. */
  ofEars: boolean;
  button: string;
  /** What the button does, for whoever only hears it. */
  label: (name: string) => string;
  done: Done;
  /** Counted together in a line: "2 to check". */
  toDo: string;
  /** Above its reasons. */
  why: string;
  /** What its reasons are called on a card, and for whoever only hears it. */
  whyLink: { text: string; label: (name: string) => string };
  /** Drawn in the middle of a cell of 30 by 30. */
  mark: (item: ItemMark) => ReactNode;
  /** Where it stands in a cell, so that two things of one day do not cover each other. */
  cell: 'start' | 'center' | 'end';
  /** On the middle line of a ribbon, on the lanes of its ears, or not at all. */
  ribbon: 'toCheck' | 'toVisit' | 'toDry' | 'ears' | 'none';
  /** Whether the month shows it unless told otherwise. */
  isUsual: boolean;
  /** Whether a row of the next 60 days shows it. */
  isLong: boolean;
  /** Whether the page of a dog tells when the next one comes. */
  isNext: boolean;
  /** Whether Today tells of it before it can be done. */
  isTold: boolean;
}

export const DROP =
  'M0 -14 C0.6 -10.5 5 -7.5 5 -3.5 A5 5 0 0 1 -5 -3.5 C-5 -7.5 -0.6 -10.5 0 -14 Z';
export const CROSS = 'M-2.5 -7 H2.5 V-2.5 H7 V2.5 H2.5 V7 H-2.5 V2.5 H-7 V-2.5 H-2.5 Z';
const SEED = 'M0 -8 C5 -3 5 4 0 8 C-5 4 -5 -3 0 -8 Z';
const WAVE = 'M-9 2 q2.25 -6 4.5 0 t4.5 0 t4.5 0 t4.5 0';
const PLANNED = 'var(--mui-palette-mark-planned)';
const PAPER = 'var(--mui-palette-background-paper)';

const ring = <circle r="5" fill={PAPER} stroke={PLANNED} strokeWidth="2" />;

/** Up for the right ear, down for the left; beside each other where both are done. */
export function dropAt(side: Side, ears: number): string {
  const aside = ears < 2 ? 0 : side === 'RIGHT' ? -6 : 6;
  return `translate(${aside} 0) scale(1 ${side === 'RIGHT' ? 1 : -1}) translate(0 -0.5)`;
}

const whyThisDay = (now: string) => ({
  text: 'Why',
  label: (name: string) => `Why this day for ${name}: ${now}`,
});

/** Every kind, what presses most first. The compiler asks for each line of it. */
export const KINDS: Record<Kind, PlanKind> = {
  VISIT: {
    icon: VetIcon,
    word: 'Vet',
    words: () => 'vet',
    now: 'Vet',
    early: 'Vet',
    ofEars: true,
    button: 'Record visit',
    label: (name) => `Record a visit of ${name}`,
    done: { by: 'page', to: (dogId) => `/dogs/${dogId}/visit` },
    toDo: 'for the vet',
    why: 'Why the vet',
    whyLink: { text: 'What to say', label: (name) => `What to tell the vet about ${name}` },
    mark: () => (
      <path d={CROSS} fill={PAPER} stroke="var(--mui-palette-mark-course)" strokeWidth="2" />
    ),
    cell: 'end',
    ribbon: 'toVisit',
    isUsual: true,
    isLong: true,
    isNext: true,
    isTold: true,
  },
  ASK: {
    icon: AskIcon,
    word: 'Question',
    words: () => 'answer what is open',
    now: 'One question',
    early: 'One question',
    ofEars: false,
    button: 'Answer',
    label: (name) => `Answer for ${name}`,
    done: { by: 'answer' },
    toDo: 'to answer',
    why: 'Why this is asked',
    whyLink: { text: 'Why', label: (name) => `Why this is asked of ${name}` },
    mark: () => (
      <circle r="5" fill={PAPER} stroke={PLANNED} strokeWidth="2" strokeDasharray="3 2" />
    ),
    cell: 'end',
    ribbon: 'none',
    isUsual: true,
    isLong: false,
    isNext: false,
    isTold: false,
  },
  DRY: {
    icon: WaterIcon,
    word: 'Dry',
    words: () => 'dry after water',
    now: 'Dry after water',
    early: 'Dry after water',
    ofEars: false,
    button: 'Dried',
    label: (name) => `Dried: ${name}`,
    done: { by: 'fact', said: 'dryings' },
    toDo: 'to dry',
    why: 'Why dry them',
    whyLink: whyThisDay('Dry after water'),
    mark: () => (
      <path d={WAVE} fill="none" stroke="var(--mui-palette-mark-water)" strokeWidth="2" />
    ),
    cell: 'end',
    ribbon: 'toDry',
    isUsual: true,
    isLong: false,
    isNext: false,
    isTold: false,
  },
  SEEDS: {
    icon: SeedIcon,
    word: 'Seeds',
    words: () => 'look for seeds',
    now: 'Look for seeds',
    early: 'Look for seeds',
    ofEars: false,
    button: 'None found',
    label: (name) => `Looked for seeds, none found: ${name}`,
    done: { by: 'fact', said: 'seed-looks' },
    toDo: 'to look over',
    why: 'Why look for seeds',
    whyLink: whyThisDay('Look for seeds'),
    mark: () => (
      <path d={SEED} fill={PAPER} stroke="var(--mui-palette-mark-planned)" strokeWidth="2" />
    ),
    cell: 'end',
    ribbon: 'none',
    isUsual: true,
    isLong: false,
    isNext: false,
    isTold: false,
  },
  CHECK: {
    icon: CheckIcon,
    word: 'Check',
    words: () => 'check both ears',
    now: 'Check',
    early: 'May be checked',
    ofEars: false,
    button: 'Check',
    label: (name) => `Check ${name}`,
    done: { by: 'page', to: (dogId) => `/dogs/${dogId}/check` },
    toDo: 'to check',
    why: 'Why this check',
    whyLink: whyThisDay('Check'),
    mark: () => ring,
    cell: 'start',
    ribbon: 'toCheck',
    isUsual: true,
    isLong: false,
    isNext: true,
    isTold: true,
  },
  LOOK: {
    icon: CheckIcon,
    word: 'Look',
    words: () => 'a light look',
    now: 'Better or worse?',
    early: 'Better or worse?',
    ofEars: false,
    button: 'Look',
    label: (name) => `A light look at the ears of ${name}`,
    done: { by: 'look' },
    toDo: 'to look at',
    why: 'Why this look',
    whyLink: whyThisDay('A light look'),
    mark: () => <circle r="2.4" fill={PLANNED} />,
    cell: 'start',
    ribbon: 'none',
    isUsual: false,
    isLong: false,
    isNext: false,
    isTold: false,
  },
  WATCH: {
    icon: CheckIcon,
    word: 'Watch',
    words: () => 'watch both ears',
    now: 'Watch after water',
    early: 'May be watched',
    ofEars: false,
    button: 'Check',
    label: (name) => `Check ${name} after water`,
    done: { by: 'page', to: (dogId) => `/dogs/${dogId}/check` },
    toDo: 'to check',
    why: 'Why this check',
    whyLink: whyThisDay('Watch after water'),
    mark: () => (
      <>
        {ring}
        <circle r="1.6" fill={PLANNED} />
      </>
    ),
    cell: 'start',
    ribbon: 'toCheck',
    isUsual: true,
    isLong: false,
    isNext: true,
    isTold: true,
  },
  CLEAN: {
    icon: DropIcon,
    word: 'Clean',
    words: (item) => `clean ${earsName(item.ears)}`,
    now: 'Clean',
    early: 'May be cleaned',
    ofEars: true,
    button: 'Clean',
    label: (name) => `Clean the ears of ${name}`,
    done: { by: 'page', to: (dogId, item) => `/dogs/${dogId}/session?ears=${item.ears.join(',')}` },
    toDo: 'to clean',
    why: 'How the day of the cleaning came about',
    whyLink: whyThisDay('Clean'),
    mark: (item) =>
      item.ears.map((side) => (
        <path
          key={side}
          d={DROP}
          transform={dropAt(side, item.ears.length)}
          fill={PAPER}
          stroke={PLANNED}
          strokeWidth="2"
        />
      )),
    cell: 'center',
    ribbon: 'ears',
    isUsual: true,
    isLong: true,
    isNext: true,
    isTold: true,
  },
  HAIR: {
    icon: HairIcon,
    word: 'Hair',
    words: (item) => `hair care of ${earsName(item.ears)}`,
    now: 'Hair care',
    early: 'Hair may be done',
    ofEars: true,
    button: 'Hair done',
    label: (name) => `Hair done: ${name}`,
    done: { by: 'hair' },
    toDo: 'for hair care',
    why: 'Why hair care',
    whyLink: whyThisDay('Hair care'),
    mark: () => (
      <path d="M-5 6 V-6 M-1.6 6 V-6 M1.8 6 V-6 M5 6 V-6" stroke={PLANNED} strokeWidth="2" />
    ),
    cell: 'end',
    ribbon: 'none',
    isUsual: true,
    isLong: false,
    isNext: false,
    isTold: true,
  },
  DIET: {
    icon: DietIcon,
    word: 'Diet trial',
    words: () => 'diet trial',
    now: 'Diet trial',
    early: 'Diet trial',
    ofEars: false,
    button: 'See it',
    label: (name) => `The diet trial of ${name}`,
    done: { by: 'page', to: (dogId) => `/dogs/${dogId}/courses` },
    toDo: 'with a diet trial',
    why: 'Why now',
    whyLink: whyThisDay('Diet trial'),
    mark: () => (
      <rect x="-5" y="-5" width="10" height="10" fill={PAPER} stroke={PLANNED} strokeWidth="2" />
    ),
    cell: 'end',
    ribbon: 'none',
    isUsual: true,
    isLong: false,
    isNext: false,
    isTold: true,
  },
  TALK: {
    icon: TalkIcon,
    word: 'Talk',
    words: () => 'talk with the vet about the cause',
    now: 'Talk with your vet',
    early: 'Talk with your vet',
    ofEars: false,
    button: 'We have talked',
    label: (name) => `We have talked about ${name}`,
    done: { by: 'talk' },
    toDo: 'to talk about with the vet',
    why: 'Why a talk',
    whyLink: whyThisDay('Talk'),
    mark: () => (
      <path d="M-6 -5 H6 V3 H0 L-4 7 V3 H-6 Z" fill={PAPER} stroke={PLANNED} strokeWidth="2" />
    ),
    cell: 'end',
    ribbon: 'none',
    isUsual: true,
    isLong: false,
    isNext: false,
    isTold: true,
  },
  PRACTICE: {
    icon: PracticeIcon,
    word: 'Practise',
    words: () => 'practise',
    now: 'Practise',
    early: 'May be practised with',
    ofEars: false,
    button: 'Practise',
    label: (name) => `Practise with ${name}`,
    done: { by: 'page', to: (dogId) => `/dogs/${dogId}/practice` },
    toDo: 'to practise with',
    why: 'Why this practice',
    whyLink: whyThisDay('Practise'),
    mark: () => <path d="M0 -5 L5 4 H-5 Z" fill={PAPER} stroke={PLANNED} strokeWidth="2" />,
    cell: 'end',
    // every second day: on a ribbon the lanes would drown in it
    ribbon: 'none',
    isUsual: false,
    isLong: false,
    isNext: false,
    isTold: true,
  },
};

/** Those of which something holds, in the order of the table. */
export function kindsThat(holds: (kind: PlanKind) => boolean): Kind[] {
  return (Object.keys(KINDS) as Kind[]).filter((kind) => holds(KINDS[kind]));
}
