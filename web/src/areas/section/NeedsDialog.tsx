import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Preview } from '../../app/api';
import { Swatch } from '../../shared/Swatch';
import { money } from '../../shared/words';

/** What the whole recipe takes of every material: amount, packs to have, cost, and where one small pack would run out. */
export function NeedsDialog({ preview, currency, onClose }: { preview: Preview; currency: string; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="needs">
      <DialogTitle id="needs">What it takes, over {preview.area.toFixed(2)} m²</DialogTitle>
      <DialogContent>
        {preview.materials.length === 0 && <p>No step uses any material yet.</p>}
        {preview.materials.map((m) => (
          <Box
            key={m.materialId}
            sx={{
              display: 'grid',
              gridTemplateColumns: '30px 1fr 110px 1fr 130px',
              gap: 1.5,
              py: 1,
              borderBottom: 1,
              borderColor: 'divider',
              alignItems: 'center',
            }}
          >
            <Swatch colour={m.colour} />
            <Box>
              <b>{m.name}</b>
              {m.runsOut && <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{m.runsOut}</Box>}
            </Box>
            <Box sx={{ fontWeight: 700, fontSize: 18 }}>{m.amount.text}</Box>
            <span>{m.packs.length === 0 ? 'no pack known' : m.packs.map((p) => `${p.count} × ${p.size}`).join(' + ')}</span>
            <Box sx={{ textAlign: 'right' }}>{money(m.cost, currency)}</Box>
          </Box>
        ))}
        <Box sx={{ textAlign: 'right', fontWeight: 700, pt: 1.5 }}>Used in all: {money(preview.cost, currency)}</Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
