import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Material } from '../../api/api';
import { useVocabulary } from '../../api/useVocabulary';
import { Choice, TextEntry } from '../../ui/Field';
import { deferring } from '../../ui/words';
import { type FiguresProps, Grid } from './figures';

const hazards: readonly (readonly [Material['hazards'][number], string])[] = [
  ['flammable', 'flammable'],
  ['corrosive', 'corrosive'],
  ['irritant', 'irritant'],
  ['vapour', 'harmful vapour'],
  ['dust', 'harmful dust'],
  ['self-heating-rags', 'rags self-heat'],
  ['oxidiser', 'oxidiser'],
  ['chlorine', 'contains chlorine bleach'],
  ['acid', 'acid'],
  ['ammonia', 'contains ammonia'],
];

/** What it can do to the one who uses it, and what is said where it is used. */
export function MaterialCare({ edited, set, wrong }: FiguresProps) {
  const { data: vocabulary } = useVocabulary();
  return (
    <Grid title="Caution">
      <Box sx={{ gridColumn: '1 / -1', display: 'flex', flexWrap: 'wrap' }}>
        {hazards.map(([key, name]) => (
          <FormControlLabel
            key={key}
            label={name}
            control={
              <Checkbox
                checked={edited.hazards.includes(key)}
                onChange={(e) => set({ hazards: e.target.checked ? [...edited.hazards, key] : edited.hazards.filter((h) => h !== key) })}
              />
            }
          />
        ))}
      </Box>
      {['cleaner', 'stripper', 'bleach'].includes(edited.kind) && (
        <Choice
          label="Remove with (label)"
          value={edited.residue ?? ''}
          options={[['', 'not stated'] as const, ...(vocabulary?.residues ?? []).map((r) => [r.key, r.name] as const)]}
          onChange={(residue) => set({ residue: residue === '' ? null : residue } as Partial<Material>)}
        />
      )}
      <Box sx={{ gridColumn: '1 / -1' }}>
        <TextEntry
          label="Cautions, one per line"
          help={deferring}
          multiline
          value={edited.cautions.join('\n')}
          onChange={(text) =>
            set({
              cautions: text
                .split('\n')
                .map((l) => l.trim())
                .filter((l) => l !== ''),
            })
          }
          error={wrong('cautions')}
        />
      </Box>
    </Grid>
  );
}
