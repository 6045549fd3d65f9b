import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link as RouterLink, useParams } from 'react-router';
import { useHousehold, useMayRecord, useSettings } from '../account/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { Versions } from '../fact/Versions';
import { dateWithYear, dayIn } from '../measure/days';
import { earName, ofSide, SIDES } from '../measure/side';
import { volumeWords } from '../measure/units';
import { Page } from '../shell/Page';
import { loadWord, methodWord } from './load';

type Said = Schemas['CleaningRequest'];

/** One cleaning with all that was said of it: delete it, or undo what was changed. */
export function Component() {
  const { dog = '', cleaning = '' } = useParams();
  const household = useHousehold().id;
  const mayRecord = useMayRecord();
  const client = useQueryClient();
  const path = { household, cleaning };
  const versions = useQuery({
    queryKey: [household, 'cleanings', cleaning],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/cleanings/{cleaning}/versions', {
          params: { path },
        }),
      ),
  });
  const refetch = () => client.invalidateQueries({ queryKey: [household] });
  const restore = useMutation({
    mutationFn: (version: number) =>
      answered(
        api.POST('/api/households/{household}/cleanings/{cleaning}/versions/{version}/restore', {
          params: { path: { ...path, version } },
        }),
      ),
    onSuccess: refetch,
  });
  const remove = useMutation({
    mutationFn: (version: number) =>
      answered(
        api.DELETE('/api/households/{household}/cleanings/{cleaning}', {
          params: { path, header: { 'If-Match': `"${version}"` } },
        }),
      ),
    onSuccess: refetch,
  });
  const latest = versions.data?.[0];
  return (
    <Page
      title="A cleaning"
      actions={
        <Stack direction="row" spacing={1}>
          <Button component={RouterLink} to={`/dogs/${dog}`}>
            Back to the dog
          </Button>
          {mayRecord && latest?.said && (
            <Button
              color="error"
              variant="outlined"
              loading={remove.isPending}
              onClick={() => remove.mutate(latest.version)}
            >
              Delete
            </Button>
          )}
        </Stack>
      }
    >
      <Versions
        query={versions}
        describe={(said) => <CleaningWords said={said} />}
        onRestore={restore.mutate}
        restoring={restore.isPending}
        problem={restore.error ?? remove.error}
      />
    </Page>
  );
}

function CleaningWords({ said }: { said: Said }) {
  const { volumeUnit } = useSettings();
  return (
    <>
      <Typography sx={{ fontWeight: 650 }}>
        {dateWithYear(dayIn(said.zone, new Date(said.at)))}
      </Typography>
      {SIDES.map((side) => {
        const ear = ofSide(said.ears, side);
        return (
          <Typography key={side}>
            {earName(side)}:{' '}
            {ear
              ? [
                  `${loadWord(ear.load)} load`,
                  methodWord(ear.method),
                  ear.poured !== undefined && volumeWords(ear.poured, volumeUnit),
                ]
                  .filter(Boolean)
                  .join(', ')
              : 'left alone'}
          </Typography>
        );
      })}
      {said.note && <Typography color="textSecondary">{said.note}</Typography>}
    </>
  );
}
