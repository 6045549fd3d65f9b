import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useHousehold, useMayRecord } from '../household/useMe';
import { dateWithYear } from '../measure/days';
import { Failure } from '../ui/Failure';
import { OfDogPage } from '../view/OfDogPage';
import { useEndLink, useLinks, useMakeLink, vetFilePath } from '../visit/useLinks';

const LONGEST_QUESTION = 500;
const DAYS = [7, 30, 90];

/** What a vet is given: two pages to print or send, or a link to them that ends. */
export function Component() {
  const { dog = '' } = useParams();
  return (
    <OfDogPage id={dog} title="for the vet" aside="Two pages: how it stands and what is on record">
      {() => <ForTheVet dog={dog} />}
    </OfDogPage>
  );
}

function ForTheVet({ dog }: { dog: string }) {
  const household = useHousehold().id;
  const mayRecord = useMayRecord();
  const [asked, setAsked] = useState('');
  return (
    <Stack spacing={3} sx={{ maxWidth: 720 }}>
      <TextField
        label="What do you want to know?"
        helperText="It stands at the top; leave it empty if there is nothing to ask."
        multiline
        minRows={2}
        value={asked}
        onChange={({ target }) => setAsked(target.value)}
        slotProps={{ htmlInput: { maxLength: LONGEST_QUESTION } }}
      />
      <Box>
        <Button
          variant="contained"
          component="a"
          href={vetFilePath(household, dog, asked)}
          target="_blank"
          rel="noreferrer"
        >
          Open the two pages (PDF)
        </Button>
      </Box>
      {mayRecord && <Links dog={dog} asked={asked} />}
    </Stack>
  );
}

function Links({ dog, asked }: { dog: string; asked: string }) {
  const links = useLinks(dog);
  const make = useMakeLink(dog);
  const end = useEndLink(dog);
  const [days, setDays] = useState(DAYS[0] ?? 1);
  const failed = links.error ?? make.error ?? end.error;
  return (
    <Box component="section" aria-label="By link">
      <Typography variant="h2">Or by a link</Typography>
      <Typography sx={{ mb: 1 }}>
        Whoever has it reads the two pages as they are then, without an account, and nothing else.
      </Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <TextField
          select
          size="small"
          label="It works for"
          value={days}
          onChange={({ target }) => setDays(Number(target.value))}
          slotProps={{ select: { native: true } }}
          sx={{ width: 150 }}
        >
          {DAYS.map((count) => (
            <option key={count} value={count}>
              {count} days
            </option>
          ))}
        </TextField>
        <Button
          variant="outlined"
          loading={make.isPending}
          onClick={() => make.mutate(asked.trim() ? { asked: asked.trim(), days } : { days })}
        >
          Make a link
        </Button>
      </Stack>
      {make.data && (
        <Alert severity="success" sx={{ my: 1.5 }}>
          Copy it now, it is shown this once. It works until {dateWithYear(make.data.lastDay)}.
          <TextField
            fullWidth
            label="Its address"
            value={window.location.origin + make.data.path}
            onFocus={({ target }) => target.select()}
            slotProps={{ htmlInput: { readOnly: true } }}
            sx={{ mt: 1.5 }}
          />
        </Alert>
      )}
      {failed && <Failure error={failed} onRetry={() => void links.refetch()} />}
      <Stack component="ul" sx={{ p: 0, my: 1.5, gap: 0.5 }}>
        {links.data?.map(({ id, madeAt, lastDay }) => (
          <Box
            component="li"
            key={id}
            sx={{ listStyle: 'none', display: 'flex', gap: 1, alignItems: 'center' }}
          >
            <Typography>
              Made {dateWithYear(madeAt.slice(0, 10))}, works until {dateWithYear(lastDay)}
            </Typography>
            <Button
              size="small"
              aria-label={`End the link that works until ${dateWithYear(lastDay)}`}
              onClick={() => {
                make.reset();
                end.mutate(id);
              }}
            >
              End it
            </Button>
          </Box>
        ))}
      </Stack>
    </Box>
  );
}
