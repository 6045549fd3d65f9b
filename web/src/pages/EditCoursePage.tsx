import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useParams } from 'react-router';
import { CourseFormView } from '../course/CourseFormView';
import { useRemoveFact, useRestoreFact, useSaveFact, useVersions } from '../fact/useFact';
import { Versions } from '../fact/Versions';
import { useSettings } from '../household/useMe';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { useDog } from '../view/useDog';
import { useGoOn } from '../ui/useGoOn';

/** Correcting a course, deleting it, or undoing a change. */
export function Component() {
  const { dog: dogId = '', course = '' } = useParams();
  const goOn = useGoOn();
  const { zone } = useSettings();
  const dog = useDog(dogId);
  const versions = useVersions('courses', course);
  const latest = versions.data?.[0];
  const back = () => goOn(`/dogs/${dogId}/courses`);
  const save = useSaveFact('courses', course, latest?.version, back);
  const restore = useRestoreFact('courses', course);
  const remove = useRemoveFact('courses', 'The course is deleted.', back);
  const problem = dog.error ?? versions.error;
  return (
    <Page
      title="Correct a course"
      aside="What was given of it stays on record"
      actions={
        latest?.said && (
          <Button
            color="error"
            variant="outlined"
            loading={remove.isPending}
            onClick={() => remove.mutate({ id: course, version: latest.version })}
          >
            Delete
          </Button>
        )
      }
    >
      {problem && <Failure error={problem} onRetry={() => void versions.refetch()} />}
      {remove.isError && <Alert severity="error">{remove.error.message}</Alert>}
      {dog.data && latest?.said && (
        <CourseFormView
          key={latest.version}
          dogId={dogId}
          today={dog.data.plan.today}
          zone={zone}
          said={latest.said}
          pending={save.isPending}
          error={save.error}
          onSave={(request) => save.mutate(request)}
          onCancel={back}
        />
      )}
      <Versions
        query={versions}
        describe={(said) => <>{said.what}</>}
        onRestore={restore.mutate}
        restoring={restore.isPending}
        problem={restore.error}
      />
    </Page>
  );
}
