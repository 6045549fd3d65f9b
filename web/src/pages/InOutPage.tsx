import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { ArchivePanel } from '../archive/ArchivePanel';
import { LogsPanel } from '../exchange/LogsPanel';
import { useHousehold } from '../household/useMe';
import { Page } from '../ui/Page';
import { useToday } from '../view/useToday';

/** What a household has told Even Lobe, out of it and into it. */
export function Component() {
  const { id, role } = useHousehold();
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
          {isOwner && dogs && dogs.length > 0 && (
            <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="One dog">
              <Typography variant="h2" sx={{ mb: 1 }}>
                One dog as a file
              </Typography>
              <Typography sx={{ mb: 1 }}>
                For a dog that moves: its records, photographs and the bottles they name, and
                nothing of the others. It is taken in like an archive.
              </Typography>
              <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
                {dogs.map(({ id: dog, profile }) => (
                  <Button
                    key={dog}
                    variant="outlined"
                    component="a"
                    href={`/api/households/${id}/dogs/${dog}/archive`}
                  >
                    {profile.name}
                  </Button>
                ))}
              </Stack>
            </Paper>
          )}
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
