import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { answer, api, type Material } from '../../app/api';
import type { components } from '../../app/api.gen';
import { bench } from '../../app/theme';
import { Swatch } from '../../shared/Swatch';
import { counted } from '../../shared/words';

type Learned = components['schemas']['LearnedLook'];
type Props = { material: Material; changed: boolean; keep: (look: Material['look']) => void };

/** What the patches that were read say of a material's look, beside what its label states; to be used, or not. */
export function PatchesSay({ material, changed, keep }: Props) {
  const { data, error } = useQuery({
    queryKey: ['materials', 'learned', material.id, material.version],
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
            label={`Reckon with what ${counted(used.patches, 'patch', 'patches')} of yours ${used.patches === 1 ? 'says' : 'say'}`}
          />
          <Swatch colour={used.colour} size={28} />
          <span>{strength(used.power)}</span>
          <Button color="inherit" disabled={changed} onClick={() => set(null)}>
            Forget it
          </Button>
        </Box>
      )}
      {data.learned && data.stated && (
        <>
          <Box>
            {news && used ? 'Now your boards say otherwise: ' : ''}
            From <b>{counted(data.patches.length, 'patch', 'patches')}</b> of yours it is {strength(data.learned.power)}, give or take{' '}
            {Math.round(100 * ((data.powerWithin ?? 1) - 1))} %, and its colour is so, give or take ΔE {data.colourWithin?.toFixed(1)}. What
            was read is then off by ΔE {data.offLearned?.toFixed(1)} on average; by the label it is off by ΔE {data.offStated?.toFixed(1)}.
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
            <Chip colour={data.stated} says="by the label" />
            <Chip colour={data.learned.colour} says="by your patches" />
            {news && (
              <Button variant="outlined" disabled={changed} onClick={() => set(data.learned)}>
                {used ? 'Learn it anew' : 'Reckon with it'}
              </Button>
            )}
            {changed && <Box sx={{ color: 'text.secondary' }}>Save your changes first.</Box>}
          </Box>
          <Box sx={{ color: 'text.secondary', mb: -1 }}>Each patch as it was read, by the label, and by your patches:</Box>
          <PatchList patches={data.patches} />
          <Box sx={{ color: 'text.secondary', fontSize: 15 }}>
            The other materials on those patches are taken to be as they are. The label stays as it was; recipes keep the paint they were
            made with until you take the newer one over.
          </Box>
        </>
      )}
    </Section>
  );
}

function strength(power: number): string {
  if (Math.abs(power - 1) < 0.03) return 'as strong as stated';
  return power > 1 ? `${power.toFixed(2)} times as strong as stated` : `only ${power.toFixed(2)} times as strong as stated`;
}

function Section({ children }: { children: ReactNode }) {
  return (
    <Box component="section" aria-label="What your boards say" sx={{ display: 'grid', gap: 1.25 }}>
      <Typography variant="h3">What your boards say of it</Typography>
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
            <Swatch colour={p.seen} size={30} title="read" />
            <Swatch colour={p.stated} size={30} title="by the label" />
            <Swatch colour={p.learned} size={30} title="by your patches" />
          </Box>
          <b>{p.patch}</b>
          <Box sx={{ flex: '1 1 180px' }}>{p.board}</Box>
          <span>
            off by ΔE {p.offStated.deltaE.toFixed(1)}, then {p.offLearned.deltaE.toFixed(1)}
          </span>
        </Box>
      ))}
    </Box>
  );
}
