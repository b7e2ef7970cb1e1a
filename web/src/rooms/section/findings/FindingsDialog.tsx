import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Preview, Recipe } from '../../../api/api';
import { FindingCard } from './FindingCard';

type Props = {
  document: Recipe;
  preview: Preview;
  onChange: (document: Recipe) => void;
  onStep: (stepId: string) => void;
  onClose: () => void;
};

/** Everything that was found, the gravest first, each to be mended or kept. */
export function FindingsDialog({ document, preview, onChange, onStep, onClose }: Props) {
  const open = preview.findings.filter((f) => f.accepted === null).length;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="findings">
      <DialogTitle id="findings">{open === 0 ? 'No findings' : open === 1 ? '1 finding' : `${open} findings`}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {preview.findings.length === 0 && <p style={{ margin: 0 }}>No problems found.</p>}
        {preview.findings.map((f) => (
          <Box key={f.key} sx={{ borderBottom: 1, borderColor: 'divider', pb: 1.5 }}>
            <FindingCard document={document} finding={f} triesAtOnce onChange={onChange} onStep={onStep} />
          </Box>
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
