import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Preview, Recipe, Vocabulary } from '../../../api/api';
import { withStep } from '../../../recipe/edits';
import { bench } from '../../../theme/theme';
import { Choice, NumberEntry, TextEntry } from '../../../ui/Field';
import { InStudio } from '../../../ui/InStudio';
import { moment } from '../../../ui/words';
import { Fields } from './Fields';
import { type Joint, places, withJoints } from './parts';

type Props = {
  document: Recipe;
  joint: Joint;
  worked: Preview['joints'][number] | undefined;
  steps: Preview['steps'];
  vocabulary: Vocabulary;
  onChange: (document: Recipe) => void;
};

const mm = (value: number) => <InStudio>{`${value.toFixed(2)} mm`}</InStudio>;

/** A moving joint: what it is, what films and swelling leave of its gap after every step, and what would keep it running. */
export function JointPanel({ document, joint, worked, steps, vocabulary, onChange }: Props) {
  const joints = document.piece.joints ?? [];
  const set = (patch: Partial<Joint>) =>
    onChange(
      withJoints(
        document,
        joints.map((j) => (j.id === joint.id ? { ...j, ...patch } : j)),
      ),
    );
  const side = (which: 'moving' | 'fixed') => (place: string) => {
    const [part = '', face = ''] = place.split(':');
    set({ [which]: { ...joint[which], part, face } });
  };
  const options = places(document, vocabulary);
  const apply = (remedy: NonNullable<typeof worked>['remedies'][number]) => {
    if (remedy.edit === 'moving-bare') set({ moving: { ...joint.moving, coated: false } });
    else if (remedy.edit === 'fixed-bare') set({ fixed: { ...joint.fixed, coated: false } });
    else if (remedy.edit === 'fewer-coats' && remedy.stepId) {
      const coats = document.steps.find((s) => s.id === remedy.stepId)?.coats ?? 1;
      if (coats > 1) onChange(withStep(document, remedy.stepId, { coats: coats - 1 }));
    } else set({ clearance: Math.round((joint.clearance + remedy.gap - (worked?.left ?? 0)) * 100) / 100 });
  };
  return (
    <Box component="section" aria-label={joint.name} sx={{ display: 'grid', gap: 2, maxWidth: 820 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 220px auto', gap: 1.5, alignItems: 'end' }}>
        <TextEntry label="Joint" value={joint.name} onChange={(name) => set({ name })} />
        <Choice
          label="Kind"
          value={joint.kind}
          options={vocabulary.joints.map((j) => [j.key as Joint['kind'], j.name] as const)}
          onChange={(kind) => set({ kind })}
        />
        <Button
          variant="outlined"
          color="secondary"
          aria-label={`Remove ${joint.name}`}
          onClick={() =>
            onChange(
              withJoints(
                document,
                joints.filter((j) => j.id !== joint.id),
              ),
            )
          }
        >
          Remove
        </Button>
      </Box>
      <Fields title="Clearance">
        {(['moving', 'fixed'] as const).map((which) => (
          <Box key={which}>
            <Choice
              label={which === 'moving' ? 'Moving part' : 'Fixed part'}
              value={`${joint[which].part}:${joint[which].face}`}
              options={options}
              onChange={side(which)}
            />
            <FormControlLabel
              label="this face is coated"
              control={
                <Checkbox checked={joint[which].coated} onChange={(e) => set({ [which]: { ...joint[which], coated: e.target.checked } })} />
              }
            />
          </Box>
        ))}
        <NumberEntry label="Clearance when bare" unit="mm" value={joint.clearance} onChange={(v) => set({ clearance: v ?? 1 })} />
        <NumberEntry label="Minimum clearance" unit="mm" value={joint.least ?? 0.3} onChange={(v) => set({ least: v ?? 0.3 })} />
        <NumberEntry label="Width across the grain" unit="mm" value={joint.across ?? 0} onChange={(v) => set({ across: v ?? 0 })} />
      </Fields>
      {worked && <Left worked={worked} steps={steps} />}
      {worked && worked.remedies.length > 0 && (
        <Fields title="Ways to keep it moving">
          {worked.remedies.map((r) => (
            <Box
              key={r.text}
              sx={{
                border: 1,
                borderColor: r.enough ? 'primary.main' : 'divider',
                bgcolor: bench.sheet,
                p: 1.25,
                display: 'grid',
                gap: 0.5,
              }}
            >
              <span>{r.text}</span>
              <b style={{ fontSize: 20 }}>{mm(r.gap)}</b>
              <span style={{ color: r.enough ? bench.verdigris : bench.oxide }}>{r.enough ? 'moves freely' : 'still binds'}</span>
              <Button variant="outlined" onClick={() => apply(r)} aria-label={`Apply: ${r.text}`}>
                Apply
              </Button>
            </Box>
          ))}
        </Fields>
      )}
    </Box>
  );
}

/** The gap as a bar after every step: what is left, against what must be left. */
function Left({ worked, steps }: { worked: NonNullable<Props['worked']>; steps: Preview['steps'] }) {
  const most = Math.max(worked.clearance, worked.least, 0.1);
  const rows = [
    { name: 'Bare, as measured', gap: worked.clearance },
    ...(worked.swelling > 0 ? [{ name: 'with the wood swollen', gap: worked.clearance - worked.swelling }] : []),
    ...worked.steps.map((s) => {
      const step = steps.find((x) => x.id === s.stepId);
      return { name: `${step?.number ?? ''}. ${step?.name ?? ''}`, gap: s.gap };
    }),
  ];
  return (
    <Fields title="Remaining clearance">
      <Box sx={{ gridColumn: '1 / -1' }} aria-live="polite" data-testid="fit">
        {rows.map((r, i) => {
          const binds = r.gap < worked.least;
          return (
            <Box
              key={`${i}-${r.name}`}
              sx={{ display: 'grid', gridTemplateColumns: '230px 1fr 150px', gap: 1.5, alignItems: 'center', py: 0.25 }}
            >
              <span>{r.name}</span>
              <Box sx={{ position: 'relative', height: 16, bgcolor: bench.sand }}>
                <Box sx={{ height: 16, width: `${Math.max(0, (100 * r.gap) / most)}%`, bgcolor: binds ? bench.oxide : bench.verdigris }} />
                <Box
                  sx={{
                    position: 'absolute',
                    top: -3,
                    bottom: -3,
                    left: `${(100 * worked.least) / most}%`,
                    borderLeft: `2px solid ${bench.ink}`,
                  }}
                />
              </Box>
              <b style={{ color: binds ? bench.oxide : bench.ink }}>
                {mm(r.gap)}
                {binds ? ' · binds' : ''}
              </b>
            </Box>
          );
        })}
        <p style={{ margin: '8px 0 0' }}>
          {worked.bindsAfter === null
            ? `Moves freely: ${mm(worked.left)} clearance left; ${mm(worked.least)} needed.`
            : worked.bindsAfter === ''
              ? 'Binds even bare when the wood swells.'
              : `Binds after step ${steps.find((s) => s.id === worked.bindsAfter)?.number}.`}{' '}
          {worked.apartUntil && (
            <>
              Fresh coats stick together. Keep the faces apart until <b>{moment(worked.apartUntil)}</b>.
            </>
          )}
        </p>
      </Box>
    </Fields>
  );
}
