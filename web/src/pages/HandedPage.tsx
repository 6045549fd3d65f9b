import Alert from '@mui/material/Alert';
import Container from '@mui/material/Container';
import Divider from '@mui/material/Divider';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { useEffect } from 'react';
import { useParams } from 'react-router';
import { Problem } from '../api/problem';
import { HandOverSheet } from '../handover/HandOverSheet';
import { TellForm } from '../handover/TellForm';
import { useHanded } from '../handover/useHandOver';
import { dateWithYear } from '../measure/days';
import { Failure } from '../ui/Failure';

/** Where a hand-over's link leads: the page, and a short form. Nobody signs in for it. */
export function Component() {
  const { token = '' } = useParams();
  const handed = useHanded(token);
  const ended = handed.error instanceof Problem && handed.error.status === 404;
  const name = handed.data?.page.dog ?? 'Hand-over';
  useEffect(() => {
    document.title = `${name} · Even Lobe`;
  }, [name]);
  return (
    <Container component="main" maxWidth="sm" sx={{ py: 3 }}>
      <Typography variant="h1" sx={{ mb: 2 }}>
        Looking after {handed.data?.page.dog ?? 'a dog'}
      </Typography>
      {handed.isPending && (
        <Skeleton variant="rounded" height={400} role="status" aria-label="Loading" />
      )}
      {ended && (
        <Alert severity="info">
          This link does not work any more. Ask the dog’s people for one.
        </Alert>
      )}
      {handed.error && !ended && (
        <Failure error={handed.error} onRetry={() => void handed.refetch()} />
      )}
      {handed.data && (
        <>
          <HandOverSheet page={handed.data.page} />
          <Divider sx={{ my: 3 }} />
          <TellForm token={token} page={handed.data.page} today={handed.data.today} />
          <Typography color="textSecondary" sx={{ mt: 3 }}>
            This link works until {dateWithYear(handed.data.lastDay)} and shows nothing else.
          </Typography>
        </>
      )}
    </Container>
  );
}
