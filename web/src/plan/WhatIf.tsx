import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { labelOf } from '../form/choice';
import { WORDS } from '../api/words';
import { SCHEDULING_SCHOOLS } from '../account/schools';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { LOADS } from '../cleaning/load';
import { count } from '../measure/days';
import { Failure } from '../ui/Failure';
import { LongRow } from './LongRow';
import { LIMITS } from '../api/limits';

type Said = Schemas['WhatIfRequest'];
type DogPlan = Schemas['DogPlan'];

const DEFAULT_DAYS = 14;
const { min: FEWEST_DAYS, max: MOST_DAYS } = LIMITS.WhatIf.fixedDays;

/** The plan as it is and as it would be; nothing of it is saved. */
function useWhatIf(dogId: string, said: Said) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'what-if', dogId, said],
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.POST('/api/households/{household}/dogs/{dog}/what-if', {
          params: { path: { household, dog: dogId } },
          body: said,
        }),
      ),
  });
}

/** Change something and see the next 60 days move, before anything is saved. */
export function WhatIf({ dogId, profile }: { dogId: string; profile: Schemas['DogProfile'] }) {
  const [said, setSaid] = useState<Said>({});
  const plans = useWhatIf(dogId, said);
  const { ears, life } = profile;
  const set = (change: Said) => setSaid({ ...said, ...change });
  const changed = Object.values(said).some((value) => value !== undefined);
  return (
    <Paper variant="outlined" component="section" aria-label="What if" sx={{ p: 2.5 }}>
      <Stack direction="row" sx={{ alignItems: 'baseline', gap: 2, mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          What if…
        </Typography>
        {changed && <Button onClick={() => setSaid({})}>As it is</Button>}
      </Stack>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(3, 1fr)' },
          gap: 1.5,
          mb: 2,
        }}
      >
        <Pick
          label="School"
          value={said.scheduling}
          present="as it is"
          choices={SCHEDULING_SCHOOLS.map(({ value, label }) => ({
            value,
            label: label.replace(' (default)', ''),
          }))}
          onPick={(scheduling) =>
            set({ scheduling, fixedDays: scheduling === 'FIXED' ? DEFAULT_DAYS : undefined })
          }
        />
        {said.scheduling === 'FIXED' && (
          <FixedDays
            days={said.fixedDays ?? DEFAULT_DAYS}
            onChange={(fixedDays) => set({ fixedDays })}
          />
        )}
        <Pick
          label="The flap"
          value={said.carriage}
          present={labelOf(WORDS.Carriage, ears.carriage)}
          choices={WORDS.Carriage}
          onPick={(carriage) => set({ carriage })}
        />
        <Pick
          label="Canal hair"
          value={said.canalHair}
          present={labelOf(WORDS.CanalHair, ears.canalHair)}
          choices={WORDS.CanalHair}
          onPick={(canalHair) => set({ canalHair })}
        />
        <Pick
          label="Feathering"
          value={said.feathering}
          present={labelOf(WORDS.Feathering, ears.feathering)}
          choices={WORDS.Feathering}
          onPick={(feathering) => set({ feathering })}
        />
        <Pick
          label="Water"
          value={said.water}
          present={labelOf(WORDS.WaterHabit, life.water)}
          choices={WORDS.WaterHabit}
          onPick={(water) => set({ water })}
        />
        <Pick
          label="Climate"
          value={said.climate}
          present="as it is"
          choices={WORDS.Climate}
          onPick={(climate) => set({ climate })}
        />
        <Pick
          label="Cleaned today, load"
          value={said.load?.toString()}
          present="not cleaned"
          choices={LOADS.map(({ grade, word }) => ({ value: String(grade), label: word }))}
          onPick={(load) => set({ load: load === undefined ? undefined : Number(load) })}
        />
      </Box>
      {plans.isError && <Failure error={plans.error} onRetry={() => void plans.refetch()} />}
      {plans.data && (
        <Stack spacing={1}>
          <LongRow heading="As it is" plan={plans.data.now} />
          <LongRow
            heading={changed ? 'What if' : 'What if (choose above)'}
            plan={plans.data.then}
          />
          <Typography aria-live="polite">{difference(plans.data.now, plans.data.then)}</Typography>
        </Stack>
      )}
    </Paper>
  );
}

/** A number on its way to being typed stands as it is; one that may be asked is passed on. */
function FixedDays({ days, onChange }: { days: number; onChange: (days: number) => void }) {
  const [typed, setTyped] = useState(String(days));
  const isOff = !isPossible(Number(typed));
  return (
    <TextField
      size="small"
      type="number"
      label="Every so many days"
      value={typed}
      error={isOff}
      helperText={isOff ? `${FEWEST_DAYS} to ${MOST_DAYS}` : undefined}
      onChange={(event) => {
        setTyped(event.target.value);
        const next = Number(event.target.value);
        if (isPossible(next)) onChange(next);
      }}
      slotProps={{ htmlInput: { min: FEWEST_DAYS, max: MOST_DAYS } }}
    />
  );
}

function isPossible(days: number): boolean {
  return Number.isInteger(days) && days >= FEWEST_DAYS && days <= MOST_DAYS;
}

/** "4 cleanings in 60 days instead of 6. Right ear every 14 days (now 10), left every 14 (now 12)." */
function difference(now: DogPlan, then: DogPlan): string {
  const [a, b] = [now, then].map((plan) => plan.items.filter(({ kind }) => kind === 'CLEAN'));
  const before = a ?? [];
  const after = b ?? [];
  const many =
    before.length === after.length
      ? `${count(after.length, 'cleaning')} in 60 days, as now.`
      : `${count(after.length, 'cleaning')} in 60 days instead of ${before.length}.`;
  const interval = `Right ear every ${count(then.ears.right.interval.days, 'day')} (now ${now.ears.right.interval.days}), left every ${count(then.ears.left.interval.days, 'day')} (now ${now.ears.left.interval.days}).`;
  return `${many} ${interval}`;
}

function Pick<V extends string>({
  label,
  value,
  present,
  choices,
  onPick,
}: {
  label: string;
  value: V | undefined;
  /** What it is now, which choosing nothing leaves. */
  present: string;
  choices: readonly { value: V; label: string }[];
  onPick: (value: V | undefined) => void;
}) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={value ?? ''}
      onChange={(event) => onPick(choices.find((one) => one.value === event.target.value)?.value)}
      slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
    >
      <option value="">{present}</option>
      {choices
        .filter((choice) => choice.label !== present)
        .map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.label}
          </option>
        ))}
    </TextField>
  );
}
