import { DayNotice } from './DayNotice';
import { DoseNotices } from './DoseNotices';
import { useNoticesOn } from './notices';

/** The notices of the system's, on a device that wants them; another asks the server for nothing. */
export function Notices() {
  return useNoticesOn() ? (
    <>
      <DayNotice />
      <DoseNotices />
    </>
  ) : null;
}
