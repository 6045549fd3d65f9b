import { keptRun } from '../round/device';
import { RoundFlow } from '../round/RoundFlow';
import { SignedIn } from '../shell/SignedIn';

/** Many dogs one after the other, from one tray, on the whole screen. */
export function Component() {
  return (
    <SignedIn offline={keptRun()?.household}>
      <RoundFlow />
    </SignedIn>
  );
}
