import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link as RouterLink, useNavigate, useParams } from 'react-router';
import { EntryCard } from '../account/EntryCard';
import { ROLE_WORDS } from '../account/roles';
import { api } from '../api/client';
import { answered, Problem } from '../api/problem';
import { chooseHousehold } from '../household/chosenHousehold';
import { useMe } from '../household/useMe';

/** Where an invitation's link leads: what it offers, and accepting it. */
export function Component() {
  const { token = '' } = useParams();
  const offer = useQuery({
    queryKey: ['invitation', token],
    queryFn: () => answered(api.GET('/api/invitations/{token}', { params: { path: { token } } })),
  });
  const me = useMe();
  const signedOut = me.error instanceof Problem && me.error.status === 401;
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
        {offer.data && (
          <Typography>
            Share the household <strong>{offer.data.household}</strong>: you{' '}
            {ROLE_WORDS[offer.data.role]}.
          </Typography>
        )}
        {offer.data && signedOut && <ComeIn token={token} />}
        {offer.data && me.data && <Accept token={token} name={me.data.name} />}
      </Stack>
    </EntryCard>
  );
}

/** Who is not signed in makes an account that is in that household at once, or signs in. */
function ComeIn({ token }: { token: string }) {
  return (
    <>
      <Button
        component={RouterLink}
        to={`/register?invitation=${encodeURIComponent(token)}`}
        variant="contained"
        size="large"
      >
        Make an account
      </Button>
      <Button
        component={RouterLink}
        to="/sign-in"
        state={{ from: `/join/${token}` }}
        variant="outlined"
        size="large"
      >
        I have one: sign in
      </Button>
    </>
  );
}

function Accept({ token, name }: { token: string; name: string }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const accept = useMutation({
    mutationFn: () =>
      answered(api.POST('/api/invitations/{token}/accept', { params: { path: { token } } })),
    onSuccess: async ({ household }) => {
      chooseHousehold(household);
      client.clear();
      await navigate('/');
    },
  });
  return (
    <>
      {accept.isError && <Alert severity="error">{accept.error.message}</Alert>}
      <Button
        variant="contained"
        size="large"
        loading={accept.isPending}
        onClick={() => accept.mutate()}
      >
        Join
      </Button>
      <Typography color="textSecondary">You are signed in as {name}.</Typography>
    </>
  );
}
