import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';

/** Somebody else saved first. Nothing of what was typed is lost: it is kept over theirs, or theirs is taken. */
export function NewerAlert({ what, onTake, onKeep }: { what: string; onTake: () => void; onKeep: () => void }) {
  return (
    <Alert
      severity="warning"
      action={
        <>
          <Button color="inherit" onClick={onTake}>
            Take theirs
          </Button>
          <Button color="inherit" onClick={onKeep}>
            Keep mine
          </Button>
        </>
      }
    >
      Another window has changed {what} in the meantime.
    </Alert>
  );
}
