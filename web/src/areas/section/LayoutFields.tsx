import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { components } from '../../app/api.gen';
import { ColourEntry } from '../../shared/ColourEntry';
import { Choice, NumberEntry } from '../../shared/Field';

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
  ['one-in-the-middle', 'one in the middle'],
  ['gap-in-the-middle', 'a gap in the middle'],
  ['ends-whole', 'a whole one at both ends'],
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
          label="Laid out"
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
          <Choice label="They run" value={layout.run} options={runs} onChange={(run) => onChange({ ...layout, run })} />
          {mm('Each is wide', layout.width, (width) => ({ ...layout, width }), 1)}
          {mm('Gap, as near as goes', layout.gap, (gap) => ({ ...layout, gap }), 1)}
          <Choice label="Shared out with" value={layout.share} options={shares} onChange={(share) => onChange({ ...layout, share })} />
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
              {mm(`Line ${i + 1}, in by`, line.in, (v) => set(i, { in: v }))}
              {mm('Wide', line.width, (v) => set(i, { width: v }), 0.5)}
            </Box>
          ))}
          <Button
            disabled={layout.lines.length >= 6}
            onClick={() => {
              const last = layout.lines[layout.lines.length - 1] ?? { in: 20, width: 5 };
              onChange({ ...layout, lines: [...layout.lines, { in: last.in + last.width + 8, width: 2 }] });
            }}
          >
            One more line
          </Button>
          <Button
            color="inherit"
            disabled={layout.lines.length < 2}
            onClick={() => onChange({ ...layout, lines: layout.lines.slice(0, -1) })}
          >
            One less
          </Button>
        </>
      );
    }
    case 'motifs':
      return (
        <>
          <NumberEntry
            label="Open in the stencil"
            unit="%"
            value={Math.round(layout.open * 100)}
            least={1}
            onChange={(v) => v !== null && onChange({ ...layout, open: v / 100 })}
          />
          {mm('Its length', layout.length, (length) => ({ ...layout, length }), 2)}
          {mm('Its width', layout.width, (width) => ({ ...layout, width }), 2)}
          {mm('Gap, as near as goes', layout.gap, (gap) => ({ ...layout, gap }))}
          <NumberEntry
            label="Rows"
            emptyAllowed
            whole
            least={1}
            value={layout.rows ?? null}
            placeholder="all over"
            onChange={(rows) => onChange({ ...layout, rows })}
          />
          <Choice label="Shared out with" value={layout.share} options={shares} onChange={(share) => onChange({ ...layout, share })} />
        </>
      );
    case 'sheets':
      return (
        <>
          <Choice label="Sheets run" value={layout.run} options={runs} onChange={(run) => onChange({ ...layout, run })} />
          {mm('A sheet is long', layout.length, (length) => ({ ...layout, length }), 20)}
          {mm('A sheet is wide', layout.width, (width) => ({ ...layout, width }), 20)}
          {mm('Lap', layout.lap, (lap) => ({ ...layout, lap }))}
          <NumberEntry
            label="Pattern comes again after"
            unit="mm"
            emptyAllowed
            value={layout.repeat ?? null}
            placeholder="no pattern"
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
            label="Thick"
            unit="µm"
            value={layout.thickness ?? 100}
            onChange={(v) => v !== null && onChange({ ...layout, thickness: v })}
          />
          <ColourEntry
            emptyAllowed
            label="Its colour from afar"
            value={layout.colour}
            onChange={(colour) => onChange({ ...layout, colour })}
          />
        </>
      );
  }
}
