import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

/** Asks why, and keeps the draft as a revision. */
export function PublishDialog({
  open,
  number,
  error,
  onClose,
  onPublish,
}: {
  open: boolean;
  number: number;
  error: string | null;
  onClose: () => void;
  onPublish: (reason: string) => void;
}) {
  const [reason, setReason] = useState('');
  return (
    <Dialog open={open} onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="publish">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          onPublish(reason);
          setReason('');
        }}
      >
        <DialogTitle id="publish">Save revision {number}</DialogTitle>
        <DialogContent>
          <p style={{ marginTop: 0 }}>A revision can’t be changed later. What changed in this one?</p>
          <TextField
            autoFocus
            label="Reason"
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            error={error !== null}
            helperText={error}
            slotProps={{ htmlInput: { maxLength: 300 } }}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={reason.trim() === ''}>
            Save
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
