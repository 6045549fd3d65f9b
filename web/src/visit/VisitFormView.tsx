import { zodResolver } from '@hookform/resolvers/zod';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { Link as RouterLink } from 'react-router';
import {
  begunOn,
  emptyCourse,
  requestOf as courseRequest,
  wrong,
  type CourseDraft,
} from '../course/courseForm';
import { useSettings } from '../household/useMe';
import type { DogInFull } from '../view/useDog';
import { sidesAsSeen } from '../measure/facing';
import { ofSide } from '../measure/side';
import { SwitchField } from '../form/SwitchField';
import { EarVisitFields } from './EarVisitFields';
import { MedicineOfVisit } from './MedicineOfVisit';
import { useSaveVisit } from './useSaveVisit';
import { requestOf, visitFormSchema, type VisitForm, type VisitRequest } from './visitForm';
import { DayField } from '../form/DayField';
import { useGoOn } from '../ui/useGoOn';

/** The version of a visit that is corrected. */
interface Correction {
  version: number;
  said: VisitRequest;
}

/**
 * A visit to the vet: what was found and said of each ear.
 *
 * @param corrected what is corrected; undefined for a new visit
 */
export function VisitFormView({
  visitId,
  dog,
  begun,
  corrected,
}: {
  visitId: string;
  dog: DogInFull;
  begun: VisitForm;
  corrected?: Correction;
}) {
  const { id: dogId, profile } = dog.dog;
  const goOn = useGoOn();
  const sides = sidesAsSeen(useSettings().facing);
  const schema = useMemo(
    () => visitFormSchema(dog.plan.today, profile.bornOn),
    [dog.plan.today, profile.bornOn],
  );
  const { control, register, handleSubmit, formState } = useForm<VisitForm>({
    defaultValues: begun,
    resolver: zodResolver(schema),
  });
  const form = useWatch({ control }) as VisitForm;
  const [medicine, setMedicine] = useState<CourseDraft | undefined>();
  const [tried, setTried] = useState(false);
  const missing = medicine ? wrong(medicine) : {};
  const save = useSaveVisit(visitId, corrected?.version, () => goOn(`/dogs/${dogId}/visits?saved`));
  const request = (said: VisitForm) =>
    requestOf(said, dogId, dog.zone, new Date(), corrected?.said);
  const course = (said: VisitForm) =>
    medicine &&
    courseRequest(begunOn(medicine, said.day, dog.plan.today, dog.zone), {
      dogId,
      at: new Date().toISOString(),
      zone: dog.zone,
    });
  return (
    <form
      noValidate
      onSubmit={(event) =>
        void handleSubmit((said) => {
          setTried(true);
          if (Object.keys(missing).length > 0) return;
          save.mutate({ visit: request(said), course: course(said) });
        })(event)
      }
    >
      <Stack spacing={2.5} sx={{ maxWidth: 1080 }}>
        <SwitchField
          control={control}
          name="call"
          label="It was a call: the vet looked at nothing"
        />
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
          {sides.map((side) => (
            <Paper key={side} variant="outlined" sx={{ p: 2 }}>
              <EarVisitFields
                side={side}
                control={control}
                register={register}
                said={side === 'RIGHT' ? form.right : form.left}
                errors={side === 'RIGHT' ? formState.errors.right : formState.errors.left}
                day={form.day}
                held={ofSide(dog.plan.ears, side).hold}
                drum={ofSide(dog.plan.ears, side).eardrum}
                isCall={form.call}
                under={!!ofSide(dog.plan.ears, side).order?.instruction.howOften}
              />
            </Paper>
          ))}
        </Box>
        <Box
          sx={{
            display: 'grid',
            gap: 2,
            gridTemplateColumns: { xs: '1fr', sm: '190px 190px 1fr' },
          }}
        >
          <DayField
            label="Day of the visit"
            slotProps={{ htmlInput: { max: dog.plan.today } }}
            error={!!formState.errors.day}
            helperText={formState.errors.day?.message}
            {...register('day')}
          />
          <DayField
            label="Next visit"
            error={!!formState.errors.next}
            helperText={formState.errors.next?.message ?? 'Leave empty if none was named.'}
            {...register('next')}
          />
          <TextField
            label="What was said"
            multiline
            error={!!formState.errors.note}
            helperText={formState.errors.note?.message}
            {...register('note')}
          />
        </Box>
        {!corrected && (
          <MedicineOfVisit
            draft={medicine}
            errors={tried ? missing : {}}
            onChange={(isGiven, change) =>
              setMedicine(
                isGiven ? { ...(medicine ?? emptyCourse(form.day)), ...change } : undefined,
              )
            }
          />
        )}
        {save.isError && <Alert severity="error">{save.error.message}</Alert>}
        <Stack direction="row" spacing={1}>
          <Button type="submit" variant="contained" size="large" loading={save.isPending}>
            Save
          </Button>
          <Button component={RouterLink} to={`/dogs/${dogId}`} size="large">
            Cancel
          </Button>
        </Stack>
      </Stack>
    </form>
  );
}
