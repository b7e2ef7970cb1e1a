import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { answer, api, type LookPreview, Problem, type Recipe } from '../../../api/api';
import { type Zone, zoneNames } from '../../../recipe/face/panel';
import { FromBoard, FromPhoto } from '../../../recipe/TakeColour';
import { ColourEntry } from '../../../ui/ColourEntry';
import { TextEntry } from '../../../ui/Field';
import { useFigures } from '../../../ui/figures';
import { withoutDeltaE } from '../../../ui/figureWords';
import { Swatch } from '../../../ui/Swatch';

type Target = NonNullable<Recipe['target']>;
type Chip = { name: string; colour: string };
type Props = { target: Recipe['target']; off: LookPreview['target']; onChange: (target: Target | null) => void };

const zones = Object.keys(zoneNames) as Zone[];

/** What it is to look like: a colour for the flat and, where they differ, for the other zones; typed, picked, or from a palette file. */
export function TargetPanel({ target, off, onChange }: Props) {
  const [figures] = useFigures();
  const [chips, setChips] = useState<readonly Chip[]>([]);
  const [said, setSaid] = useState<string | null>(null);
  const [fromBoard, setFromBoard] = useState(false);
  const [photo, setPhoto] = useState<File | null>(null);
  const set = (patch: Partial<Target>) => {
    const next = { ...target, ...patch };
    onChange(zones.some((zone) => next[zone]) ? next : null);
  };
  const close = () => {
    setFromBoard(false);
    setPhoto(null);
  };
  const take = ({ colour, name }: { colour: string; name: string }) => {
    close();
    set({ field: colour, name });
  };
  const open = async (file: File) => {
    setSaid(null);
    try {
      const read = await answer(api.POST('/api/compute/palette', { body: { text: await file.text() } }));
      setChips(read.chips);
    } catch (error) {
      setSaid(error instanceof Problem ? (error.violations[0]?.message ?? error.message) : 'Can’t read this file.');
    }
  };
  return (
    <details open={target !== null && target !== undefined}>
      <summary>Target{target?.name ? `: ${target.name}` : ''}</summary>
      <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
        {off.map((o) => (
          <Box key={o.zone} data-target={o.zone} sx={{ lineHeight: 1.3 }}>
            <b>{zoneNames[o.zone]}</b> · finished: {o.deltaE <= 2 ? 'on target, ' : ''}
            {figures ? o.inWords : withoutDeltaE(o.inWords)}
          </Box>
        ))}
        {zones.map((zone) => (
          <ColourEntry
            key={zone}
            label={zone === 'field' ? 'Target, flat areas' : `Target, ${zoneNames[zone].toLowerCase()} (if different)`}
            value={target?.[zone]}
            emptyAllowed
            onChange={(colour) => set({ [zone]: colour ?? undefined })}
          />
        ))}
        {target && <TextEntry label="Name" value={target.name ?? ''} onChange={(name) => set({ name })} />}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <OpenFile label="Import palette" accept=".gpl,.csv,text/plain,text/csv" onFile={(file) => void open(file)} />
          <OpenFile label="From a photo" accept="image/*" onFile={setPhoto} />
          <Button size="small" variant="outlined" onClick={() => setFromBoard(true)}>
            From a board
          </Button>
        </Box>
        {fromBoard && <FromBoard onTake={take} onClose={close} />}
        {photo && <FromPhoto file={photo} onTake={take} onClose={close} />}
        {said && <Box role="alert">{said}</Box>}
        {chips.length > 0 && (
          <Box
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, maxHeight: 160, overflowY: 'auto' }}
            role="group"
            aria-label="Palette colours, for flat areas"
          >
            {chips.map((chip, i) => (
              <button
                key={`${chip.colour}${i}`}
                type="button"
                aria-label={chip.name}
                title={chip.name}
                onClick={() => set({ field: chip.colour, name: chip.name })}
                style={{ border: 0, padding: 0, background: 'none', cursor: 'pointer', lineHeight: 0 }}
              >
                <Swatch colour={chip.colour} size={32} />
              </button>
            ))}
          </Box>
        )}
      </Box>
    </details>
  );
}

function OpenFile({ label, accept, onFile }: { label: string; accept: string; onFile: (file: File) => void }) {
  return (
    <Button component="label" size="small" variant="outlined">
      {label}
      <input
        type="file"
        accept={accept}
        hidden
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) onFile(file);
          e.target.value = ''; // so that the same file can be opened again
        }}
      />
    </Button>
  );
}
