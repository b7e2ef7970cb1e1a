import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { BoardAxis, BoardVariable } from '../../api/api';
import { Choice, TextEntry } from '../../ui/Field';

const most = 6;

type Props = {
  title: string;
  axis: BoardAxis;
  things: readonly BoardVariable[];
  nameOf: (step: string | null) => string;
  onChange: (axis: BoardAxis) => void;
  onRemove?: () => void;
  error?: string | undefined;
};

/** What the rows or the columns vary: in which step, which one thing, at which levels. */
export function AxisEntry({ title, axis, things, nameOf, onChange, onRemove, error }: Props) {
  const step = axis.step ?? null;
  const thing = things.find((t) => t.thing === axis.thing && t.step === step);
  const take = (t: BoardVariable | undefined) =>
    t && onChange({ thing: t.thing, ...(t.step === null ? {} : { step: t.step }), levels: t.levels });
  const levels = (next: string[]) => onChange({ ...axis, levels: next });
  const steps = [...new Set(things.map((t) => t.step))];
  return (
    <Box
      component="fieldset"
      sx={{ border: 1, borderColor: 'divider', borderRadius: 1, m: 0, p: 1.5, bgcolor: 'background.paper', display: 'grid', gap: 1.25 }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center' }}>
        <Typography variant="h3" component="legend" sx={{ p: 0, flex: 1 }}>
          {title}
        </Typography>
        {onRemove && (
          <Button onClick={onRemove} sx={{ minHeight: 0, py: 0 }}>
            Remove rows
          </Button>
        )}
      </Box>
      <Choice
        label="Step"
        value={step ?? ''}
        options={steps.map((s) => [s ?? '', nameOf(s)] as const)}
        onChange={(s) => take(things.find((t) => t.step === (s || null)))}
      />
      <Choice
        label="Variable"
        value={axis.thing}
        options={things.filter((t) => t.step === step).map((t) => [t.thing, t.name] as const)}
        onChange={(key) => take(things.find((t) => t.thing === key && t.step === step))}
        help={thing?.tells ?? ''}
        error={error}
      />
      <Box sx={{ display: 'grid', gridTemplateColumns: thing && thing.options.length > 0 ? '1fr' : 'repeat(3, 1fr)', gap: 1 }}>
        {axis.levels.map((level, i) => {
          const change = (to: string) => levels(axis.levels.map((l, k) => (k === i ? to : l)));
          const place = title === 'Columns' ? String.fromCharCode(65 + i) : i + 1;
          const label = level === thing?.standing ? `${place}, as in the recipe` : String(place);
          return thing && thing.options.length > 0 ? (
            <Choice key={i} label={label} value={level} options={thing.options.map((o) => [o.level, o.words] as const)} onChange={change} />
          ) : (
            <TextEntry key={i} label={label} value={level} onChange={change} />
          );
        })}
      </Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="outlined" disabled={axis.levels.length >= most} onClick={() => levels([...axis.levels, next(axis.levels, thing)])}>
          Add value
        </Button>
        <Button variant="outlined" disabled={axis.levels.length < 2} onClick={() => levels(axis.levels.slice(0, -1))}>
          Remove last value
        </Button>
      </Box>
    </Box>
  );
}

/** Another level: one not taken yet, or the last step once more. */
function next(levels: readonly string[], thing: BoardVariable | undefined): string {
  const free = thing?.options.find((o) => !levels.includes(o.level));
  if (free) return free.level;
  const [before, last] = [Number(levels.at(-2) ?? 0), Number(levels.at(-1))];
  return Number.isFinite(before) && Number.isFinite(last) ? String(last + Math.max(1, last - before)) : '1/8';
}
