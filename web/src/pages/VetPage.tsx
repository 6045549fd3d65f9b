import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useHousehold, useMayRecord } from '../household/useMe';
import { dateWithYear } from '../measure/days';
import { Fetched } from '../ui/Fetched';
import { OfDogPage } from '../view/OfDogPage';
import { LinkPanel } from '../visit/LinkPanel';
import { useMakeLink, useVetPages, vetFilePath, vetPagePath } from '../visit/useLinks';

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
  // the pages are made anew when the question is done, not at every letter
  const [shown, setShown] = useState('');
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 6fr)' },
        alignItems: 'start',
      }}
    >
      <Stack spacing={3}>
        <TextField
          label="What do you want to know?"
          helperText="It stands at the top; leave it empty if there is nothing to ask."
          multiline
          minRows={2}
          value={asked}
          onChange={({ target }) => setAsked(target.value)}
          onBlur={() => setShown(asked.trim())}
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
            Open the pages (PDF)
          </Button>
        </Box>
        {mayRecord && <Links dog={dog} asked={asked} />}
      </Stack>
      <PagesAsTheyWillBe dog={dog} asked={shown} />
    </Box>
  );
}

/** The pages, to be read before they are sent. */
function PagesAsTheyWillBe({ dog, asked }: { dog: string; asked: string }) {
  const household = useHousehold().id;
  const made = useVetPages(dog, asked);
  return (
    <Fetched query={made} height={700}>
      {({ pages }) => (
        <Stack component="section" aria-label="As they will be" spacing={1.5}>
          {Array.from({ length: pages }, (_, at) => at).map((page) => (
            <Box
              key={page}
              component="img"
              src={vetPagePath(household, dog, asked, page)}
              alt={`Page ${page + 1} of ${pages} for the vet; its words stand in the file.`}
              sx={{
                width: '100%',
                aspectRatio: '210 / 297',
                border: 1,
                borderColor: 'divider',
                bgcolor: '#FFFFFF',
                opacity: made.isPlaceholderData ? 0.6 : 1,
              }}
            />
          ))}
        </Stack>
      )}
    </Fetched>
  );
}

function Links({ dog, asked }: { dog: string; asked: string }) {
  const make = useMakeLink(dog);
  const [days, setDays] = useState(DAYS[0] ?? 1);
  return (
    <LinkPanel
      dog={dog}
      title="Or by a link"
      about="Whoever has it reads the two pages as they are then, without an account, and nothing else."
      made={make.data}
      failed={make.error}
      shows={({ stay }) => stay === undefined}
      words={({ madeAt }) => `Made ${dateWithYear(madeAt.slice(0, 10))}`}
      onEnd={() => make.reset()}
    >
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
    </LinkPanel>
  );
}
