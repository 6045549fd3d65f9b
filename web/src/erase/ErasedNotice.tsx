import Alert from '@mui/material/Alert';
import Link from '@mui/material/Link';
import { Link as RouterLink } from 'react-router';
import { useHousehold, useMe } from '../household/useMe';
import { momentWords } from '../measure/units';

/** On every page: this household, or this account, is going to be erased. */
export function ErasedNotice() {
  const me = useMe().data;
  const { erasedAt, settings, role } = useHousehold();
  const at = me?.erasedAt ?? erasedAt;
  if (!at) return null;
  const what = me?.erasedAt ? 'Your account' : settings.name;
  return (
    <Alert severity="warning" sx={{ borderRadius: 0 }}>
      {what} is erased for good on {momentWords(at, settings.zone, settings.hours)}.{' '}
      {(me?.erasedAt ?? role === 'OWNER') && (
        <Link component={RouterLink} to="/household" color="inherit">
          Take it back
        </Link>
      )}
    </Alert>
  );
}
