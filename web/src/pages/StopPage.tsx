import { LinkPage } from '../account/LinkPage';
import { stopReminders } from '../account/session';

/** Where the link leads that ends reminders by mail. */
export function Component() {
  return (
    <LinkPage
      title="No more mails"
      act={stopReminders}
      busy="Ending them…"
      done="No more reminders come by mail from that household. You can begin them again under Household, Our week."
    />
  );
}
