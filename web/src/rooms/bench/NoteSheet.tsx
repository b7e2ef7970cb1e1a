import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { type ReactNode, useState } from 'react';
import { ColourEntry } from '../../ui/ColourEntry';
import { linesOf, NumberEntry } from '../../ui/Field';
import { startColours } from '../../ui/startColours';
import { isColour } from '../../ui/words';
import { PhotoNote } from './PhotoNote';
import { Few } from './Pick';

type Noted =
  | { kind: 'note'; text: string }
  | { kind: 'poured'; ml: number }
  | { kind: 'colour'; colour: string; zone?: 'edge' | 'recess' | 'pore' }
  | { kind: 'climate'; climate: { temperature: number; humidity: number } };
type Props = { run: string; step: string; offline: boolean; poured: boolean; onNote: (noted: Noted) => void; onClose: () => void };

const usual = ['Drags', 'Runs', 'Colder than planned', 'Wiped too late', 'Needed another coat'];

/** A note: one of the usual ones at a press, or typed; how much was really poured, what colour it has come to, what the air is like. */
export function NoteSheet({ run, step, offline, poured, onNote, onClose }: Props) {
  const [text, setText] = useState('');
  const [ml, setMl] = useState<number | null>(null);
  const [colour, setColour] = useState<string | null>(null);
  const [temperature, setTemperature] = useState<number | null>(null);
  const [humidity, setHumidity] = useState<number | null>(null);
  const [zone, setZone] = useState<'field' | 'edge' | 'recess' | 'pore'>('field');
  const right = colour !== null && isColour(colour);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="bench-note">
      <DialogTitle id="bench-note">Add a note</DialogTitle>
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
        <PhotoNote run={run} step={step} offline={offline} onKept={onClose} />
        <TextField label="Note" value={text} {...linesOf(2)} onChange={(e) => setText(e.target.value)} />
        <Button variant="contained" size="large" disabled={text.trim() === ''} onClick={() => onNote({ kind: 'note', text: text.trim() })}>
          Save note
        </Button>
        {poured && (
          <Row label="Save amount" noted={ml ? { kind: 'poured', ml } : null} onNote={onNote}>
            <NumberEntry label="Amount poured" unit="ml" value={ml} emptyAllowed onChange={setMl} />
          </Row>
        )}
        <Row
          label="Save colour"
          noted={right ? { kind: 'colour', colour: colour.toLowerCase(), ...(zone === 'field' ? {} : { zone }) } : null}
          onNote={onNote}
        >
          <ColourEntry
            label="Actual colour"
            value={colour}
            emptyAllowed
            onChange={setColour}
            error={colour && !right ? `Enter a colour code, for example ${startColours.sage}` : undefined}
          />
        </Row>
        <Few
          label="Seen on"
          value={zone}
          options={
            [
              ['field', 'flat areas'],
              ['edge', 'edges'],
              ['recess', 'recesses'],
              ['pore', 'pores'],
            ] as const
          }
          onPick={setZone}
        />
        <Row
          label="Save climate"
          noted={temperature !== null && humidity !== null ? { kind: 'climate', climate: { temperature, humidity } } : null}
          onNote={onNote}
        >
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
            <NumberEntry label="Temperature" unit="°C" value={temperature} least={-20} emptyAllowed onChange={setTemperature} />
            <NumberEntry label="Humidity" unit="%" value={humidity} emptyAllowed onChange={setHumidity} />
          </Box>
        </Row>
      </DialogContent>
    </Dialog>
  );
}

type RowProps = { label: string; noted: Noted | null; onNote: (noted: Noted) => void; children: ReactNode };

/** Its button is never switched off: what is typed counts when the field is left, which pressing it does. */
function Row({ label, noted, onNote, children }: RowProps) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 190px', gap: 1.5, alignItems: 'end' }}>
      {children}
      <Button variant="contained" size="large" onClick={() => noted && onNote(noted)}>
        {label}
      </Button>
    </Box>
  );
}
