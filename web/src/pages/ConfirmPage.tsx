import { LinkPage } from '../account/LinkPage';
import { confirmAddress } from '../account/session';

/** Where the link leads that confirms an address. */
export function Component() {
  return (
    <LinkPage
      title="Your address"
      act={confirmAddress}
      busy="Saying that it is yours…"
      done="It is yours: you sign in with it, and reminders can come to it."
    />
  );
}
