import { SignedIn } from '../shell/SignedIn';
import { useParams } from 'react-router';
import { GuidedPage } from '../cleaning/session/GuidedPage';
import { keptSession } from '../cleaning/session/device';

/** Cleaning, led step by step, on the whole screen. */
export function Component() {
  const { dog = '' } = useParams();
  return (
    <SignedIn offline={keptSession(dog)?.household}>
      <GuidedPage purpose="CLEANING" />
    </SignedIn>
  );
}
