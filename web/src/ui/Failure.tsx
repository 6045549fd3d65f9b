import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import { Problem } from '../api/problem';

const TRY_AGAIN_MS = 5000;
const UNREACHABLE = '/problems/unreachable';
/** Where something is read there is nothing to be saved. */
const UNREACHABLE_WORDS = 'The records cannot be reached just now.';

/** What went wrong in one sentence, and a way on. What may pass is tried again by itself. */
export function Failure({ error, onRetry }: { error: Error; onRetry?: () => void }) {
  const retry = useRef(onRetry);
  useEffect(() => {
    retry.current = onRetry;
  });
  const mayPass = onRetry !== undefined && error instanceof Problem && error.mayPass;
  useEffect(() => {
    if (!mayPass) return;
    const timer = setInterval(() => retry.current?.(), TRY_AGAIN_MS);
    return () => clearInterval(timer);
  }, [mayPass]);
  return (
    <Alert
      severity={mayPass ? 'warning' : 'error'}
      action={
        onRetry && (
          <Button color="inherit" onClick={onRetry}>
            Try again
          </Button>
        )
      }
    >
      {mayPass && error.type === UNREACHABLE ? UNREACHABLE_WORDS : error.message}
      {mayPass && ' It is tried again by itself.'}
    </Alert>
  );
}
