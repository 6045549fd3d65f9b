import Skeleton from '@mui/material/Skeleton';
import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Failure } from './Failure';

/** What was asked for, once it is there; until then its place; and why it does not come. */
export function Fetched<T>({
  query,
  height,
  children,
}: {
  query: UseQueryResult<T>;
  /** About how high it will be, so that nothing jumps. */
  height: number;
  children: (answer: T) => ReactNode;
}) {
  return (
    <>
      {query.isError && <Failure error={query.error} onRetry={() => void query.refetch()} />}
      {query.isPending && (
        <Skeleton variant="rounded" height={height} role="status" aria-label="Loading" />
      )}
      {query.data !== undefined && children(query.data)}
    </>
  );
}
