import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useMayRecord } from '../household/useMe';
import type { Schemas } from '../api/client';
import { useRemoveFact, useRestoreFact, useVersions } from '../fact/useFact';
import { Versions } from '../fact/Versions';
import { dateWithYear, type Day } from '../measure/days';
import { earName, ofSide, SIDES } from '../measure/side';
import { signsWords } from './signs';
import { useGoOn } from '../ui/useGoOn';

/** Who recorded a check and what was changed since; delete it, or undo a change. */
export function CheckVersions({ dogId, checkId }: { dogId: string; checkId: string }) {
  const mayRecord = useMayRecord();
  const goOn = useGoOn();
  const [open, setOpen] = useState(false);
  const versions = useVersions('checks', checkId);
  const restore = useRestoreFact('checks', checkId);
  const remove = useRemoveFact('checks', 'The check is deleted.', () =>
    goOn(`/dogs/${dogId}/checks`),
  );
  const latest = versions.data?.[0];
  return (
    <Box component="section" aria-label="Record">
      <Stack direction="row" spacing={1}>
        <Button onClick={() => setOpen(!open)} aria-expanded={open} sx={{ ml: -2 }}>
          {open ? 'Hide who recorded it' : 'Who recorded it, undo'}
        </Button>
        {mayRecord && latest?.said && (
          <Button
            color="error"
            loading={remove.isPending}
            onClick={() => remove.mutate({ id: checkId, version: latest.version })}
          >
            Delete
          </Button>
        )}
      </Stack>
      {open && (
        <Versions
          query={versions}
          describe={(said, day) => <Words said={said} day={day} />}
          onRestore={restore.mutate}
          restoring={restore.isPending}
          problem={restore.error ?? remove.error}
        />
      )}
    </Box>
  );
}

function Words({ said, day }: { said: Schemas['CheckRequest']; day: Day }) {
  return (
    <>
      <Typography sx={{ fontWeight: 650 }}>{dateWithYear(day)}</Typography>
      {SIDES.map((side) => (
        <Typography key={side}>
          {earName(side)}:{' '}
          {signsWords({
            couldLook: true,
            seen: [],
            hearing: 'NOT_TRIED',
            ...ofSide(said.ears, side),
          })}
        </Typography>
      ))}
    </>
  );
}
