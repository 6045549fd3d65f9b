import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link as RouterLink } from 'react-router';
import { useHousehold } from '../household/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { dateWithYear } from '../measure/days';
import { Failure } from '../ui/Failure';

/** The dogs that have left, with a way to their pages. */
export function ArchivedDogs() {
  const household = useHousehold().id;
  const archived = useQuery({
    queryKey: [household, 'archived-dogs'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/archived-dogs', { params: { path: { household } } }),
      ),
  });
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
