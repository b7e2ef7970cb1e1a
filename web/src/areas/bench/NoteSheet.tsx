import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

type Noted = { kind: 'note'; text: string } | { kind: 'poured'; ml: number };
type Props = { poured: boolean; onNote: (noted: Noted) => void; onClose: () => void };

const usual = ['It drags.', 'It ran.', 'Colder than planned.', 'Wiped too late.', 'One more was needed.'];

/** A note: one of the usual ones at a press, or typed; or how much was really poured. */
export function NoteSheet({ poured, onNote, onClose }: Props) {
  const [text, setText] = useState('');
  const [ml, setMl] = useState('');
  const amount = Number(ml.replace(',', '.'));
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="bench-note">
      <DialogTitle id="bench-note">Note it</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {usual.map((words) => (
            <Button
              key={words}
              variant="outlined"
              sx={{ minHeight: 60, fontSize: 18 }}
              onClick={() => onNote({ kind: 'note', text: words })}
            >
              {words}
            </Button>
          ))}
        </Box>
        <TextField label="In your words" value={text} multiline minRows={2} onChange={(e) => setText(e.target.value)} />
        <Button variant="contained" size="large" disabled={text.trim() === ''} onClick={() => onNote({ kind: 'note', text: text.trim() })}>
          Keep the note
        </Button>
        {poured && (
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 1.5, alignItems: 'end' }}>
            <TextField
              label="Really poured (ml)"
              value={ml}
              slotProps={{ htmlInput: { inputMode: 'decimal' } }}
              onChange={(e) => setMl(e.target.value)}
            />
            <Button variant="contained" size="large" disabled={!(amount > 0)} onClick={() => onNote({ kind: 'poured', ml: amount })}>
              Keep it
            </Button>
          </Box>
        )}
      </DialogContent>
    </Dialog>
  );
}
