import type { ReactNode } from 'react';
import { Page } from '../ui/Page';
import { useDog, type DogInFull } from './useDog';
import { Fetched } from '../ui/Fetched';

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
      <Fetched query={dog} height={320}>
        {children}
      </Fetched>
    </Page>
  );
}
