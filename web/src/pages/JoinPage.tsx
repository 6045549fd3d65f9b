import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link as RouterLink, Navigate, useLocation, useNavigate, useParams } from 'react-router';
import { api } from '../api/client';
import { answered, Problem } from '../api/problem';
import { chooseHousehold } from '../household/chosenHousehold';
import { EntryCard } from '../account/EntryCard';
import { ROLE_WORDS } from '../account/roles';

/** Where an invitation's link leads: what it offers, and accepting it. */
export function Component() {
  const { token = '' } = useParams();
  const location = useLocation();
  const navigate = useNavigate();
  const client = useQueryClient();
  const offer = useQuery({
    queryKey: ['invitation', token],
    queryFn: () => answered(api.GET('/api/invitations/{token}', { params: { path: { token } } })),
  });
  const accept = useMutation({
    mutationFn: () =>
      answered(api.POST('/api/invitations/{token}/accept', { params: { path: { token } } })),
    onSuccess: async ({ household }) => {
      chooseHousehold(household);
      client.clear();
      await navigate('/');
    },
  });
  if (offer.error instanceof Problem && offer.error.status === 401) {
    return <Navigate to="/sign-in" replace state={{ from: location.pathname }} />;
  }
  return (
    <EntryCard title="An invitation">
      <Stack spacing={2}>
        {offer.isError && (
          <Alert severity="error">
            This link does not hold any more. Ask for a new one.{' '}
            <Link component={RouterLink} to="/">
              Go to today
            </Link>
          </Alert>
        )}
        {accept.isError && <Alert severity="error">{accept.error.message}</Alert>}
        {offer.data && (
          <>
            <Typography>
              Share the household <strong>{offer.data.household}</strong>: you{' '}
              {ROLE_WORDS[offer.data.role]}.
            </Typography>
            <Button
              variant="contained"
              size="large"
              loading={accept.isPending}
              onClick={() => accept.mutate()}
            >
              Join
            </Button>
          </>
        )}
      </Stack>
    </EntryCard>
  );
}
