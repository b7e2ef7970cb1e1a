import Alert from '@mui/material/Alert';

/** Over the answer of a search that ran out of time. */
export function BestSoFar({ complete }: { complete: boolean }) {
  return complete ? null : <Alert severity="warning">Time ran out. Best so far:</Alert>;
}
