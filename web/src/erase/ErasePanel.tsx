import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useArchivedDogs } from '../dog/useArchivedDogs';
import { useHousehold, useSettings } from '../household/useMe';
import { count } from '../measure/days';
import { momentWords } from '../measure/units';
import { Failure } from '../ui/Failure';
import { useToday } from '../view/useToday';
import { useErase, useErasures, useGoes } from './useErasures';
import { usePasswordAgain } from '../account/usePasswordAgain';

/** Erasing a dog or the household: what goes is said first, and 30 days to take it back. */
export function ErasePanel() {
  const [what, setWhat] = useState('');
  const household = useHousehold();
  const here = useToday().data?.dogs ?? [];
  const left = useArchivedDogs().data ?? [];
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Erase for good">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Erase for good
      </Typography>
      <Pending />
      <TextField
        select
        size="small"
        label="What"
        value={what}
        onChange={({ target }) => setWhat(target.value)}
        slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        sx={{ width: 260, maxWidth: '100%' }}
      >
        <option value="">Nothing</option>
        {here.map(({ id, profile }) => (
          <option key={id} value={id}>
            {profile.name}
          </option>
        ))}
        {left.map(({ id, name }) => (
          <option key={id} value={id}>
            {name} (archived)
          </option>
        ))}
        <option value={household.id}>{household.settings.name}: all of it</option>
      </TextField>
      {what !== '' && (
        <Goes
          key={what}
          dog={what === household.id ? undefined : what}
          onDone={() => setWhat('')}
        />
      )}
    </Paper>
  );
}

function Pending() {
  const { erasures, takeBack } = useErasures();
  const { zone, hours } = useSettings();
  return (
    <>
      {takeBack.isError && <Failure error={takeBack.error} />}
      {erasures.data?.map(({ id, name, askedBy, at }) => (
        <Alert
          key={id}
          severity="warning"
          sx={{ mb: 1.5 }}
          action={
            <Button color="inherit" onClick={() => takeBack.mutate(id)}>
              Take it back
            </Button>
          }
        >
          {name} is erased on {momentWords(at, zone, hours)}; {askedBy} asked for that.
        </Alert>
      ))}
    </>
  );
}

function Goes({ dog, onDone }: { dog: string | undefined; onDone: () => void }) {
  const goes = useGoes(dog);
  const { dialog, withPassword } = usePasswordAgain();
  const erase = useErase(withPassword);
  if (goes.isError) return <Failure error={goes.error} />;
  if (!goes.data) return null;
  const { dogs, records, photos, documents, people } = goes.data;
  return (
    <Stack spacing={1.5} sx={{ mt: 2 }}>
      <Typography>
        {dog ? 'With it go' : `For everybody who shares it (${people}) go`}{' '}
        {!dog && `${count(dogs, 'dog')}, `}
        {count(records, 'record')} with their earlier versions, {count(photos, 'photograph')} and{' '}
        {count(documents, 'paper')} from the vet. It is done in 30 days; until then an owner can
        take it back here. After that nobody can.
      </Typography>
      <Typography>
        <Link component={RouterLink} to="/household/in-out">
          Save it as a file first
        </Link>
      </Typography>
      {erase.isError && <Failure error={erase.error} />}
      <Box>
        <Button
          color="error"
          variant="outlined"
          loading={erase.isPending}
          onClick={() => erase.mutate(dog, { onSuccess: onDone })}
        >
          Erase it in 30 days
        </Button>
      </Box>
      {dialog}
    </Stack>
  );
}
