import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { useMayRecord } from '../../household/useMe';
import type { Today } from '../../view/useToday';
import { groupsOf, type Group } from './groups';

/** Many dogs together, by what is to be done with them, each group one round. */
export function DogGroups({ today }: { today: Today }) {
  return groupsOf(today).map((group) => <GroupCard key={group.title} group={group} />);
}

function GroupCard({ group: { title, dogs, isDue } }: { group: Group }) {
  const mayRecord = useMayRecord();
  const ids = dogs.map(({ id }) => id).join(',');
  return (
    <Paper component="section" aria-label={title} variant="outlined" sx={{ p: 2, mb: 1.25 }}>
      <Typography variant="h2">
        {title}: {dogs.length}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5 }}>
        {dogs.map(({ id, name }) => (
          <Link
            key={id}
            component={RouterLink}
            to={`/dogs/${id}`}
            underline="hover"
            color="textPrimary"
            sx={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}
          >
            {name}
          </Link>
        ))}
      </Box>
      {mayRecord && (
        <Button
          component={RouterLink}
          to={`/round?dogs=${ids}`}
          variant={isDue ? 'contained' : 'outlined'}
          size="large"
          aria-label={`Start a round: ${title.toLowerCase()} ${dogs.map(({ name }) => name).join(', ')}`}
        >
          Start a round of them
        </Button>
      )}
    </Paper>
  );
}
