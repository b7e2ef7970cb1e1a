import Alert from '@mui/material/Alert';

/** Over the answer of a search that ran out of time. */
export function BestSoFar({ complete }: { complete: boolean }) {
  return complete ? null : <Alert severity="warning">There was not the time to try everything: these are the best so far.</Alert>;
}
