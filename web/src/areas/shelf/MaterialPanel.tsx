import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type Material, Problem } from '../../app/api';
import { bench } from '../../app/theme';
import { Choice, NumberEntry, TextEntry, TimeEntry } from '../../shared/Field';
import { NewerAlert } from '../../shared/NewerAlert';
import { Swatch } from '../../shared/Swatch';
import { kinds } from '../../shared/words';

type Props = { material: Material; archived: boolean; currency: string; onSaved: () => void; onCopy: () => void; onArchive: () => void };

/** One material with all its figures, to be read and changed. */
export function MaterialPanel({ material, archived, currency, onSaved, onCopy, onArchive }: Props) {
  const [edited, setEdited] = useState(material);
  const save = useMutation({
    mutationFn: (m: Material) => answer(api.PUT('/api/materials/{id}', { params: { path: { id: m.id } }, body: { material: m } })),
    onSuccess: onSaved,
  });
  const problem = save.error instanceof Problem ? save.error : null;
  const wrong = (field: string) => problem?.violations.find((v) => v.pointer.startsWith(`/material/${field}`))?.message;
  const set = (patch: Partial<Material>) => setEdited({ ...edited, typical: false, ...patch });
  const body = (patch: Partial<Material['body']>) => set({ body: { ...edited.body, ...patch } });
  const handling = (patch: Partial<Material['handling']>) => set({ handling: { ...edited.handling, ...patch } });
  const times = edited.handling.times;
  const time = (patch: Partial<NonNullable<Material['handling']['times']>>) => times && handling({ times: { ...times, ...patch } });
  const look = (patch: Partial<Material['look']>) => set({ look: { ...edited.look, ...patch } });
  const changed = edited !== material;

  return (
    <Box sx={{ display: 'grid', gap: 2.25, maxWidth: 860 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Swatch colour={edited.look.colour ?? edited.look.onWood ?? null} size={64} />
        <Box sx={{ flex: '1 1 260px' }}>
          <Typography variant="h2">{edited.name}</Typography>
          <Box sx={{ color: 'text.secondary' }}>
            {kinds[edited.kind]} · {edited.typical ? 'figures typical of the class: the label decides' : 'own figures'} · version{' '}
            {material.version}
          </Box>
        </Box>
        <Button variant="outlined" onClick={onCopy}>
          Copy as own
        </Button>
        <Button variant="outlined" color="inherit" onClick={onArchive}>
          {archived ? 'Put back' : 'Take off the shelf'}
        </Button>
        <Button variant="contained" disabled={!changed || save.isPending} onClick={() => save.mutate(edited)}>
          Save changes
        </Button>
      </Box>
      {problem?.status === 409 ? (
        <NewerAlert
          what="this material"
          onTake={onSaved}
          onKeep={() => save.mutate({ ...edited, version: problem.version ?? edited.version })}
        />
      ) : (
        save.error && <Alert severity="error">{save.error.message}</Alert>
      )}
      <Grid title="What it is">
        <TextEntry label="Name" value={edited.name} onChange={(name) => set({ name })} error={wrong('name')} />
        <Choice
          label="Kind"
          value={edited.kind}
          options={Object.entries(kinds) as [Material['kind'], string][]}
          onChange={(kind) => set({ kind })}
        />
        <Choice
          label="Carried in"
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
            label="Density as scooped (g/ml)"
            value={edited.body.scooped ?? ''}
            onChange={(scooped) => body({ scooped: scooped === '' ? null : scooped })}
            error={wrong('body/scooped')}
          />
        )}
        <NumberEntry
          label="Solids by volume"
          unit="%"
          value={round(edited.body.solids * 100)}
          onChange={(v) => body({ solids: (v ?? 0) / 100 })}
          error={wrong('body/solids')}
        />
        <NumberEntry
          label="Of these stays on top"
          unit="%"
          value={round(edited.body.build * 100)}
          onChange={(v) => body({ build: (v ?? 0) / 100 })}
          error={wrong('body/build')}
        />
        <NumberEntry
          label="Spread rate"
          unit="m²/L"
          emptyAllowed
          value={edited.body.spread}
          onChange={(spread) => body({ spread })}
          error={wrong('body/spread')}
        />
        <NumberEntry
          label="Largest thinning"
          unit="to 1"
          emptyAllowed
          value={edited.body.largestThinning}
          onChange={(largestThinning) => body({ largestThinning })}
          error={wrong('body/largestThinning')}
        />
      </Grid>
      <Grid title="Its times at 21 °C and 50 % humidity, one normal coat">
        {!times && (
          <Button variant="outlined" onClick={() => handling({ times: { touch: 60, recoat: 240, through: 1440, cure: 20160 } })}>
            It dries: give it times
          </Button>
        )}
        {times && (
          <>
            <TimeEntry label="Touch-dry" value={times.touch} onChange={(v) => time({ touch: v ?? 0 })} error={wrong('handling/times')} />
            <TimeEntry
              label="Recoat after"
              value={times.recoat}
              onChange={(v) => time({ recoat: v ?? 0 })}
              error={wrong('handling/times')}
            />
            <TimeEntry label="Recoat at the latest" emptyAllowed value={times.recoatMost} onChange={(recoatMost) => time({ recoatMost })} />
            <TimeEntry
              label="Through-dry"
              value={times.through}
              onChange={(v) => time({ through: v ?? 0 })}
              error={wrong('handling/times')}
            />
            <TimeEntry label="Cured" value={times.cure} onChange={(v) => time({ cure: v ?? 0 })} error={wrong('handling/times')} />
          </>
        )}
        <TimeEntry
          label="Open time"
          emptyAllowed
          value={edited.handling.openTime}
          onChange={(openTime) => handling({ openTime })}
          error={wrong('handling')}
        />
        <TimeEntry
          label="Pot life"
          emptyAllowed
          value={edited.handling.potLife}
          onChange={(potLife) => handling({ potLife })}
          error={wrong('handling')}
        />
        <NumberEntry
          label="Not below"
          unit="°C"
          least={-30}
          value={edited.handling.lowestTemperature}
          onChange={(v) => handling({ lowestTemperature: v ?? 8 })}
          error={wrong('handling/lowestTemperature')}
        />
        <Choice
          label="Dries by"
          value={edited.handling.dries}
          options={[
            ['losing-water', 'losing water'],
            ['losing-spirit', 'losing spirit'],
            ['oxidising', 'taking up oxygen'],
            ['setting', 'setting'],
          ]}
          onChange={(dries) => handling({ dries })}
        />
        <Choice
          label="Once dry, water"
          value={edited.handling.rewets ? 'yes' : 'no'}
          options={[
            ['yes', 'dissolves it again'],
            ['no', 'does not dissolve it'],
          ]}
          onChange={(v) => handling({ rewets: v === 'yes' })}
        />
      </Grid>
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
          label="Full-strength colour"
          value={edited.look.colour}
          onChange={(colour) => look({ colour })}
          error={wrong('look/colour')}
        />
        <ColourEntry
          label="One part in nine of white"
          value={edited.look.tint}
          onChange={(tint) => look({ tint })}
          error={wrong('look/tint')}
        />
        <ColourEntry label="On pale wood" value={edited.look.onWood} onChange={(onWood) => look({ onWood })} error={wrong('look/onWood')} />
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
      <Grid title={`Packs and price (${currency})`}>
        {edited.packs.map((pack, i) => (
          <Box key={i} sx={{ display: 'grid', gridTemplateColumns: '1fr 84px 1fr 40px', gap: 1, gridColumn: '1 / -1', maxWidth: 480 }}>
            <TextEntry
              label="Size"
              value={pack.size}
              onChange={(size) => set({ packs: edited.packs.map((p, k) => (k === i ? { ...p, size } : p)) })}
              error={wrong(`packs/${i}`)}
            />
            <Choice
              label="Unit"
              value={pack.unit}
              options={[
                ['ml', 'ml'],
                ['g', 'g'],
              ]}
              onChange={(unit) => set({ packs: edited.packs.map((p, k) => (k === i ? { ...p, unit } : p)) })}
            />
            <NumberEntry
              label="Price"
              unit={currency}
              value={pack.price}
              onChange={(price) => set({ packs: edited.packs.map((p, k) => (k === i ? { ...p, price: price ?? 0 } : p)) })}
            />
            <Button
              aria-label="Take this pack out"
              onClick={() => set({ packs: edited.packs.filter((_, k) => k !== i) })}
              sx={{ minWidth: 0 }}
            >
              ×
            </Button>
          </Box>
        ))}
        <Button variant="outlined" onClick={() => set({ packs: [...edited.packs, { size: '500', unit: 'ml', price: 0 }] })}>
          Add a pack
        </Button>
      </Grid>
      {(edited.cautions.length > 0 || edited.hazards.length > 0) && (
        <Box sx={{ borderLeft: `4px solid ${bench.oxide}`, pl: 1.5 }}>
          <b style={{ color: bench.oxide }}>Take care</b>{' '}
          {edited.hazards.length > 0 && `(${edited.hazards.map((h) => h.replaceAll('-', ' ')).join(', ')})`}
          {edited.cautions.map((c) => (
            <div key={c}>{c}</div>
          ))}
          <div>Label, safety data sheet and local rules decide.</div>
        </Box>
      )}
      <TextEntry
        label="Cautions, one a line"
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
  );
}

function ColourEntry({
  label,
  value,
  onChange,
  error,
}: {
  label: string;
  value: string | null | undefined;
  onChange: (value: string | null) => void;
  error?: string | undefined;
}) {
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
      <Swatch colour={value ?? null} size={38} />
      <TextEntry
        label={label}
        value={value ?? ''}
        placeholder="none"
        onChange={(text) => onChange(text.trim() === '' ? null : text.trim())}
        error={error}
      />
    </Box>
  );
}

function Grid({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box component="section">
      <Typography variant="h3" sx={{ mb: 1.25 }}>
        {title}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))' }}>{children}</Box>
    </Box>
  );
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}
