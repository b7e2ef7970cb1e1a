import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { components } from '../../api/api.gen';
import { ColourEntry } from '../../ui/ColourEntry';
import { Choice, NumberEntry } from '../../ui/Field';

type Layout = components['schemas']['Layout'];
type Kind = Layout['kind'];
type Props = {
  kinds: readonly Kind[];
  layout: Layout | null;
  onChange: (layout: Layout | null) => void;
  error: string | undefined;
};

const names: Record<Kind, string> = {
  stripes: 'in stripes',
  border: 'as lines round the edge',
  motifs: 'a stencil, repeated',
  sheets: 'in sheets',
};

const shares = [
  ['one-in-the-middle', 'motif centred'],
  ['gap-in-the-middle', 'gap centred'],
  ['ends-whole', 'motif at both ends'],
  ['ends-in-gaps', 'a gap at both ends'],
] as const;

const runs = [
  ['along', 'along the length'],
  ['across', 'across'],
] as const;

/** What each is to begin with. */
const begun: Record<Kind, Layout> = {
  stripes: { kind: 'stripes', width: 40, gap: 40, run: 'across', share: 'ends-in-gaps' },
  border: { kind: 'border', lines: [{ in: 25, width: 5 }] },
  motifs: { kind: 'motifs', length: 120, width: 90, gap: 30, rows: null, open: 0.3, share: 'ends-in-gaps' },
  sheets: { kind: 'sheets', length: 700, width: 500, lap: 4, run: 'along', seams: 'balanced', repeat: null, thickness: 100, colour: null },
};

/** How stripes, lines, motifs or sheets are shared out on the flat faces: what is typed of it. */
export function LayoutFields({ kinds, layout, onChange, error }: Props) {
  if (kinds.length === 0) return null;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
      <Box sx={{ gridColumn: '1 / -1' }}>
        <Choice
          label="Layout"
          value={layout?.kind ?? 'by-eye'}
          options={[['by-eye', 'by eye'] as const, ...kinds.map((k) => [k, names[k]] as const)]}
          onChange={(kind) => onChange(kind === 'by-eye' ? null : begun[kind])}
          error={error}
        />
      </Box>
      {layout && <Fields layout={layout} onChange={onChange} />}
    </Box>
  );
}

function Fields({ layout, onChange }: { layout: Layout; onChange: (layout: Layout) => void }) {
  const mm = (label: string, value: number, set: (v: number) => Layout, least = 0) => (
    <NumberEntry label={label} unit="mm" value={value} least={least} onChange={(v) => v !== null && onChange(set(v))} />
  );
  switch (layout.kind) {
    case 'stripes':
      return (
        <>
          <Choice label="Direction" value={layout.run} options={runs} onChange={(run) => onChange({ ...layout, run })} />
          {mm('Width', layout.width, (width) => ({ ...layout, width }), 1)}
          {mm('Gap (approx.)', layout.gap, (gap) => ({ ...layout, gap }), 1)}
          <Choice label="Alignment" value={layout.share} options={shares} onChange={(share) => onChange({ ...layout, share })} />
        </>
      );
    case 'border': {
      const set = (i: number, patch: Partial<(typeof layout.lines)[number]>): Layout => ({
        ...layout,
        lines: layout.lines.map((line, k) => (k === i ? { ...line, ...patch } : line)),
      });
      return (
        <>
          {layout.lines.map((line, i) => (
            <Box key={`${line.in} ${line.width}`} sx={{ display: 'contents' }}>
              {mm(`Line ${i + 1} inset`, line.in, (v) => set(i, { in: v }))}
              {mm(`Line ${i + 1} width`, line.width, (v) => set(i, { width: v }), 0.5)}
            </Box>
          ))}
          <Button
            disabled={layout.lines.length >= 6}
            onClick={() => {
              const last = layout.lines[layout.lines.length - 1] ?? { in: 20, width: 5 };
              onChange({ ...layout, lines: [...layout.lines, { in: last.in + last.width + 8, width: 2 }] });
            }}
          >
            Add line
          </Button>
          <Button
            color="inherit"
            disabled={layout.lines.length < 2}
            onClick={() => onChange({ ...layout, lines: layout.lines.slice(0, -1) })}
          >
            Remove last line
          </Button>
        </>
      );
    }
    case 'motifs':
      return (
        <>
          <NumberEntry
            label="Open area of stencil"
            unit="%"
            value={Math.round(layout.open * 100)}
            least={1}
            onChange={(v) => v !== null && onChange({ ...layout, open: v / 100 })}
          />
          {mm('Length', layout.length, (length) => ({ ...layout, length }), 2)}
          {mm('Width', layout.width, (width) => ({ ...layout, width }), 2)}
          {mm('Gap (approx.)', layout.gap, (gap) => ({ ...layout, gap }))}
          <NumberEntry
            label="Rows"
            emptyAllowed
            whole
            least={1}
            value={layout.rows ?? null}
            placeholder="all over"
            onChange={(rows) => onChange({ ...layout, rows })}
          />
          <Choice label="Alignment" value={layout.share} options={shares} onChange={(share) => onChange({ ...layout, share })} />
        </>
      );
    case 'sheets':
      return (
        <>
          <Choice label="Sheet direction" value={layout.run} options={runs} onChange={(run) => onChange({ ...layout, run })} />
          {mm('Sheet length', layout.length, (length) => ({ ...layout, length }), 20)}
          {mm('Sheet width', layout.width, (width) => ({ ...layout, width }), 20)}
          {mm('Overlap', layout.lap, (lap) => ({ ...layout, lap }))}
          <NumberEntry
            label="Pattern repeat"
            unit="mm"
            emptyAllowed
            value={layout.repeat ?? null}
            placeholder="none"
            onChange={(repeat) => onChange({ ...layout, repeat })}
          />
          <Choice
            label="Seams"
            value={layout.seams}
            options={[
              ['balanced', 'the same at both ends'],
              ['from-one-end', 'from one end'],
            ]}
            onChange={(seams) => onChange({ ...layout, seams })}
          />
          <NumberEntry
            label="Thickness"
            unit="µm"
            value={layout.thickness ?? 100}
            onChange={(v) => v !== null && onChange({ ...layout, thickness: v })}
          />
          <ColourEntry emptyAllowed label="Overall colour" value={layout.colour} onChange={(colour) => onChange({ ...layout, colour })} />
        </>
      );
  }
}
