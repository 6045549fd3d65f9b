import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { dateWithYear } from '../measure/days';
import { Failure } from '../ui/Failure';
import { useArchivedDogs } from './useArchivedDogs';

/** The dogs that have left, with a way to their pages. */
export function ArchivedDogs() {
  const archived = useArchivedDogs();
  if (archived.isError) return <Failure error={archived.error} />;
  if (!archived.data || archived.data.length === 0) return null;
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Archived dogs">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Archived dogs
      </Typography>
      <Stack component="ul" spacing={0.5} sx={{ p: 0, m: 0 }}>
        {archived.data.map((dog) => (
          <Typography key={dog.id} component="li" sx={{ listStyle: 'none' }}>
            <Link component={RouterLink} to={`/dogs/${dog.id}`}>
              {dog.name}
            </Link>{' '}
            left on {dateWithYear(dog.leftOn)}
          </Typography>
        ))}
      </Stack>
    </Paper>
  );
}
