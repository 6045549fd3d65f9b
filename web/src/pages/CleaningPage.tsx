import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink, useParams } from 'react-router';
import { useMayRecord, useSettings } from '../household/useMe';
import type { Schemas } from '../api/client';
import { useRemoveFact, useRestoreFact, useVersions } from '../fact/useFact';
import { Versions } from '../fact/Versions';
import { dateWithYear, type Day } from '../measure/days';
import { earName, ofSide, SIDES } from '../measure/side';
import { volumeWords } from '../measure/units';
import { Page } from '../ui/Page';
import { handledWords } from '../cleaning/handled';
import { loadWord, methodWord } from '../cleaning/load';
import { noticedWords } from '../cleaning/noticed';

type Said = Schemas['CleaningRequest'];

/** One cleaning with all that was said of it: delete it, or undo what was changed. */
export function Component() {
  const { dog = '', cleaning = '' } = useParams();
  const mayRecord = useMayRecord();
  const versions = useVersions('cleanings', cleaning);
  const restore = useRestoreFact('cleanings', cleaning);
  const remove = useRemoveFact('cleanings', 'The cleaning is deleted.');
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
            <>
              <Button component={RouterLink} to="edit" variant="outlined">
                Correct it
              </Button>
              <Button
                color="error"
                variant="outlined"
                loading={remove.isPending}
                onClick={() => remove.mutate({ id: cleaning, version: latest.version })}
              >
                Delete
              </Button>
            </>
          )}
        </Stack>
      }
    >
      <Versions
        query={versions}
        describe={(said, day) => <CleaningWords said={said} day={day} />}
        onRestore={restore.mutate}
        restoring={restore.isPending}
        problem={restore.error ?? remove.error}
      />
    </Page>
  );
}

function CleaningWords({ said, day }: { said: Said; day: Day }) {
  const { volumeUnit } = useSettings();
  return (
    <>
      <Typography sx={{ fontWeight: 650 }}>{dateWithYear(day)}</Typography>
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
                  noticedWords(ear),
                ]
                  .filter(Boolean)
                  .join(', ')
              : 'left alone'}
          </Typography>
        );
      })}
      {said.handled && <Typography>It took it {handledWords(said.handled)}.</Typography>}
      {said.note && <Typography color="textSecondary">{said.note}</Typography>}
    </>
  );
}
