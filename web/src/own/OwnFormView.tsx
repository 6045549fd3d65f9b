import Alert from '@mui/material/Alert';
import FormControlLabel from '@mui/material/FormControlLabel';
import Stack from '@mui/material/Stack';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { LIMITS } from '../api/limits';
import { MAY_GO_IN_WORDS } from '../check/verdicts';
import { ChoiceField } from '../form/ChoiceField';
import type { Day } from '../measure/days';
import { earName, ofSide } from '../measure/side';
import { useStock } from '../stock/useStock';
import type { DogInFull } from '../view/useDog';
import { EntryForm, type EntryState } from '../ui/EntryForm';
import { OilFields } from './OilFields';
import { OmegaView } from './OmegaView';
import {
  emptyOwn,
  EARS,
  missing,
  OFTEN,
  oilOf,
  requestOf,
  type Goes,
  type OwnCourseRequest,
  type OwnDraft,
} from './own';
import { useOmega } from './useOmega';
import { DayField } from '../form/DayField';

const GOES: readonly { value: Goes; label: string }[] = [
  { value: 'RIGHT', label: 'into the right ear' },
  { value: 'LEFT', label: 'into the left ear' },
  { value: 'BOTH', label: 'into both ears' },
  { value: 'FED', label: 'with the food' },
];

/** Something of their own that somebody gives for days. */
export function OwnFormView({
  dogId,
  today,
  zone,
  ears,
  pending,
  error,
  onSave,
  onCancel,
}: EntryState & {
  dogId: string;
  today: Day;
  zone: string;
  /** What may go into each ear as it stands. */
  ears: DogInFull['plan']['ears'];
  onSave: (request: OwnCourseRequest) => void;
}) {
  const [draft, setDraft] = useState(() => emptyOwn(today));
  const stock = useStock();
  const set = (change: Partial<OwnDraft>) => setDraft({ ...draft, ...change });
  const fed = draft.goes === 'FED';
  const oil = fed && draft.isOil ? oilOf(draft) : undefined;
  const omega = useOmega(dogId, oil, draft.vetAgreed);
  return (
    <EntryForm
      pending={pending}
      error={error}
      onCancel={onCancel}
      missing={missing(draft)}
      onSubmit={() => onSave(requestOf(draft, { dogId, at: new Date().toISOString(), zone }))}
    >
      {(errors) => (
        <>
          <Typography>
            What you give on your own is written down because your vet must know what went in.
            Nothing reminds you of it.
          </Typography>
          <TextField
            label="What it is"
            value={draft.what}
            error={'what' in errors}
            helperText={errors.what ?? 'In your own words'}
            onChange={({ target }) => set({ what: target.value })}
            slotProps={{ htmlInput: { maxLength: LIMITS.OwnCourse.what.length } }}
          />
          <ChoiceField
            label="Where it goes"
            hint="The dog’s own right and left."
            choices={GOES}
            value={draft.goes}
            onChange={(goes) => set({ goes })}
          />
          {EARS[draft.goes]
            .filter((side) => ofSide(ears, side).mayGoIn !== 'IN_EAR')
            .map((side) => (
              <Alert severity="error" key={side}>
                The {earName(side)}: {MAY_GO_IN_WORDS[ofSide(ears, side).mayGoIn]}. Put nothing of
                your own in now.
              </Alert>
            ))}
          {!fed && (
            <TextField
              select
              label="From which bottle"
              value={draft.supplyId}
              onChange={({ target }) => set({ supplyId: target.value })}
              helperText="With a bottle of the shelf, the bench says each day whether it suits the ear."
              slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
            >
              <option value="">none of the shelf</option>
              {stock.data?.kinds
                .filter(({ kind }) => kind === 'CLEANER')
                .flatMap(({ supplies }) => supplies)
                .map(({ supply }) => (
                  <option key={supply.id} value={supply.id}>
                    {supply.name}
                  </option>
                ))}
            </TextField>
          )}
          {fed && (
            <FormControlLabel
              control={<Switch checked={draft.isOil} onChange={(_, isOil) => set({ isOil })} />}
              label="It is an oil with EPA and DHA (omega-3)"
            />
          )}
          {fed && draft.isOil && (
            <>
              <OilFields oil={draft.oil} onChange={(next) => set({ oil: next })} />
              {errors.oil && <Typography color="error">{errors.oil}</Typography>}
              {oil && omega.data && <OmegaView omega={omega.data} />}
            </>
          )}
          <FormControlLabel
            control={
              <Switch checked={draft.vetAgreed} onChange={(_, vetAgreed) => set({ vetAgreed })} />
            }
            label="My vet has said yes to it"
          />
          <ChoiceField
            label="How often"
            hint="As you do it."
            choices={OFTEN}
            value={draft.often}
            onChange={(often) => set({ often })}
          />
          <Stack direction="row" spacing={2}>
            {(['from', 'to'] as const).map((name) => (
              <DayField
                key={name}
                label={name === 'from' ? 'From' : 'Until (if you know)'}
                value={draft[name]}
                error={name in errors}
                helperText={errors[name]}
                onChange={({ target }) => set({ [name]: target.value })}
              />
            ))}
          </Stack>
        </>
      )}
    </EntryForm>
  );
}
