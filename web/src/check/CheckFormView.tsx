import { zodResolver } from '@hookform/resolvers/zod';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useSettings } from '../household/useMe';
import { DayAndNote } from '../form/DayAndNote';
import type { Schemas } from '../api/client';
import { sidesAsSeen } from '../measure/facing';
import { AskTold } from './AskTold';
import { DogSignsPanel } from './DogSignsPanel';
import { EarHeads } from './EarHeads';
import { EarSignRows } from './EarSignRows';
import { askedByName, isAnswered } from './toldSigns';
import { sayUnseen } from './unseen';
import { UnseenEars } from './UnseenEars';
import { LiveVerdict } from './LiveVerdict';
import { checkFormSchema, isComplete, requestOf, type CheckForm } from './checkForm';
import { useCheckPreview } from './useCheckPreview';
import { useSaveFact } from '../fact/useFact';
import { PhotographButton } from '../photo/PhotographButton';
import { useGoOn } from '../ui/useGoOn';

/** The version of a check that is corrected. */
interface Correction {
  version: number;
  said: Schemas['CheckRequest'];
}

/** What the form needs to know of a dog. */
type CheckedDog = Pick<
  Schemas['DogInFull'],
  'dog' | 'plan' | 'zone' | 'startsFrom' | 'normal' | 'ears'
>;

/**
 * A check: the pair side by side, what the whole dog shows, and what it comes to while it is being
 * graded.
 *
 * @param corrected what is corrected; undefined for a new check
 */
export function CheckFormView({
  checkId,
  dog,
  begun,
  corrected,
}: {
  checkId: string;
  dog: CheckedDog;
  begun: CheckForm;
  corrected?: Correction;
}) {
  const { id: dogId, profile } = dog.dog;
  const goOn = useGoOn();
  const sides = sidesAsSeen(useSettings().facing);
  const schema = useMemo(
    () => checkFormSchema(dog.plan.today, profile.bornOn),
    [dog.plan.today, profile.bornOn],
  );
  const { control, register, handleSubmit, setValue, formState } = useForm<CheckForm>({
    defaultValues: begun,
    resolver: zodResolver(schema),
  });
  const form = useWatch({ control }) as CheckForm;
  const save = useSaveFact('checks', checkId, corrected?.version, () =>
    goOn(`/dogs/${dogId}/checks/${checkId}?saved`),
  );
  const request = (said: CheckForm) =>
    requestOf(said, dogId, dog.zone, new Date(), corrected?.said);
  const preview = useCheckPreview(dogId, request(form), corrected && checkId);
  const judged = preview.data?.verdict.ears;
  const verdicts = judged && { right: judged.right.verdict, left: judged.left.verdict };
  const told = useMemo(() => (corrected ? [] : askedByName(dog.ears)), [corrected, dog.ears]);
  const answered = isAnswered(told, form);
  const complete = isComplete(form) && answered;

  return (
    <form
      noValidate
      onSubmit={(event) => void handleSubmit((said) => save.mutate(request(said)))(event)}
    >
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 340px' },
          gap: { xs: 2, md: 3 },
          alignItems: 'start',
        }}
      >
        <Stack spacing={2}>
          {!dog.startsFrom && !corrected && (
            <Alert severity="warning">
              The last check was not quiet, or an ear is held: nothing is filled in. Look for every
              sign anew.
            </Alert>
          )}
          {told.length > 0 && (
            <AskTold
              told={told}
              asked={form.asked}
              onAnswer={(asked) => setValue('asked', asked)}
            />
          )}
          <Paper variant="outlined" sx={{ px: { xs: 1, sm: 2 }, pb: 2 }}>
            <EarHeads
              sides={sides}
              form={form}
              verdicts={answered ? verdicts : undefined}
              onLooked={(ear, looked) => setValue(`${ear}.looked`, looked)}
              onUnseen={(ear, couldLook) => sayUnseen(ear, couldLook, setValue)}
            />
            <UnseenEars sides={sides} form={form} onChange={setValue} />
            <EarSignRows sides={sides} form={form} normal={dog.normal} onChange={setValue} />
          </Paper>
          <Paper variant="outlined" sx={{ p: { xs: 1.5, sm: 2 } }}>
            <DogSignsPanel sides={sides} signs={form.dog} onChange={setValue} />
          </Paper>
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            {sides.map((ear) => (
              <PhotographButton key={ear} subject={{ dogId, shows: 'EAR', ear }} />
            ))}
          </Stack>
          <DayAndNote
            day={register('day')}
            note={register('note')}
            latest={dog.plan.today}
            errors={formState.errors}
          />
        </Stack>
        <Box
          sx={{
            position: 'sticky',
            top: { md: 16 },
            bottom: { xs: 69, md: 'auto' },
            mx: { xs: -2, md: 0 },
            zIndex: 1,
          }}
        >
          <Paper
            variant="outlined"
            sx={{
              p: { xs: 1.5, md: 2 },
              borderRadius: { xs: 0, md: 1 },
              borderWidth: { xs: '2px 0 0', md: 1 },
            }}
          >
            <LiveVerdict form={form} sides={sides} isAsked={!answered} preview={preview} />
            {save.isError && (
              <Alert severity="error" sx={{ my: 1 }}>
                {save.error.message}
              </Alert>
            )}
            <Button
              type="submit"
              variant="contained"
              size="large"
              fullWidth
              disabled={!complete}
              loading={save.isPending}
              sx={{ mt: 1 }}
            >
              Save
            </Button>
            {!complete && (
              <Typography
                variant="body2"
                color="textSecondary"
                sx={{ mt: 0.5, display: { xs: 'none', md: 'block' } }}
              >
                {isComplete(form)
                  ? 'Answer what was told of it.'
                  : 'Tap “Looked and sniffed” for each ear, and the signs that differ.'}
              </Typography>
            )}
          </Paper>
        </Box>
      </Box>
    </form>
  );
}
