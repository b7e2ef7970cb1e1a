import Box from '@mui/material/Box';
import type { Material } from '../../api/api';
import { Choice, NumberEntry, TextEntry, TimeEntry } from '../../ui/Field';
import { kinds } from '../../ui/words';
import { type FigureField, Figures, type FiguresProps, isSet, round } from './figures';

/** Litres in a pack that is sold by volume; null where that is not known. */
function jarOf(pack: Material['packs'][number] | undefined): number | null {
  return pack?.unit === 'ml' ? Number(pack.size) / 1000 : null;
}

/** What a material is made of, as far as measuring and laying it goes. */
export function MaterialBody({ edited, set, wrong }: FiguresProps) {
  const body = (patch: Partial<Material['body']>) => set({ body: { ...edited.body, ...patch } });
  const fields: readonly FigureField[] = [
    {
      figure: 'spread',
      isSet: isSet(edited.body.spread),
      field: (
        <NumberEntry
          label="Spread rate"
          unit="m²/L"
          jar={jarOf(edited.packs[0])}
          emptyAllowed
          value={edited.body.spread}
          onChange={(spread) => body({ spread })}
          error={wrong('body/spread')}
        />
      ),
    },
    {
      figure: 'thinning',
      isSet: isSet(edited.body.largestThinning),
      field: (
        <NumberEntry
          label="Maximum thinning"
          unit="parts to 1"
          emptyAllowed
          value={edited.body.largestThinning}
          onChange={(largestThinning) => body({ largestThinning })}
          error={wrong('body/largestThinning')}
        />
      ),
    },
    {
      figure: 'solids',
      isSet: edited.body.solids > 0,
      field: (
        <NumberEntry
          label="Solids by volume"
          unit="%"
          value={round(edited.body.solids * 100)}
          onChange={(v) => body({ solids: (v ?? 0) / 100 })}
          error={wrong('body/solids')}
        />
      ),
    },
    {
      figure: 'build',
      isSet: edited.body.build > 0,
      field: (
        <NumberEntry
          label="Film build (of solids)"
          unit="%"
          value={round(edited.body.build * 100)}
          onChange={(v) => body({ build: (v ?? 0) / 100 })}
          error={wrong('body/build')}
        />
      ),
    },
  ];
  return (
    <Figures title="Material" of={edited} fields={fields}>
      <Box sx={{ gridColumn: { sm: 'span 2' }, display: 'grid' }}>
        <TextEntry label="Name" value={edited.name} onChange={(name) => set({ name })} error={wrong('name')} />
      </Box>
      <Choice
        label="Kind"
        value={edited.kind}
        options={Object.entries(kinds) as [Material['kind'], string][]}
        onChange={(kind) => set({ kind })}
      />
      <Choice
        label="Carrier"
        value={edited.body.carrier}
        options={(['water', 'oil', 'alcohol', 'solvent', 'dry'] as const).map((c) => [c, c === 'dry' ? 'dry powder' : c] as const)}
        onChange={(carrier) => body({ carrier })}
      />
      <TextEntry
        label="Density (g/ml)"
        value={edited.body.density}
        onChange={(density) => body({ density })}
        error={wrong('body/density')}
      />
      {edited.body.carrier === 'dry' && (
        <TextEntry
          label="Bulk density, scooped (g/ml)"
          value={edited.body.scooped ?? ''}
          onChange={(scooped) => body({ scooped: scooped === '' ? null : scooped })}
          error={wrong('body/scooped')}
        />
      )}
      {edited.body.carrier === 'dry' && (
        <TimeEntry
          label="Slaking time"
          emptyAllowed
          value={edited.body.slake}
          onChange={(slake) => body({ slake })}
          error={wrong('body/slake')}
        />
      )}
    </Figures>
  );
}
