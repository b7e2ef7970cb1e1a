import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { capital } from './words';

/** Somebody else saved first. Nothing of what was typed is lost: it is kept over theirs, or theirs is taken. */
export function NewerAlert({
  what,
  undo = false,
  onTake,
  onKeep,
}: {
  what: string;
  undo?: boolean;
  onTake: () => void;
  onKeep: () => void;
}) {
  return (
    <Alert
      severity="warning"
      action={
        <>
          <Button color="inherit" onClick={onTake}>
            {undo ? 'Use the newer version' : 'Discard mine, load saved'}
          </Button>
          <Button color="inherit" onClick={onKeep}>
            Save mine over it
          </Button>
        </>
      }
    >
      {capital(what)} changed in another window. {undo ? 'Undo brings yours back.' : 'Discarding loses the changes you made here.'}
    </Alert>
  );
}
