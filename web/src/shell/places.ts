import AddIcon from '@mui/icons-material/Add';
import BenchIcon from '@mui/icons-material/ScienceOutlined';
import DosesIcon from '@mui/icons-material/MedicationLiquidOutlined';
import HomeIcon from '@mui/icons-material/HomeOutlined';
import LearnIcon from '@mui/icons-material/SchoolOutlined';
import MonthIcon from '@mui/icons-material/CalendarMonthOutlined';
import RulesIcon from '@mui/icons-material/MenuBookOutlined';
import StockIcon from '@mui/icons-material/Inventory2Outlined';
import TodayIcon from '@mui/icons-material/TodayOutlined';
import TrendsIcon from '@mui/icons-material/TimelineOutlined';
import type { ElementType } from 'react';

/** A place that is reached from every page. */
export interface PlaceToGo {
  to: string;
  icon: ElementType;
  label: string;
  /** What it is for, where there is room to say it. */
  words: string;
  /** Whether it is only for those who record. */
  isRecording?: boolean;
  /** Whether it stands at the bottom of a phone, too; the others are under More there. */
  isBelow?: boolean;
}

export const PLACES: readonly PlaceToGo[] = [
  { to: '/', icon: TodayIcon, label: 'Today', words: 'What to do now', isBelow: true },
  { to: '/doses', icon: DosesIcon, label: 'Doses', words: 'Medicine, on time', isBelow: true },
  {
    to: '/dogs/new',
    icon: AddIcon,
    label: 'Add a dog',
    words: 'Three answers',
    isRecording: true,
  },
  { to: '/month', icon: MonthIcon, label: 'Month', words: 'What is planned', isBelow: true },
  { to: '/trends', icon: TrendsIcon, label: 'Trends', words: 'What the record shows' },
  { to: '/bench', icon: BenchIcon, label: 'Bench', words: 'Cleaners and mixes', isBelow: true },
  { to: '/stock', icon: StockIcon, label: 'Stock', words: 'What is in the house' },
  { to: '/rulebook', icon: RulesIcon, label: 'Rules', words: 'Every rule and its numbers' },
  { to: '/learn', icon: LearnIcon, label: 'Learn', words: 'Grade ears, learn the steps' },
  { to: '/household', icon: HomeIcon, label: 'Household', words: 'People, week, ways' },
];

/** Whether a page belongs to a place. */
export function isAt(to: string, pathname: string): boolean {
  return to === '/' ? pathname === '/' : pathname === to || pathname.startsWith(`${to}/`);
}

/** Whether a page belongs to a place that stands under More on a phone, or is More itself. */
export function isUnderMore(pathname: string): boolean {
  return pathname === '/more' || PLACES.some(({ to, isBelow }) => !isBelow && isAt(to, pathname));
}
