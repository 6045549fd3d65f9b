import type { RouteObject } from 'react-router';
import { Shell } from './shell/Shell';

const HydrateFallback = () => null;

export const routes: RouteObject[] = [
  { path: '/sign-in', HydrateFallback, lazy: () => import('./account/SignInPage') },
  { path: '/join/:token', HydrateFallback, lazy: () => import('./account/JoinPage') },
  { path: '/register', HydrateFallback, lazy: () => import('./account/RegisterPage') },
  {
    path: '/dogs/:dog/session',
    HydrateFallback,
    lazy: () => import('./cleaning/session/SessionPage'),
  },
  {
    path: '/dogs/:dog/practice',
    HydrateFallback,
    lazy: () => import('./cleaning/session/PracticePage'),
  },
  {
    path: '/',
    HydrateFallback,
    Component: Shell,
    children: [
      { index: true, lazy: () => import('./plan/TodayPage') },
      { path: 'dogs/new', lazy: () => import('./dog/AddDogPage') },
      { path: 'dogs/:dog', lazy: () => import('./dog/DogPage') },
      { path: 'dogs/:dog/edit', lazy: () => import('./dog/EditDogPage') },
      { path: 'dogs/:dog/history', lazy: () => import('./dog/DogHistoryPage') },
      { path: 'dogs/:dog/cleanings/:cleaning', lazy: () => import('./cleaning/CleaningPage') },
      { path: 'month', lazy: () => import('./plan/MonthPage') },
      { path: 'dogs/:dog/why', lazy: () => import('./plan/WhyPage') },
      { path: 'stock', lazy: () => import('./stock/StockPage') },
      { path: 'household', lazy: () => import('./account/HouseholdPage') },
      { path: 'household/licences', lazy: () => import('./licence/LicencesPage') },
      { path: 'dogs/:dog/check', lazy: () => import('./check/CheckPage') },
      { path: 'dogs/:dog/checks', lazy: () => import('./check/ChecksPage') },
      { path: 'dogs/:dog/checks/:check', lazy: () => import('./check/CheckResultPage') },
      { path: 'dogs/:dog/checks/:check/edit', lazy: () => import('./check/EditCheckPage') },
      { path: 'dogs/:dog/visit', lazy: () => import('./visit/VisitPage') },
      { path: 'dogs/:dog/visits', lazy: () => import('./visit/VisitsPage') },
      { path: 'dogs/:dog/visits/:visit/edit', lazy: () => import('./visit/EditVisitPage') },
      { path: 'dogs/:dog/clean', lazy: () => import('./cleaning/RecordCleaningPage') },
      { path: '*', lazy: () => import('./shell/NotFoundPage') },
    ],
  },
];
