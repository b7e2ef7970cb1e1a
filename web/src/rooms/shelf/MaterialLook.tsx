import type { Material } from '../../api/api';
import { ColourEntry } from '../../ui/ColourEntry';
import { Choice, NumberEntry } from '../../ui/Field';
import { type FigureField, Figures, type FiguresProps, isSet, round } from './figures';

/** How a material shows, and where it may be used. */
export function MaterialLook({ edited, set, wrong }: FiguresProps) {
  const look = (patch: Partial<Material['look']>) => set({ look: { ...edited.look, ...patch } });
  const fields: readonly FigureField[] = [
    {
      figure: 'appearance',
      isSet: edited.look.kind !== 'none',
      field: (
        <Choice
          label="Appearance"
          value={edited.look.kind}
          options={[
            ['opaque', 'opaque'],
            ['translucent', 'translucent colour'],
            ['clear', 'clear'],
            ['stain', 'stain'],
            ['flake', 'metallic'],
            ['none', 'nothing'],
          ]}
          onChange={(kind) => look({ kind })}
        />
      ),
    },
    {
      figure: 'colour',
      isSet: isSet(edited.look.colour),
      field: (
        <ColourEntry
          emptyAllowed
          label="Full-strength colour"
          value={edited.look.colour}
          onChange={(colour) => look({ colour })}
          error={wrong('look/colour')}
        />
      ),
    },
    {
      figure: 'tint',
      isSet: isSet(edited.look.tint),
      field: (
        <ColourEntry
          emptyAllowed
          label="Tint: 1 part in 9 parts white"
          value={edited.look.tint}
          onChange={(tint) => look({ tint })}
          error={wrong('look/tint')}
        />
      ),
    },
    {
      figure: 'on wood',
      isSet: isSet(edited.look.onWood),
      field: (
        <ColourEntry
          emptyAllowed
          label="On pale wood"
          value={edited.look.onWood}
          onChange={(onWood) => look({ onWood })}
          error={wrong('look/onWood')}
        />
      ),
    },
    {
      figure: 'hiding',
      isSet: isSet(edited.look.hiding),
      field: (
        <NumberEntry
          label="Hiding power"
          unit="%"
          help="contrast ratio of one coat, up to 99.9"
          emptyAllowed
          value={typeof edited.look.hiding === 'number' ? round(edited.look.hiding * 100) : null}
          onChange={(v) => look({ hiding: v === null ? null : round(v) / 100 })}
          error={wrong('look')}
        />
      ),
    },
    {
      figure: 'sheen',
      isSet: isSet(edited.sheen),
      field: (
        <Choice
          label="Sheen"
          value={edited.sheen ?? 'none'}
          options={(['none', 'chalky', 'matt', 'eggshell', 'satin', 'gloss'] as const).map(
            (s) => [s, s === 'none' ? 'not applicable' : s] as const,
          )}
          onChange={(sheen) => set({ sheen: sheen === 'none' ? null : sheen })}
        />
      ),
    },
    {
      figure: 'ambering',
      isSet: edited.ambering !== 'none',
      field: (
        <Choice
          label="Ambering"
          value={edited.ambering}
          options={(['none', 'slight', 'strong'] as const).map((a) => [a, a] as const)}
          onChange={(ambering) => set({ ambering })}
        />
      ),
    },
    {
      figure: 'place',
      isSet: false,
      field: (
        <Choice
          label="Place"
          value={edited.outdoors ? 'out' : 'in'}
          options={[
            ['in', 'indoors only'],
            ['out', 'indoors and outdoors'],
          ]}
          onChange={(v) => set({ outdoors: v === 'out' })}
        />
      ),
    },
  ];
  return <Figures title="Appearance" of={edited} fields={fields} />;
}
