import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link as RouterLink, useParams } from 'react-router';
import { useHousehold, useSettings } from '../account/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { CARRIAGES, CANAL_HAIRS, FEATHERINGS, WATERS } from '../ear/traits';
import { Versions } from '../fact/Versions';
import { dateWithYear } from '../measure/days';
import { weightWords } from '../measure/units';
import { Page } from '../shell/Page';

type Said = Schemas['DogRequest'];

/** All that was said of a dog, by whom and when. */
export function Component() {
  const { dog = '' } = useParams();
  const household = useHousehold().id;
  const client = useQueryClient();
  const versions = useQuery({
    queryKey: [household, 'dogs', dog, 'versions'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/versions', {
          params: { path: { household, dog } },
        }),
      ),
  });
  const restore = useMutation({
    mutationFn: (version: number) =>
      answered(
        api.POST('/api/households/{household}/dogs/{dog}/versions/{version}/restore', {
          params: { path: { household, dog, version } },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: [household] }),
  });
  return (
    <Page
      title="What was said"
      aside={versions.data?.[0]?.said?.name}
      actions={
        <Button component={RouterLink} to={`/dogs/${dog}`}>
          Back to the dog
        </Button>
      }
    >
      <Versions
        query={versions}
        describe={(said) => <DogWords said={said} />}
        onRestore={restore.mutate}
        restoring={restore.isPending}
        problem={restore.error}
      />
    </Page>
  );
}

function label<V extends string>(choices: readonly { value: V; label: string }[], value: V) {
  return choices.find((choice) => choice.value === value)?.label ?? '';
}

function DogWords({ said }: { said: Said }) {
  const { weightUnit } = useSettings();
  const weight = said.weights.at(-1);
  return (
    <>
      <Typography sx={{ fontWeight: 650 }}>{said.name}</Typography>
      <Typography>
        {[
          said.bornOn && `born ${dateWithYear(said.bornOn)}`,
          weight && weightWords(weight.weight, weightUnit),
          `flap ${label(CARRIAGES, said.ears.carriage)}`,
          `canal hair ${label(CANAL_HAIRS, said.ears.canalHair)}`,
          `feathering ${label(FEATHERINGS, said.ears.feathering)}`,
          `water ${label(WATERS, said.life.water)}`,
          said.leftOn && `left ${dateWithYear(said.leftOn)}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Typography>
    </>
  );
}
