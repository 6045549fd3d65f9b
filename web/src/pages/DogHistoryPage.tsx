import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link as RouterLink, useParams } from 'react-router';
import { labelOf } from '../form/choice';
import { WORDS } from '../api/words';
import { useSettings } from '../household/useMe';
import type { Schemas } from '../api/client';
import { useRestoreFact, useVersions } from '../fact/useFact';
import { Versions } from '../fact/Versions';
import { dateWithYear } from '../measure/days';
import { weightWords } from '../measure/units';
import { Page } from '../ui/Page';

type Said = Schemas['DogRequest'];

/** All that was said of a dog, by whom and when. */
export function Component() {
  const { dog = '' } = useParams();
  const versions = useVersions('dogs', dog);
  const restore = useRestoreFact('dogs', dog);
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
          `flap ${labelOf(WORDS.Carriage, said.ears.carriage)}`,
          `canal hair ${labelOf(WORDS.CanalHair, said.ears.canalHair)}`,
          `feathering ${labelOf(WORDS.Feathering, said.ears.feathering)}`,
          `water ${labelOf(WORDS.WaterHabit, said.life.water)}`,
          said.leftOn && `left ${dateWithYear(said.leftOn)}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Typography>
    </>
  );
}
