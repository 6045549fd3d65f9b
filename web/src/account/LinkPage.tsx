import Alert from '@mui/material/Alert';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link as RouterLink, useParams } from 'react-router';
import { Problem } from '../api/problem';
import { EntryCard } from './EntryCard';

/** Where a mail's link leads that does one thing: it is done, and said to be done. */
export function LinkPage({
  title,
  act,
  busy,
  done,
}: {
  title: string;
  act: (token: string) => Promise<void>;
  busy: string;
  done: string;
}) {
  const { token = '' } = useParams();
  // asked once for each link, however often the page is drawn
  const outcome = useQuery({
    queryKey: ['link', title, token],
    queryFn: () => act(token).then(() => true),
    retry: false,
    staleTime: Infinity,
    refetchOnWindowFocus: false,
  });
  return (
    <EntryCard title={title}>
      <Stack spacing={2}>
        {outcome.isPending && <Typography role="status">{busy}</Typography>}
        {outcome.isError && (
          <Alert severity="error">
            {outcome.error instanceof Problem && outcome.error.status === 404
              ? 'This link does not hold any more, or it was used already.'
              : outcome.error.message}
          </Alert>
        )}
        {outcome.data && <Alert severity="success">{done}</Alert>}
        <Link component={RouterLink} to="/">
          Go to today
        </Link>
      </Stack>
    </EntryCard>
  );
}
