import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';

interface Path {
  household: string;
  dog: string;
}

/** A part of what is known of a dog, asked for when it is opened. */
function useTab<T>(
  dog: string,
  tab: string,
  ask: (path: Path) => Promise<{ data?: T; error?: unknown; response: Response }>,
) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'dogs', dog, 'tabs', tab],
    queryFn: () => answered(ask({ household, dog })),
  });
}

/** What is on record beside the cleanings. */
export function useRecordTab(dog: string) {
  return useTab(dog, 'record', (path) =>
    api.GET('/api/households/{household}/dogs/{dog}/tabs/record', { params: { path } }),
  );
}

/** What the latest check said, and what has happened since. */
export function useChecksTab(dog: string) {
  return useTab(dog, 'checks', (path) =>
    api.GET('/api/households/{household}/dogs/{dog}/tabs/checks', { params: { path } }),
  );
}

/** When a vet sees it. */
export function useVisitsTab(dog: string) {
  return useTab(dog, 'visits', (path) =>
    api.GET('/api/households/{household}/dogs/{dog}/tabs/visits', { params: { path } }),
  );
}

/** What is expected to get into its ears. */
export function useWaterTab(dog: string) {
  return useTab(dog, 'water', (path) =>
    api.GET('/api/households/{household}/dogs/{dog}/tabs/water', { params: { path } }),
  );
}

/** What its canals are thought to hold. */
export function useInsideTab(dog: string) {
  return useTab(dog, 'inside', (path) =>
    api.GET('/api/households/{household}/dogs/{dog}/tabs/inside', { params: { path } }),
  );
}
