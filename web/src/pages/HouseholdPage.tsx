import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import { Link as RouterLink } from 'react-router';
import { ArchivedDogs } from '../dog/ArchivedDogs';
import { CalendarPanel } from '../exchange/CalendarPanel';
import { Page } from '../ui/Page';
import { InvitePanel } from '../account/InvitePanel';
import { MembersPanel } from '../account/MembersPanel';
import { PersonPanel } from '../account/PersonPanel';
import { ROLE_WORDS } from '../account/roles';
import { SettingsPanel } from '../account/SettingsPanel';
import { WeekPanel } from '../account/WeekPanel';
import { useHousehold } from '../household/useMe';
import { RemindersPanel } from '../remind/RemindersPanel';

export function Component() {
  const household = useHousehold();
  return (
    <Page title={household.settings.name} aside={`Household · you ${ROLE_WORDS[household.role]}`}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <Stack spacing={3}>
          <MembersPanel />
          {household.role === 'OWNER' && <InvitePanel />}
          <WeekPanel />
          <RemindersPanel />
          <CalendarPanel />
          <ArchivedDogs />
          <PersonPanel />
          <Link component={RouterLink} to="/household/in-out">
            In and out: everything as one file, logs as tables
          </Link>
          <Link component={RouterLink} to="/learn">
            Learn: grade made-up ears, the steps, how deep is too deep
          </Link>
          <Link component={RouterLink} to="/rulebook">
            The rulebook: every rule, its numbers and where they come from
          </Link>
          <Link component={RouterLink} to="/household/licences" color="textSecondary">
            Licences of what ships with Even Lobe
          </Link>
        </Stack>
        <SettingsPanel />
      </Box>
    </Page>
  );
}
