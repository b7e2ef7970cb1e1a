import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useLocation } from 'react-router';
import { begin } from '../../ui/tourState';
import { helpFor } from './texts';

/** What the room one is in is for, and what one does there first. */
export default function HelpDialog({ onClose }: { onClose: () => void }) {
  const help = helpFor(useLocation().pathname);
  return (
    <Dialog open onClose={onClose} aria-labelledby="help" maxWidth="sm" fullWidth>
      <DialogTitle id="help">{help?.name ?? 'Help'}</DialogTitle>
      <DialogContent>
        {help ? (
          <>
            <p style={{ fontSize: 18, marginTop: 0 }}>{help.for}</p>
            <ul>
              {help.lines.map((line) => (
                <li key={line} style={{ marginBottom: 8 }}>
                  {line}
                </li>
              ))}
            </ul>
          </>
        ) : (
          <p>No help for this page.</p>
        )}
      </DialogContent>
      <DialogActions>
        <Button
          color="inherit"
          onClick={() => {
            onClose();
            begin();
          }}
        >
          Start tour
        </Button>
        <Button variant="contained" onClick={onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}
