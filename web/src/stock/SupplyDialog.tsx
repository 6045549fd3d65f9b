import { zodResolver } from '@hookform/resolvers/zod';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { v7 as newId } from 'uuid';
import { useSettings } from '../household/useMe';
import { bottleUnit } from '../measure/units';
import { FormChoice } from '../form/FormChoice';
import type { Day } from '../measure/days';
import {
  CLEANER_CHOICES,
  blankSupply,
  formOf,
  KINDS,
  requestOf,
  supplyFormSchema,
  unitOf,
  type SupplyForm,
} from './supplyForm';
import { LabelFields } from './LabelFields';
import { useSaveSupply, type Supply } from './useStock';
import { useRemoveFact } from '../fact/useFact';
import { DayField } from '../form/DayField';

/** The bottle or pack that is counted anew; nothing of it for a new one. */
export interface Editing {
  supply?: Supply;
  left?: number;
  version?: number | undefined;
}

/** Says what a bottle or pack is, and how much is left in it. */
export function SupplyDialog({
  editing: { supply, left, version },
  today,
  onClose,
}: {
  editing: Editing;
  today: Day;
  onClose: () => void;
}) {
  const [id] = useState(() => supply?.id ?? newId());
  const { volumeUnit } = useSettings();
  const unit = bottleUnit(volumeUnit);
  const schema = useMemo(() => supplyFormSchema(today, unit), [today, unit]);
  const form = useForm<SupplyForm>({
    defaultValues: supply ? formOf(supply, left ?? supply.left, unit) : blankSupply(unit),
    resolver: zodResolver(schema),
  });
  const { control, register, handleSubmit, formState } = form;
  const isMixed = supply?.batch !== undefined;
  const kind = useWatch({ control, name: 'kind' });
  const save = useSaveSupply(onClose);
  const remove = useRemoveFact('supplies', 'Taken out of the house.', onClose);
  const text = (field: 'name' | 'size' | 'left' | 'openedOn' | 'price') => ({
    error: !!formState.errors[field],
    helperText: formState.errors[field]?.message,
    ...register(field),
  });
  const problem = save.error ?? remove.error;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <form
        noValidate
        onSubmit={(event) =>
          void handleSubmit((said) =>
            save.mutate({ id, version, body: requestOf(said, new Date(), unit, supply) }),
          )(event)
        }
      >
        <DialogTitle>{supply ? `Count ${supply.name}` : 'Add a bottle or pack'}</DialogTitle>
        <DialogContent>
          <Stack spacing={2} sx={{ pt: 1 }}>
            {problem && <Alert severity="error">{problem.message}</Alert>}
            {!supply && (
              <FormChoice
                control={control}
                name="kind"
                label="What is it"
                hint={`Bottles are counted in ${unit}, packs in wipes.`}
                choices={KINDS}
              />
            )}
            <TextField label="Name" autoFocus={!supply} {...text('name')} />
            {kind === 'CLEANER' && !isMixed && (
              <FormChoice
                control={control}
                name="cleaner"
                label="What it does"
                hint="As the label says; antiseptic ones only from your vet."
                choices={CLEANER_CHOICES}
              />
            )}
            <Stack direction="row" spacing={2}>
              <TextField
                label={`A full one, ${unitOf(kind, volumeUnit)}`}
                type="number"
                slotProps={{ htmlInput: { inputMode: 'decimal', step: 'any' } }}
                {...text('size')}
              />
              <TextField
                label={`Left now, ${unitOf(kind, volumeUnit)}`}
                type="number"
                autoFocus={!!supply}
                slotProps={{ htmlInput: { inputMode: 'decimal', step: 'any' } }}
                {...text('left')}
              />
            </Stack>
            <Stack direction={{ xs: 'column', sm: 'row' }} spacing={2}>
              <DayField
                label="Opened on"
                slotProps={{ htmlInput: { max: today } }}
                {...text('openedOn')}
              />
              <TextField
                label="Price of a full one, in your currency"
                type="number"
                slotProps={{ htmlInput: { inputMode: 'decimal', step: 'any' } }}
                {...text('price')}
              />
            </Stack>
            {!isMixed && <LabelFields form={form} />}
          </Stack>
        </DialogContent>
        <DialogActions>
          {supply && version !== undefined && (
            <Button
              color="error"
              sx={{ mr: 'auto' }}
              loading={remove.isPending}
              onClick={() => remove.mutate({ id, version })}
            >
              It is gone
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" loading={save.isPending}>
            Save
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
