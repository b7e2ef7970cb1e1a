import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import type { Material, Recipe, Step } from '../../api/api';
import { IngredientPick } from '../../mix/IngredientPick';
import { nameOf, putMaterial, withoutUnused, withStep } from '../../recipe/edits';

type Props = { document: Recipe; step: Step; shelf: readonly Material[]; onChange: (document: Recipe) => void; error: string | undefined };

const most = 7;

/** The further colours of a blend, and where each is full: dragged along the way of the blend. */
export function BlendFields({ document, step, shelf, onChange, error }: Props) {
  const colours = step.colours ?? [];
  const set = (patch: Partial<Step>, of = document) => onChange(withoutUnused(withStep(of, step.id, patch)));
  const setColour = (i: number, patch: Partial<(typeof colours)[number]>, of = document) =>
    set({ colours: colours.map((c, k) => (k === i ? { ...c, ...patch } : c)) }, of);
  const places = [step.at ?? 0, ...colours.map((c) => c.at)];
  const along = places.map((_, i) => i).sort((a, b) => (places[a] ?? 0) - (places[b] ?? 0));
  const label = (i: number) => nameOf(document, i === 0 ? step.uses : colours[i - 1]?.uses);
  const add = () => {
    const own = step.uses ?? (document.materials[0] ? { material: document.materials[0].id } : null);
    if (own) set({ colours: [...colours, { uses: own, at: 1 }] });
  };
  return (
    <Box sx={{ display: 'grid', gap: 1.25, borderLeft: 3, borderColor: 'divider', pl: 1.5 }}>
      {colours.map((colour, i) => (
        <Box key={`${i + 1}`} sx={{ display: 'grid', gridTemplateColumns: '1fr 40px', gap: 1, alignItems: 'center' }}>
          <IngredientPick
            label={`Colour ${i + 2}`}
            book={document}
            inside={null}
            shelf={shelf}
            value={colour.uses}
            onChange={(uses, material) => setColour(i, { uses }, material ? putMaterial(document, material) : document)}
          />
          <Button
            aria-label={`Remove ${label(i + 1)} from the blend`}
            sx={{ minWidth: 0 }}
            onClick={() => set({ colours: colours.length > 1 ? colours.filter((_, k) => k !== i) : null })}
          >
            ×
          </Button>
        </Box>
      ))}
      {colours.length > 0 && (
        <Box sx={{ px: 2, pt: 3.5 }}>
          <Slider
            value={along.map((i) => places[i] ?? 0)}
            min={0}
            max={1}
            step={0.05}
            disableSwap
            valueLabelDisplay="on"
            valueLabelFormat={(_, k) => (along[k] ?? 0) + 1}
            getAriaLabel={(k) => `Place of ${label(along[k] ?? 0)}`}
            getAriaValueText={(x) => `${Math.round(100 * x)} % of the way`}
            onChange={(_, at) => {
              const place = (i: number) => (at as number[])[along.indexOf(i)] ?? places[i] ?? 0;
              set({ at: place(0), colours: colours.map((c, k) => ({ ...c, at: place(k + 1) })) });
            }}
            sx={{ '& .MuiSlider-valueLabel': { fontSize: 14, bgcolor: 'text.secondary' } }}
          />
          <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none', fontSize: 14, lineHeight: 1.35 }}>
            {along.map((i) => (
              <li key={i}>
                <b>{i + 1}</b> {label(i)}, {Math.round(100 * (places[i] ?? 0))} % of the way
              </li>
            ))}
          </Box>
        </Box>
      )}
      {error && <Box sx={{ color: 'error.main', fontSize: 14 }}>{error}</Box>}
      {colours.length < most && (
        <Button variant="outlined" sx={{ justifySelf: 'start' }} onClick={add}>
          Blend with another colour
        </Button>
      )}
    </Box>
  );
}
