import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { ColourEntry } from '../../../ui/ColourEntry';
import { Choice, NumberEntry, TextEntry } from '../../../ui/Field';
import type { Part, PartProps } from './parts';

/** What a part is made of. A known wood fills in what is typical of it; every figure can be changed. */
export function WoodFields({ part, worked, vocabulary, set, wrong }: PartProps) {
  const { substrate } = part;
  const wood = (patch: Partial<Part['substrate']>) =>
    set({
      substrate: Object.fromEntries(
        Object.entries({ ...substrate, ...patch }).filter(([, v]) => v !== null && v !== undefined),
      ) as Part['substrate'],
    });
  const species = vocabulary.species.find((s) => s.name === substrate.species);
  const choose = (name: string) => {
    const next = vocabulary.species.find((s) => s.name === name);
    if (next)
      wood({
        species: name,
        colour: next.colour,
        grain: next.grain,
        bleeds: next.bleeds.length > 0 ? next.bleeds : null,
        moves: next.moves,
      });
    else wood({ species: '' });
  };
  const bleeds = substrate.bleeds ?? [];
  return (
    <>
      <Choice
        label="Substrate"
        value={substrate.kind}
        options={[
          ['solid', 'solid wood'],
          ['veneer', 'veneer'],
          ['plywood', 'plywood'],
          ['mdf', 'MDF'],
          ['laminate', 'laminate'],
          ['metal', 'metal'],
        ]}
        onChange={(kind) => wood({ kind })}
      />
      <Choice
        label="Wood"
        value={species ? species.name : 'other'}
        options={[...vocabulary.species.map((s) => [s.name, s.name] as const), ['other', 'other'] as const]}
        onChange={choose}
      />
      {!species && <TextEntry label="Wood or material" value={substrate.species} onChange={(name) => wood({ species: name })} />}
      {(substrate.kind === 'veneer' || substrate.kind === 'plywood') && (
        <NumberEntry
          label="Face veneer"
          unit="mm"
          emptyAllowed
          value={substrate.veneer}
          placeholder="not measured"
          onChange={(veneer) => wood({ veneer })}
          error={wrong('substrate')}
        />
      )}
      <Choice
        label="Pores"
        value={substrate.grain}
        options={[
          ['open', 'open'],
          ['close', 'close'],
          ['none', 'none'],
        ]}
        onChange={(grain) => wood({ grain })}
      />
      <NumberEntry
        label="Absorbency"
        unit="× sealed surface"
        emptyAllowed
        value={part.absorption}
        placeholder={worked ? String(worked.drinks) : ''}
        onChange={(absorption) => set({ absorption })}
        error={wrong('absorption')}
      />
      <ColourEntry
        label="Colour when bare"
        value={substrate.colour}
        onChange={(colour) => colour && wood({ colour })}
        error={wrong('substrate/colour')}
      />
      <Box component="fieldset" sx={{ gridColumn: '1 / -1', border: 0, p: 0, m: 0 }}>
        <Box component="legend" sx={{ fontSize: 14, color: 'text.secondary' }}>
          Bleeds
        </Box>
        {vocabulary.bleeds.map((b) => (
          <FormControlLabel
            key={b.key}
            label={b.name}
            control={
              <Checkbox
                checked={bleeds.includes(b.key as (typeof bleeds)[number])}
                onChange={(e) => {
                  const next = vocabulary.bleeds
                    .map((x) => x.key as (typeof bleeds)[number])
                    .filter((k) => (k === b.key ? e.target.checked : bleeds.includes(k)));
                  wood({ bleeds: next.length > 0 ? next : null });
                }}
              />
            }
          />
        ))}
      </Box>
    </>
  );
}
