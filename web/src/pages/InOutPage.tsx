import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { ArchivePanel } from '../archive/ArchivePanel';
import { OneDogPanel } from '../archive/OneDogPanel';
import { RoomLine } from '../archive/RoomLine';
import { LogsPanel } from '../exchange/LogsPanel';
import { useHousehold } from '../household/useMe';
import { Page } from '../ui/Page';
import { useToday } from '../view/useToday';

/** What a household has told Even Lobe, out of it and into it. */
export function Component() {
  const { role } = useHousehold();
  const dogs = useToday().data?.dogs;
  const isOwner = role === 'OWNER';
  return (
    <Page title="In and out" aside="What you recorded is yours">
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        {isOwner && dogs && <ArchivePanel isEmpty={dogs.length === 0} />}
        <Stack spacing={3}>
          {isOwner && dogs && dogs.length > 0 && <OneDogPanel dogs={dogs} />}
          <RoomLine />
          <LogsPanel />
          <Typography>
            <Link component={RouterLink} to="/dogs/table">
              Many dogs at once from a table
            </Link>
          </Typography>
        </Stack>
      </Box>
    </Page>
  );
}
