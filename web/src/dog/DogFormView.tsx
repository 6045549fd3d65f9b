import { zodResolver } from '@hookform/resolvers/zod';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useEffect, useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useSettings } from '../household/useMe';
import { Problem } from '../api/problem';
import type { Day } from '../measure/days';
import { dogFormSchema, formField, type DogForm } from './dogForm';
import { IntervalPreview } from './IntervalPreview';
import type { Preview } from './useInterval';
import { TakenForGranted } from './TakenForGranted';
import { ThreeAnswers } from './ThreeAnswers';

/**
 * The form for a dog: three answers, what they come to at once, and the rest in a line each. It
 * keeps what was typed until it has been saved.
 */
export function DogFormView({
  start,
  today,
  isNew = false,
  known,
  save,
  saving,
  problem,
}: {
  start: DogForm;
  today: Day;
  isNew?: boolean;
  /** What it comes to as it stands, of a dog that is known. */
  known?: Preview;
  save: (form: DogForm) => void;
  saving: boolean;
  problem: Error | null;
}) {
  const { weightUnit } = useSettings();
  const schema = useMemo(() => dogFormSchema(today, weightUnit), [today, weightUnit]);
  const { register, control, handleSubmit, setValue, setError, reset, formState } =
    useForm<DogForm>({ defaultValues: start, resolver: zodResolver(schema) });
  const form = useWatch({ control }) as DogForm;

  useEffect(() => {
    if (!(problem instanceof Problem)) return;
    for (const { field, message } of problem.fields) {
      const named = formField(field);
      if (named) setError(named, { message });
    }
  }, [problem, setError]);

  const parts = { form, control, register, setValue, errors: formState.errors, today };
  return (
    <form noValidate onSubmit={(event) => void handleSubmit(save)(event)}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 400px' },
          columnGap: 4,
          rowGap: 2.5,
          alignItems: 'start',
        }}
      >
        <Stack spacing={2}>
          {problem && <Alert severity="error">{problem.message}</Alert>}
          <ThreeAnswers {...parts} />
        </Stack>
        <Box
          sx={{
            display: { xs: 'contents', md: 'block' },
            gridColumn: { md: 2 },
            gridRow: { md: '1 / span 2' },
            position: { md: 'sticky' },
            top: { md: 16 },
          }}
        >
          <IntervalPreview form={form} known={known} />
          <Box
            sx={{
              order: { xs: 3, md: 0 },
              position: { xs: 'sticky', md: 'static' },
              bottom: { xs: 69 },
              zIndex: 1,
              mx: { xs: -2, md: 0 },
              mt: { md: 2 },
              p: { xs: 1.5, md: 0 },
              bgcolor: 'background.default',
              borderTop: { xs: 1, md: 0 },
              borderColor: { xs: 'divider' },
            }}
          >
            <Button
              type="submit"
              variant="contained"
              size="large"
              fullWidth
              loading={saving}
              sx={{ minHeight: 52 }}
            >
              Save
            </Button>
          </Box>
        </Box>
        <Box sx={{ order: { xs: 2, md: 0 } }}>
          <TakenForGranted
            {...parts}
            isNew={isNew}
            onCopy={(mate) =>
              reset({ ...mate, name: form.name, weightToday: form.weightToday, weights: [] })
            }
          />
        </Box>
      </Box>
    </form>
  );
}
