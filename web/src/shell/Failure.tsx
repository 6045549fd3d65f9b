import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';

/** What went wrong in one sentence, and a way on. */
export function Failure({ error, onRetry }: { error: Error; onRetry?: () => void }) {
  return (
    <Alert
      severity="error"
      action={
        onRetry && (
          <Button color="inherit" onClick={onRetry}>
            Try again
          </Button>
        )
      }
    >
      {error.message}
    </Alert>
  );
}
