import type { RouteObject } from 'react-router';
import { Shell } from './shell/Shell';

const HydrateFallback = () => null;

export const routes: RouteObject[] = [
  { path: '/sign-in', HydrateFallback, lazy: () => import('./pages/SignInPage') },
  { path: '/join/:token', HydrateFallback, lazy: () => import('./pages/JoinPage') },
  { path: '/register', HydrateFallback, lazy: () => import('./pages/RegisterPage') },
  {
    path: '/dogs/:dog/session',
    HydrateFallback,
    lazy: () => import('./pages/SessionPage'),
  },
  {
    path: '/dogs/:dog/practice',
    HydrateFallback,
    lazy: () => import('./pages/PracticePage'),
  },
  {
    path: '/',
    HydrateFallback,
    Component: Shell,
    children: [
      { index: true, lazy: () => import('./pages/TodayPage') },
      { path: 'dogs/new', lazy: () => import('./pages/AddDogPage') },
      { path: 'dogs/table', lazy: () => import('./pages/DogTablePage') },
      { path: 'dogs/:dog', lazy: () => import('./pages/DogPage') },
      { path: 'dogs/:dog/edit', lazy: () => import('./pages/EditDogPage') },
      { path: 'dogs/:dog/history', lazy: () => import('./pages/DogHistoryPage') },
      { path: 'dogs/:dog/cleanings/:cleaning', lazy: () => import('./pages/CleaningPage') },
      {
        path: 'dogs/:dog/cleanings/:cleaning/edit',
        lazy: () => import('./pages/EditCleaningPage'),
      },
      { path: 'rulebook', lazy: () => import('./pages/RulebookPage') },
      { path: 'trends', lazy: () => import('./pages/TrendsPage') },
      { path: 'month', lazy: () => import('./pages/MonthPage') },
      { path: 'dogs/:dog/why', lazy: () => import('./pages/WhyPage') },
      { path: 'bench', lazy: () => import('./pages/BenchPage') },
      { path: 'bench/make', lazy: () => import('./pages/MakePage') },
      { path: 'doses', lazy: () => import('./pages/DosesPage') },
      { path: 'stock', lazy: () => import('./pages/StockPage') },
      { path: 'household', lazy: () => import('./pages/HouseholdPage') },
      { path: 'household/licences', lazy: () => import('./pages/LicencesPage') },
      { path: 'dogs/:dog/check', lazy: () => import('./pages/CheckPage') },
      { path: 'dogs/:dog/checks', lazy: () => import('./pages/ChecksPage') },
      { path: 'dogs/:dog/checks/:check', lazy: () => import('./pages/CheckResultPage') },
      { path: 'dogs/:dog/checks/:check/edit', lazy: () => import('./pages/EditCheckPage') },
      { path: 'dogs/:dog/visit', lazy: () => import('./pages/VisitPage') },
      { path: 'dogs/:dog/visits', lazy: () => import('./pages/VisitsPage') },
      { path: 'dogs/:dog/visits/:visit/edit', lazy: () => import('./pages/EditVisitPage') },
      { path: 'dogs/:dog/course', lazy: () => import('./pages/CourseFormPage') },
      { path: 'dogs/:dog/courses/:course/edit', lazy: () => import('./pages/EditCoursePage') },
      { path: 'dogs/:dog/own', lazy: () => import('./pages/OwnFormPage') },
      { path: 'dogs/:dog/trial', lazy: () => import('./pages/TrialFormPage') },
      { path: 'dogs/:dog/vet', lazy: () => import('./pages/VetPage') },
      { path: 'dogs/:dog/photos', lazy: () => import('./pages/PhotosPage') },
      { path: 'dogs/:dog/courses', lazy: () => import('./pages/CoursesPage') },
      { path: 'dogs/:dog/clean', lazy: () => import('./pages/RecordCleaningPage') },
      { path: '*', lazy: () => import('./pages/NotFoundPage') },
    ],
  },
];
