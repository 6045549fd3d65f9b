import Button from '@mui/material/Button';
import Alert from '@mui/material/Alert';
import { useParams } from 'react-router';
import { useDog } from '../view/useDog';
import { useRemoveFact, useRestoreFact, useVersions } from '../fact/useFact';
import { Versions } from '../fact/Versions';
import { dateWithYear } from '../measure/days';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { formOf } from '../visit/visitForm';
import { VisitFormView } from '../visit/VisitFormView';
import { useGoOn } from '../ui/useGoOn';

/** Correcting a visit, deleting it, or undoing a change. */
export function Component() {
  const { dog: dogId = '', visit = '' } = useParams();
  const goOn = useGoOn();
  const dog = useDog(dogId);
  const versions = useVersions('visits', visit);
  const latest = versions.data?.[0];
  const restore = useRestoreFact('visits', visit);
  const remove = useRemoveFact('visits', 'The visit is deleted.', () =>
    goOn(`/dogs/${dogId}/visits`),
  );
  const problem = dog.error ?? versions.error;
  return (
    <Page
      title="Correct a visit"
      actions={
        latest?.said && (
          <Button
            color="error"
            variant="outlined"
            loading={remove.isPending}
            onClick={() => remove.mutate({ id: visit, version: latest.version })}
          >
            Delete
          </Button>
        )
      }
    >
      {problem && <Failure error={problem} onRetry={() => void versions.refetch()} />}
      {remove.isError && <Alert severity="error">{remove.error.message}</Alert>}
      {dog.data && latest?.said && (
        <VisitFormView
          key={latest.version}
          visitId={visit}
          dog={dog.data}
          begun={formOf(latest.said)}
          corrected={{ version: latest.version, said: latest.said }}
        />
      )}
      <Versions
        query={versions}
        describe={(_, day) => <>{dateWithYear(day)}</>}
        onRestore={restore.mutate}
        restoring={restore.isPending}
        problem={restore.error}
      />
    </Page>
  );
}
