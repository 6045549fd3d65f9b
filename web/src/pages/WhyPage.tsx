import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Paper from '@mui/material/Paper';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link as RouterLink, useParams, useSearchParams } from 'react-router';
import { useMayRecord } from '../household/useMe';
import { useDog, type DogInFull } from '../view/useDog';
import { useAnswerDay } from '../exposure/useWater';
import { inWords, longDate, shortDate } from '../measure/days';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { PrintButton } from '../ui/PrintButton';
import { itemWords } from '../plan/items';
import { KINDS } from '../plan/kinds';
import { MoveByDate } from '../plan/MoveByDate';
import { WhatIf } from '../plan/WhatIf';
import { LoadFactorWhy } from '../plan/Why';
import type { PlanItem } from '../view/useToday';
import { RuleTitle } from '../ui/Because';
import { PLAN_KINDS } from '../api/planKinds';
import { whyNot } from '../api/problem';

const FIRST_SHOWN = 9;

export function Component() {
  const dog = useDog(useParams().dog ?? '');
  const failure = whyNot(dog);
  if (failure) {
    return (
      <Page title="Why">
        <Failure error={failure} onRetry={() => void dog.refetch()} />
      </Page>
    );
  }
  if (dog.data === undefined) {
    return (
      <Page title="Why">
        <Skeleton variant="rounded" height={420} role="status" aria-label="Loading" />
      </Page>
    );
  }
  return <WhyDates dog={dog.data} />;
}

/** Every planned date of a dog with the rules that made it, and what if something were different. */
function WhyDates({ dog: inFull }: { dog: DogInFull }) {
  const { dog, plan } = inFull;
  const [search, setSearch] = useSearchParams();
  const [all, setAll] = useState(false);
  const shown = all ? plan.items : plan.items.slice(0, FIRST_SHOWN);
  const chosen =
    plan.items.find(({ id }) => id === search.get('item')) ??
    plan.items.find(({ kind }) => kind === 'CLEAN') ??
    plan.items[0];
  return (
    <Page
      title={`${dog.profile.name}: why these days`}
      actions={
        <Stack direction="row" sx={{ '@media print': { display: 'none' } }}>
          <Button component={RouterLink} to={`/dogs/${dog.id}`}>
            To {dog.profile.name}’s page
          </Button>
          <PrintButton />
        </Stack>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '270px minmax(0, 1fr)' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <Box component="nav" aria-label="Dates">
          <Stack sx={{ gap: 0.5 }}>
            {shown.map((item) => (
              <DateButton
                key={item.id}
                item={item}
                today={plan.today}
                chosen={item === chosen}
                onChoose={() => setSearch({ item: item.id }, { replace: true })}
              />
            ))}
          </Stack>
          {plan.items.length > FIRST_SHOWN && (
            <Button onClick={() => setAll(!all)} sx={{ mt: 0.5 }}>
              {all ? 'Fewer dates' : `All ${plan.items.length} dates`}
            </Button>
          )}
        </Box>
        <Stack spacing={3}>
          {chosen && <Chain dog={inFull} item={chosen} />}
          <Box sx={{ '@media print': { display: 'none' } }}>
            <WhatIf dogId={dog.id} profile={dog.profile} />
          </Box>
        </Stack>
      </Box>
    </Page>
  );
}

function DateButton({
  item,
  today,
  chosen,
  onChoose,
}: {
  item: PlanItem;
  today: string;
  chosen: boolean;
  onChoose: () => void;
}) {
  return (
    <ButtonBase
      aria-pressed={chosen}
      onClick={onChoose}
      sx={{
        justifyContent: 'flex-start',
        textAlign: 'left',
        gap: 1,
        px: 1.25,
        minHeight: 44,
        border: 2,
        borderColor: chosen ? 'primary.main' : 'divider',
        borderRadius: 1,
        bgcolor: chosen ? 'mark.chosen' : 'background.paper',
      }}
    >
      <Typography component="span" sx={{ fontWeight: 700, minWidth: 92, whiteSpace: 'nowrap' }}>
        {shortDate(item.window.best)}
      </Typography>
      <Typography component="span">{KINDS[item.kind].word}</Typography>
      <Typography component="span" variant="body2" color="textSecondary" sx={{ ml: 'auto' }}>
        {inWords(item.window.best, today)}
      </Typography>
    </ButtonBase>
  );
}

/** The rules that made a date, in order, with their numbers. */
function Chain({ dog: inFull, item }: { dog: DogInFull; item: PlanItem }) {
  const { dog, plan } = inFull;
  const mayRecord = useMayRecord();
  const { earliest, best, latest } = item.window;
  return (
    <Paper variant="outlined" component="section" aria-label="Why this day" sx={{ p: 2.5 }}>
      <Typography variant="h2">
        {longDate(best)}: {itemWords(item)}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        {inWords(best, plan.today)}
        {earliest !== latest && ` · good from ${shortDate(earliest)} to ${shortDate(latest)}`}
      </Typography>
      <Stack component="ol" sx={{ p: 0, m: 0, gap: 1, counterReset: 'step' }}>
        {item.reasons.map((reason) => (
          <Box
            component="li"
            key={`${reason.rule} ${reason.sentence}`}
            sx={{
              listStyle: 'none',
              display: 'grid',
              gridTemplateColumns: '30px minmax(0, 1fr)',
              color: reason.rule === 'PLAN_LOOK_FIRST' ? 'warning.main' : undefined,
              counterIncrement: 'step',
              '&::before': {
                content: 'counter(step)',
                fontWeight: 700,
                color: 'primary.main',
                fontVariantNumeric: 'tabular-nums',
              },
            }}
          >
            <Typography>
              <RuleTitle reason={reason} />: {reason.sentence}
            </Typography>
          </Box>
        ))}
      </Stack>
      {mayRecord && item.kind === 'DRY' && <StrikeOut dog={inFull} day={best} />}
      {mayRecord && PLAN_KINDS[item.kind].movable && (
        <MoveByDate
          key={item.id}
          dogId={dog.id}
          name={dog.profile.name}
          item={item}
          today={plan.today}
        />
      )}
      {item.kind === 'CLEAN' && (
        <Box component="details" sx={{ mt: 2 }}>
          <Box component="summary" sx={{ cursor: 'pointer', fontWeight: 650, minHeight: 32 }}>
            What it started from: breed and ear type
          </Box>
          <LoadFactorWhy factor={plan.loadFactor} start={plan.start} />
        </Box>
      )}
    </Paper>
  );
}

/** A day on which water was only expected may be struck out before it comes. */
function StrikeOut({ dog: { dog, plan }, day }: { dog: DogInFull; day: string }) {
  const answer = useAnswerDay(dog.id);
  const open = plan.open.find((one) => one.day === day);
  if (!open) return null;
  return (
    <Button
      variant="outlined"
      loading={answer.isPending}
      onClick={() => answer.mutate({ open, happened: false })}
      sx={{ mt: 2 }}
    >
      It does not happen that day
    </Button>
  );
}
