import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { answer, api, type Material } from '../../api/api';
import type { components } from '../../api/api.gen';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { Swatch } from '../../ui/Swatch';
import { counted } from '../../ui/words';

type Learned = components['schemas']['LearnedLook'];
type Props = { material: Material; changed: boolean; keep: (look: Material['look']) => void };

/** What the patches that were read say of a material's look, beside what its label states; to be used, or not. */
export function PatchesSay({ material, changed, keep }: Props) {
  const { data, error } = useQuery({
    queryKey: keys.learned(material.id, material.version),
    queryFn: () => answer(api.GET('/api/materials/{id}/learned', { params: { path: { id: material.id } } })),
  });
  const used = material.look.learned;
  const set = (learned: Material['look']['learned']) => keep({ ...material.look, learned });
  if (error) return <Alert severity="error">{error.message}</Alert>;
  if (!data || (!data.learned && !used)) {
    return data?.stated === undefined && !data?.why ? null : (
      <Section>
        <Box sx={{ color: 'text.secondary' }}>{data?.why}</Box>
      </Section>
    );
  }
  const news = data.learned && !(used && used.colour === data.learned.colour && used.power === data.learned.power);
  return (
    <Section>
      {used && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
          <FormControlLabel
            disabled={changed}
            control={<Switch checked={used.use} onChange={(e) => set({ ...used, use: e.target.checked })} />}
            label={`Use this (from ${counted(used.patches, 'patch', 'patches')})`}
          />
          <Swatch colour={used.colour} size={28} />
          <span>{strength(used.power)}</span>
          <Button color="inherit" disabled={changed} onClick={() => set(null)}>
            Remove
          </Button>
        </Box>
      )}
      {data.learned && data.stated && (
        <>
          <Box>
            {news && used ? 'New result. ' : ''}
            <b>{counted(data.patches.length, 'patch', 'patches')}</b>: {strength(data.learned.power)} (±
            {Math.round(100 * ((data.powerWithin ?? 1) - 1))} %), colour ±ΔE {data.colourWithin?.toFixed(1)}. Average error: ΔE{' '}
            {data.offLearned?.toFixed(1)} with this, ΔE {data.offStated?.toFixed(1)} with the label.
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
            <Chip colour={data.stated} says="label" />
            <Chip colour={data.learned.colour} says="your patches" />
            {news && (
              <Button variant="outlined" disabled={changed} onClick={() => set(data.learned)}>
                {used ? 'Update' : 'Use this'}
              </Button>
            )}
            {changed && <Box sx={{ color: 'text.secondary' }}>Save your changes first.</Box>}
          </Box>
          <Box sx={{ color: 'text.secondary', mb: -1 }}>Each patch: measured, predicted from the label, predicted from your patches.</Box>
          <PatchList patches={data.patches} />
          <Box sx={{ color: 'text.secondary', fontSize: 15 }}>
            The other materials on those patches are assumed right. The label data stays. Recipes keep their own copy until you update it.
          </Box>
        </>
      )}
    </Section>
  );
}

function strength(power: number): string {
  const percent = Math.round(100 * Math.abs(power - 1));
  if (percent < 3) return 'as strong as the label';
  return `${percent} % ${power > 1 ? 'stronger' : 'weaker'} than the label`;
}

function Section({ children }: { children: ReactNode }) {
  return (
    <Box component="section" aria-label="Measured on your boards" sx={{ display: 'grid', gap: 1.25 }}>
      <Typography variant="h3">Measured on your boards</Typography>
      {children}
    </Box>
  );
}

function Chip({ colour, says }: { colour: string; says: string }) {
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <Box sx={{ width: 132, height: 54, border: `1px solid ${bench.slate}`, bgcolor: colour }} />
      <span>{says}</span>
    </Box>
  );
}

function PatchList({ patches }: { patches: Learned['patches'] }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {patches.map((p) => (
        <Box
          component="li"
          key={`${p.board} ${p.patch}`}
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.25, alignItems: 'center', py: 0.75, borderTop: `1px solid ${bench.line}` }}
        >
          <Box sx={{ display: 'flex' }}>
            <Swatch colour={p.seen} size={30} title="measured" />
            <Swatch colour={p.stated} size={30} title="label" />
            <Swatch colour={p.learned} size={30} title="your patches" />
          </Box>
          <b>{p.patch}</b>
          <Box sx={{ flex: '1 1 180px' }}>{p.board}</Box>
          <span>
            error ΔE {p.offStated.deltaE.toFixed(1)} → {p.offLearned.deltaE.toFixed(1)}
          </span>
        </Box>
      ))}
    </Box>
  );
}
