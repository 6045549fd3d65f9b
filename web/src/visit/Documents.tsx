import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Stack from '@mui/material/Stack';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { useHousehold, useMayRecord } from '../household/useMe';
import { attach, documentPath, takeAway } from './documents';
import type { VisitEntry } from './useVisits';
import { FileButton } from '../form/FileButton';

/** What is attached to a visit: read it, add to it, take it away. */
export function Documents({ entry }: { entry: VisitEntry }) {
  const household = useHousehold().id;
  const mayRecord = useMayRecord();
  const client = useQueryClient();
  const path = (document: string) => documentPath(household, entry.visit.id, document);
  const onSuccess = () => client.invalidateQueries({ queryKey: [household] });
  const send = useMutation({ mutationFn: (file: File) => attach(path(newId()), file), onSuccess });
  const remove = useMutation({
    mutationFn: (document: string) => takeAway(path(document)),
    onSuccess,
  });
  const problem = send.error ?? remove.error;
  return (
    <Stack sx={{ mt: 1, gap: 0.5, alignItems: 'flex-start' }}>
      {entry.documents.map((document) => (
        <Box key={document.id} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          <Link href={path(document.id)} target="_blank" rel="noreferrer">
            {document.name}
          </Link>
          {mayRecord && (
            <Button
              size="small"
              aria-label={`Take away ${document.name}`}
              onClick={() => remove.mutate(document.id)}
            >
              Take away
            </Button>
          )}
        </Box>
      ))}
      {mayRecord && (
        <>
          <FileButton
            label="Document or picture"
            accept="image/jpeg,image/png,application/pdf"
            size="small"
            loading={send.isPending}
            onFile={(file) => send.mutate(file)}
          >
            Attach a document or picture
          </FileButton>
        </>
      )}
      {problem && <Alert severity="error">{problem.message}</Alert>}
    </Stack>
  );
}
