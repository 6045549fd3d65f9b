import Skeleton from '@mui/material/Skeleton';
import type { ReactNode } from 'react';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { useDog, type DogInFull } from './useDog';

/** A page on which something is said of a dog: its frame, and what it holds once the dog is known. */
export function OfDogPage({
  id,
  title,
  aside,
  children,
}: {
  id: string;
  /** Follows the dog's name. */
  title: string;
  aside: string;
  children: (dog: DogInFull) => ReactNode;
}) {
  const dog = useDog(id);
  return (
    <Page title={`${dog.data?.dog.profile.name ?? ''}: ${title}`} aside={aside}>
      {dog.isError && <Failure error={dog.error} onRetry={() => void dog.refetch()} />}
      {dog.isPending && (
        <Skeleton variant="rounded" height={320} role="status" aria-label="Loading" />
      )}
      {dog.data && children(dog.data)}
    </Page>
  );
}
