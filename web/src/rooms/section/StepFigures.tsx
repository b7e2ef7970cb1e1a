import Box from '@mui/material/Box';
import type { Step, StepPreview, Vocabulary } from '../../api/api';
import { Choice, NumberEntry } from '../../ui/Field';
import { LayoutFields } from './LayoutFields';
import { CoatsEntry, RepeatFields } from './RepeatFields';

export type StepFieldsProps = {
  step: Step;
  /** The steps that come after it, by id and name: one of them may be its last resort. */
  later: readonly (readonly [string, string])[];
  worked: StepPreview | undefined;
  vocabulary: Vocabulary;
  set: (patch: Partial<Step>) => void;
  wrong: (field: string) => string | undefined;
};

const named = (words: Vocabulary['tools']) => words.map((w) => [w.key, w.name] as const);

const sanding = ['sanded', 'scuff-sanded'];

/** In what manner it is done, as far as that shows. */
function MannerFields({ step, vocabulary, set, technique }: StepFieldsProps & { technique: Vocabulary['techniques'][number] }) {
  return (
    <>
      {technique.byHand && (
        <Choice
          label="Effect"
          value={step.hand ?? 'middle'}
          options={[
            ['light', 'light'],
            ['middle', 'medium'],
            ['heavy', 'heavy'],
          ]}
          onChange={(hand) => set({ hand: hand === 'middle' ? undefined : hand } as Partial<Step>)}
        />
      )}
      {technique.placed && (
        <Choice
          label="Strongest at"
          value={step.where ?? 'top-down'}
          options={named(vocabulary.placements)}
          onChange={(where) => set({ where } as Partial<Step>)}
        />
      )}
      {technique.byStrokes && (
        <Choice
          label="Wiping direction"
          value={step.strokes ?? 'any'}
          options={named(vocabulary.strokes)}
          onChange={(strokes) => set({ strokes } as Partial<Step>)}
        />
      )}
    </>
  );
}

/** How often, how thick, how deep, how long, and with what tool. */
export function StepFigures(props: StepFieldsProps) {
  const { step, worked, vocabulary, set, wrong } = props;
  const technique = vocabulary.techniques.find((t) => t.key === step.technique);
  const profile = technique?.profile;
  if (!profile || profile.effect === 'waits') return null;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
      <CoatsEntry {...props} act={profile.effect} />
      {profile.effect === 'adds' && (
        <>
          <Choice
            label="Coat thickness"
            value={step.weight ?? 'school'}
            options={[
              ['school', 'studio default'],
              ['thin', 'thin'],
              ['normal', 'as on label'],
              ['heavy', 'heavy'],
            ]}
            onChange={(weight) => set({ weight: weight === 'school' ? null : weight })}
          />
          <NumberEntry
            label="Left on after wiping"
            unit="%"
            emptyAllowed
            value={step.left === null || step.left === undefined ? null : Math.round(step.left * 1000) / 10}
            placeholder={String(Math.round(profile.left * 100))}
            onChange={(left) => set({ left: left === null ? null : left / 100 })}
            error={wrong('left')}
          />
        </>
      )}
      {profile.effect === 'takes-away' && (
        <>
          <NumberEntry
            label="Removes"
            unit="µm"
            emptyAllowed
            value={step.depth}
            placeholder={worked?.removes ? String(worked.removes) : ''}
            onChange={(depth) => set({ depth })}
            error={wrong('depth')}
          />
          <NumberEntry
            label="Grit"
            emptyAllowed
            whole
            least={24}
            value={step.grit}
            onChange={(grit) => set({ grit })}
            error={wrong('grit')}
          />
        </>
      )}
      <MannerFields {...props} technique={technique} />
      {profile.tools.length > 0 && (
        <Choice
          label="Tool"
          value={step.tool ?? profile.tools[0] ?? ''}
          options={named(vocabulary.tools.filter((t) => profile.tools.some((key) => key === t.key)))}
          onChange={(tool) => set({ tool: tool === profile.tools[0] ? null : tool } as Partial<Step>)}
          error={wrong('tool')}
        />
      )}
      {sanding.includes(step.technique) && (
        <>
          <Choice
            label="Sanding direction"
            value={step.strokes ?? ''}
            options={[['', 'not set'] as const, ...named(vocabulary.strokes)]}
            onChange={(strokes) => set({ strokes: strokes === '' ? null : strokes } as Partial<Step>)}
          />
          <Choice
            label="Sanding purpose"
            value={step.aim ?? ''}
            options={[['', 'automatic (from its position)'] as const, ...named(vocabulary.aims)]}
            onChange={(aim) => set({ aim: aim === '' ? null : aim } as Partial<Step>)}
          />
        </>
      )}
      <NumberEntry
        label="Dwell"
        unit="min"
        emptyAllowed
        whole
        value={step.dwell}
        onChange={(dwell) => set({ dwell })}
        error={wrong('dwell')}
      />
      <NumberEntry
        label="Hands-on time"
        unit="min"
        emptyAllowed
        whole
        least={1}
        value={step.handsOn}
        placeholder={worked ? String(worked.handsOn) : ''}
        onChange={(handsOn) => set({ handsOn })}
        error={wrong('handsOn')}
      />
      <RepeatFields {...props} act={profile.effect} />
      <Box sx={{ gridColumn: '1 / -1' }}>
        <LayoutFields kinds={profile.laidOut} layout={step.layout ?? null} onChange={(layout) => set({ layout })} error={wrong('layout')} />
      </Box>
    </Box>
  );
}
