import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import { useState } from 'react';
import { useParams } from 'react-router';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { RadioTiles } from '../form/RadioTiles';
import { HandOverSheet } from '../handover/HandOverSheet';
import { useHandOver, useMakeHandOverLink, type Taker } from '../handover/useHandOver';
import { useMayRecord } from '../household/useMe';
import { addDays, dateWithYear, type Day } from '../measure/days';
import { capital } from '../measure/words';
import { Fetched } from '../ui/Fetched';
import { PrintButton } from '../ui/PrintButton';
import { OfDogPage } from '../view/OfDogPage';
import { LinkPanel } from '../visit/LinkPanel';
import { DayField } from '../form/DayField';

const USUAL_DAYS: Record<Taker, number> = { GROOMER: 0, SITTER: 6, SHELTER: 13, FOSTER: 27 };

/** One page for whoever takes a dog for a while: to print, or by a link with a short form. */
export function Component() {
  const { dog = '' } = useParams();
  return (
    <OfDogPage id={dog} title="hand-over" aside="What to do in their days, and what not">
      {({ plan }) => <ForTheTaker dog={dog} today={plan.today} />}
    </OfDogPage>
  );
}

function ForTheTaker({ dog, today }: { dog: string; today: Day }) {
  const mayRecord = useMayRecord();
  const [taker, setTaker] = useState<Taker>('GROOMER');
  const [from, setFrom] = useState(today);
  const [until, setUntil] = useState(today);
  const stay = { taker, from, until };
  const page = useHandOver(dog, stay);
  const make = useMakeHandOverLink(dog);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 4fr)' },
        gap: 3,
        alignItems: 'start',
      }}
    >
      <Stack spacing={2}>
        <Stack spacing={2} sx={{ '@media print': { display: 'none' } }}>
          <RadioTiles
            label="Who takes it"
            tiles={WORDS.Taker.map(({ value, label }) => ({
              value,
              name: label,
              content: capital(label),
            }))}
            value={taker}
            columns={{ xs: 2, md: 4 }}
            onChange={(chosen) => {
              setTaker(chosen);
              setUntil(addDays(from, USUAL_DAYS[chosen]));
              make.reset();
            }}
          />
          <Stack direction="row" sx={{ gap: 2, flexWrap: 'wrap' }}>
            <DayField
              label="From"
              value={from}
              onChange={({ target }) => {
                if (!target.value) return;
                setFrom(target.value);
                if (until < target.value) setUntil(target.value);
                make.reset();
              }}
              sx={{ width: 190 }}
            />
            <DayField
              label="Until"
              value={until}
              onChange={({ target }) => {
                if (!target.value) return;
                setUntil(target.value);
                make.reset();
              }}
              slotProps={{ htmlInput: { min: from } }}
              sx={{ width: 190 }}
            />
            <PrintButton />
          </Stack>
        </Stack>
        <Fetched query={page} height={900}>
          {(known) => (
            <Paper variant="outlined" sx={{ p: 3, opacity: page.isPlaceholderData ? 0.6 : 1 }}>
              <HandOverSheet page={known} />
            </Paper>
          )}
        </Fetched>
      </Stack>
      {mayRecord && (
        <Box sx={{ '@media print': { display: 'none' } }}>
          <LinkPanel
            dog={dog}
            title="By a link, with a form"
            about="Whoever has it reads this page as it is then, without an account, and says in a short form what they did and saw. It comes back into the record under their name."
            made={make.data}
            failed={make.error}
            shows={(link) => link.stay !== undefined}
            words={({ stay }) =>
              stay ? `${capital(labelOf(WORDS.Taker, stay.taker))}, ${dateWithYear(stay.from)}` : ''
            }
            onEnd={() => make.reset()}
          >
            <Button
              variant="contained"
              loading={make.isPending}
              disabled={page.isError}
              onClick={() => make.mutate(stay)}
            >
              Make a link for the {labelOf(WORDS.Taker, taker)}
            </Button>
          </LinkPanel>
        </Box>
      )}
    </Box>
  );
}
