import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import { Link as RouterLink, useParams } from 'react-router';
import { EraseAccount } from '../erase/EraseAccount';
import { ErasePanel } from '../erase/ErasePanel';
import { InvitePanel } from '../account/InvitePanel';
import { MembersPanel } from '../account/MembersPanel';
import { PersonPanel } from '../account/PersonPanel';
import { ROLE_WORDS } from '../account/roles';
import { SettingsPanel } from '../account/SettingsPanel';
import { VersionLine } from '../account/VersionLine';
import { WeekPanel } from '../account/WeekPanel';
import { ArchivedDogs } from '../dog/ArchivedDogs';
import { CalendarPanel } from '../exchange/CalendarPanel';
import { useHousehold } from '../household/useMe';
import { RemindersPanel } from '../remind/RemindersPanel';
import { Page } from '../ui/Page';

const PARTS = [
  { part: undefined, label: 'People' },
  { part: 'week', label: 'Our week' },
  { part: 'ways', label: 'How we do things' },
] as const;

const pathOf = (part: string | undefined) => (part ? `/household/${part}` : '/household');

/** A household in three: its people, its week, and how it does things. */
export function Component() {
  const household = useHousehold();
  const { part } = useParams();
  return (
    <Page title={household.settings.name} aside={`Household · you ${ROLE_WORDS[household.role]}`}>
      <Box
        component="nav"
        aria-label="Parts of the household"
        sx={{
          display: 'flex',
          gap: 0.5,
          flexWrap: 'wrap',
          mb: 2.5,
          borderBottom: 1,
          borderColor: 'divider',
        }}
      >
        {PARTS.map((one) => {
          const here = one.part === part;
          return (
            <Button
              key={one.label}
              component={RouterLink}
              to={pathOf(one.part)}
              aria-current={here ? 'page' : undefined}
              color={here ? 'primary' : 'inherit'}
              sx={{
                minHeight: 48,
                px: 1.5,
                borderRadius: 0,
                borderBottom: 3,
                borderColor: here ? 'primary.main' : 'transparent',
              }}
            >
              {one.label}
            </Button>
          );
        })}
      </Box>
      {part === 'week' ? <OurWeek /> : part === 'ways' ? <SettingsPanel /> : <People />}
    </Page>
  );
}

const TWO_COLUMNS = {
  display: 'grid',
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
  gap: 3,
  alignItems: 'start',
} as const;

function OurWeek() {
  return (
    <Box sx={TWO_COLUMNS}>
      <WeekPanel />
      <Stack spacing={3}>
        <RemindersPanel />
        <CalendarPanel />
      </Stack>
    </Box>
  );
}

function People() {
  const household = useHousehold();
  return (
    <Box sx={TWO_COLUMNS}>
      <Stack spacing={3}>
        <MembersPanel />
        {household.role === 'OWNER' && <InvitePanel />}
      </Stack>
      <Stack spacing={3}>
        <PersonPanel />
        <ArchivedDogs />
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
        <VersionLine />
        {household.role === 'OWNER' && <ErasePanel />}
        <EraseAccount />
      </Stack>
    </Box>
  );
}
