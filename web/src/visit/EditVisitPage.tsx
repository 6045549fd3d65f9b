import Button from '@mui/material/Button';
import Alert from '@mui/material/Alert';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { useHousehold } from '../account/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useDog } from '../dog/useDog';
import { Versions } from '../fact/Versions';
import { dateWithYear, dayIn } from '../measure/days';
import { Failure } from '../shell/Failure';
import { Page } from '../shell/Page';
import { useVisitVersions } from './useVisits';
import { formOf } from './visitForm';
import { VisitFormView } from './VisitFormView';

/** Correcting a visit, deleting it, or undoing a change. */
export function Component() {
  const { dog: dogId = '', visit = '' } = useParams();
  const household = useHousehold().id;
  const client = useQueryClient();
  const navigate = useNavigate();
  const dog = useDog(dogId);
  const versions = useVisitVersions(visit);
  const latest = versions.data?.[0];
  const path = { household, visit };
  const refetch = () => client.invalidateQueries({ queryKey: [household] });
  const restore = useMutation({
    mutationFn: (version: number) =>
      answered(
        api.POST('/api/households/{household}/visits/{visit}/versions/{version}/restore', {
          params: { path: { ...path, version } },
        }),
      ),
    onSuccess: refetch,
  });
  const remove = useMutation({
    mutationFn: (version: number) =>
      answered(
        api.DELETE('/api/households/{household}/visits/{visit}', {
          params: { path, header: { 'If-Match': `"${version}"` } },
        }),
      ),
    onSuccess: async () => {
      await refetch();
      await navigate(`/dogs/${dogId}/visits`);
    },
  });
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
            onClick={() => remove.mutate(latest.version)}
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
        describe={(said) => <>{dateWithYear(dayIn(said.zone, new Date(said.at)))}</>}
        onRestore={restore.mutate}
        restoring={restore.isPending}
        problem={restore.error}
      />
    </Page>
  );
}
