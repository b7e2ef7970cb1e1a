import type { Material } from '../../app/api';
import { ColourEntry } from '../../shared/ColourEntry';
import { Choice, NumberEntry } from '../../shared/Field';
import { type FiguresProps, Grid, round } from './figures';

/** How a material shows, and where it may be used. */
export function MaterialLook({ edited, set, wrong }: FiguresProps) {
  const look = (patch: Partial<Material['look']>) => set({ look: { ...edited.look, ...patch } });
  return (
    <Grid title="Its look">
      <Choice
        label="Shows as"
        value={edited.look.kind}
        options={[
          ['opaque', 'a body of colour'],
          ['translucent', 'a coloured veil'],
          ['clear', 'a clear film'],
          ['stain', 'a dye in the wood'],
          ['flake', 'flakes of metal'],
          ['none', 'nothing'],
        ]}
        onChange={(kind) => look({ kind })}
      />
      <ColourEntry
        emptyAllowed
        label="Full-strength colour"
        value={edited.look.colour}
        onChange={(colour) => look({ colour })}
        error={wrong('look/colour')}
      />
      <ColourEntry
        emptyAllowed
        label="One part in nine of white"
        value={edited.look.tint}
        onChange={(tint) => look({ tint })}
        error={wrong('look/tint')}
      />
      <ColourEntry
        emptyAllowed
        label="On pale wood"
        value={edited.look.onWood}
        onChange={(onWood) => look({ onWood })}
        error={wrong('look/onWood')}
      />
      <NumberEntry
        label="Hiding"
        unit="%"
        help="one coat over black and white, at most 99.9"
        emptyAllowed
        value={typeof edited.look.hiding === 'number' ? round(edited.look.hiding * 100) : null}
        onChange={(v) => look({ hiding: v === null ? null : round(v) / 100 })}
        error={wrong('look')}
      />
      <Choice
        label="Sheen"
        value={edited.sheen ?? 'none'}
        options={(['none', 'chalky', 'matt', 'eggshell', 'satin', 'gloss'] as const).map(
          (s) => [s, s === 'none' ? 'of no account' : s] as const,
        )}
        onChange={(sheen) => set({ sheen: sheen === 'none' ? null : sheen })}
      />
      <Choice
        label="Ambers"
        value={edited.ambering}
        options={(['none', 'slight', 'strong'] as const).map((a) => [a, a === 'none' ? 'not at all' : `${a}ly`] as const)}
        onChange={(ambering) => set({ ambering })}
      />
      <Choice
        label="Place"
        value={edited.outdoors ? 'out' : 'in'}
        options={[
          ['in', 'indoors only'],
          ['out', 'outdoors too'],
        ]}
        onChange={(v) => set({ outdoors: v === 'out' })}
      />
    </Grid>
  );
}
