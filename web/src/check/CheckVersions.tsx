import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useHousehold, useMayRecord } from '../account/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { Versions } from '../fact/Versions';
import { dateWithYear, dayIn } from '../measure/days';
import { earName, ofSide, SIDES } from '../measure/side';
import { signsWords } from './signs';
import { useCheckVersions } from './useCheckVersions';

/** Who recorded a check and what was changed since; delete it, or undo a change. */
export function CheckVersions({ dogId, checkId }: { dogId: string; checkId: string }) {
  const household = useHousehold().id;
  const mayRecord = useMayRecord();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [open, setOpen] = useState(false);
  const path = { household, check: checkId };
  const versions = useCheckVersions(checkId);
  const refetch = () => client.invalidateQueries({ queryKey: [household] });
  const restore = useMutation({
    mutationFn: (version: number) =>
      answered(
        api.POST('/api/households/{household}/checks/{check}/versions/{version}/restore', {
          params: { path: { ...path, version } },
        }),
      ),
    onSuccess: refetch,
  });
  const remove = useMutation({
    mutationFn: (version: number) =>
      answered(
        api.DELETE('/api/households/{household}/checks/{check}', {
          params: { path, header: { 'If-Match': `"${version}"` } },
        }),
      ),
    onSuccess: async () => {
      await navigate(`/dogs/${dogId}/checks`);
      await refetch();
    },
  });
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
            onClick={() => remove.mutate(latest.version)}
          >
            Delete
          </Button>
        )}
      </Stack>
      {open && (
        <Versions
          query={versions}
          describe={(said) => <Words said={said} />}
          onRestore={restore.mutate}
          restoring={restore.isPending}
          problem={restore.error ?? remove.error}
        />
      )}
    </Box>
  );
}

function Words({ said }: { said: Schemas['CheckRequest'] }) {
  return (
    <>
      <Typography sx={{ fontWeight: 650 }}>
        {dateWithYear(dayIn(said.zone, new Date(said.at)))}
      </Typography>
      {SIDES.map((side) => (
        <Typography key={side}>
          {earName(side)}:{' '}
          {signsWords({ seen: [], hearing: 'NOT_TRIED', ...ofSide(said.ears, side) })}
        </Typography>
      ))}
    </>
  );
}
