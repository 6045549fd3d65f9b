import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Stack from '@mui/material/Stack';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { LIMITS } from '../api/limits';
import { ChoiceField } from '../form/ChoiceField';
import type { Day } from '../measure/days';
import { useStock } from '../stock/useStock';
import { Failure } from '../ui/Failure';
import { OilFields } from './OilFields';
import { OmegaView } from './OmegaView';
import {
  emptyOwn,
  missing,
  OFTEN,
  oilOf,
  requestOf,
  type Goes,
  type OwnCourseRequest,
  type OwnDraft,
} from './own';
import { useOmega } from './useOmega';

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
  pending,
  error,
  onSave,
  onCancel,
}: {
  dogId: string;
  today: Day;
  zone: string;
  pending: boolean;
  error: Error | null;
  onSave: (request: OwnCourseRequest) => void;
  onCancel: () => void;
}) {
  const [draft, setDraft] = useState(() => emptyOwn(today));
  const [tried, setTried] = useState(false);
  const stock = useStock();
  const errors = tried ? missing(draft) : {};
  const set = (change: Partial<OwnDraft>) => setDraft({ ...draft, ...change });
  const fed = draft.goes === 'FED';
  const oil = fed && draft.isOil ? oilOf(draft) : undefined;
  const omega = useOmega(dogId, oil, draft.vetAgreed);
  return (
    <Stack
      component="form"
      spacing={2.5}
      noValidate
      sx={{ maxWidth: 860 }}
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (Object.keys(missing(draft)).length === 0) {
          onSave(requestOf(draft, { dogId, at: new Date().toISOString(), zone }));
        }
      }}
    >
      <Typography>
        What you give on your own is written down because your vet must know what went in. Nothing
        reminds you of it.
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
          <TextField
            key={name}
            type="date"
            label={name === 'from' ? 'From' : 'Until (if you know)'}
            value={draft[name]}
            error={name in errors}
            helperText={errors[name]}
            onChange={({ target }) => set({ [name]: target.value })}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        ))}
      </Stack>
      {error && <Failure error={error} />}
      <Stack direction="row" spacing={1}>
        <Button type="submit" variant="contained" size="large" loading={pending}>
          Save
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </Stack>
    </Stack>
  );
}
