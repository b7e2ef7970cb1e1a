import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Vocabulary } from '../../../api/api';
import { Choice, NumberEntry } from '../../../ui/Field';
import { InStudio } from '../../../ui/InStudio';
import { areaWords } from '../../../ui/measures';
import { useSystem } from '../../../ui/useSystem';
import { type PartProps, usualShape } from './parts';

/** The shape of a part, its measurements, and which of its faces are finished, each with its area and how that comes about. */
export function ShapeFields({ part, worked, vocabulary, set, wrong }: PartProps) {
  const system = useSystem();
  const shape = vocabulary.shapes.find((s) => s.key === part.shape?.kind);
  const choose = (key: string) => {
    const next = vocabulary.shapes.find((s: Vocabulary['shapes'][number]) => s.key === key);
    set(
      next
        ? { shape: usualShape(next), area: null }
        : { shape: null, area: Number((worked ? worked.faces.reduce((a, f) => a + f.area, 0) : 0.5).toFixed(3)) || 0.5 },
    );
  };
  return (
    <>
      <Choice
        label="Shape"
        value={part.shape?.kind ?? 'area'}
        options={[['area', 'area only'] as const, ...vocabulary.shapes.map((s) => [s.key, s.name] as const)]}
        onChange={choose}
        error={wrong('shape')}
      />
      {!part.shape && (
        <NumberEntry label="Area of one" unit="m²" value={part.area} onChange={(area) => set({ area })} error={wrong('area')} />
      )}
      {part.shape &&
        shape?.sizes.map((size) => (
          <NumberEntry
            key={size.key}
            label={size.name}
            {...(size.isCount ? {} : { unit: 'mm' })}
            whole={size.isCount}
            value={part.shape?.size[size.key]}
            onChange={(v) => part.shape && set({ shape: { ...part.shape, size: { ...part.shape.size, [size.key]: v ?? size.usual } } })}
          />
        ))}
      <NumberEntry
        label="Mouldings on one"
        unit="m"
        emptyAllowed
        value={part.mouldings}
        placeholder="typical"
        onChange={(mouldings) => set({ mouldings })}
        error={wrong('mouldings')}
      />
      <FormControlLabel
        sx={{ gridColumn: { md: 'span 2' }, alignSelf: 'end', minHeight: 40 }}
        label="Inside: can be closed during the work"
        control={<Checkbox checked={part.inside ?? false} onChange={(e) => set({ inside: e.target.checked ? true : null })} />}
      />
      {part.shape && shape && (
        <Box sx={{ gridColumn: '1 / -1' }}>
          {shape.faces.map((face) => {
            const measured = worked?.faces.find((f) => f.key === face.key);
            const finished = part.shape?.faces.includes(face.key) ?? false;
            return (
              <Box key={face.key} sx={{ display: 'grid', gridTemplateColumns: '170px 90px 1fr', alignItems: 'center', gap: 1 }}>
                <FormControlLabel
                  label={face.name}
                  control={
                    <Checkbox
                      checked={finished}
                      onChange={(e) => {
                        if (!part.shape) return;
                        const faces = shape.faces
                          .map((f) => f.key)
                          .filter((k) => (k === face.key ? e.target.checked : part.shape?.faces.includes(k)));
                        if (faces.length > 0) set({ shape: { ...part.shape, faces } });
                      }}
                    />
                  }
                />
                <Box sx={{ fontWeight: 650, textAlign: 'right' }}>
                  {measured ? areaWords(measured.area, system) : finished ? '' : 'uncoated'}
                </Box>
                <Box sx={{ color: 'text.secondary' }}>{measured && <InStudio>{measured.formula}</InStudio>}</Box>
              </Box>
            );
          })}
          {shape.faces.filter((f) => f.broad).length === 2 && (
            <FormControlLabel
              label="Coated flat, both sides (turn between coats)"
              control={<Checkbox checked={part.turned ?? false} onChange={(e) => set({ turned: e.target.checked ? true : null })} />}
            />
          )}
        </Box>
      )}
    </>
  );
}
