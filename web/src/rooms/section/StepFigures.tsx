import Box from '@mui/material/Box';
import type { Step, StepPreview, Vocabulary } from '../../api/api';
import { hands } from '../../recipe/manner';
import { Choice, NumberEntry } from '../../ui/Field';
import { Folded } from '../../ui/Folded';
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
          options={hands}
          onChange={(hand) => set({ hand: hand === 'middle' ? undefined : hand } as Partial<Step>)}
        />
      )}
      {technique.placed && (
        <Choice
          label={step.colours?.length ? 'Begins at' : 'Strongest at'}
          value={step.where ?? 'top-down'}
          options={named(vocabulary.placements)}
          onChange={(where) => set({ where } as Partial<Step>)}
        />
      )}
      {technique.fades && (
        <Choice
          label="Fades from"
          value={step.where ?? ''}
          options={[['', 'does not fade'] as const, ...named(vocabulary.placements)]}
          onChange={(where) => set({ where: where === '' ? null : where } as Partial<Step>)}
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
  const dwell = (
    <NumberEntry
      label="Dwell"
      unit="min"
      emptyAllowed
      whole
      value={step.dwell}
      onChange={(dwell) => set({ dwell })}
      error={wrong('dwell')}
    />
  );
  const rarely = [
    'handsOn',
    'sections',
    'repeat',
    ...(technique.wipes ? [] : ['dwell' as const]),
  ] as const satisfies readonly (keyof Step)[];
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
          {technique.wipes && (
            <Choice
              label="Wiped with"
              value={step.wiping ?? 'dry'}
              options={[
                ['dry', 'a dry cloth'],
                ['damp', 'a damp cloth'],
                ['towel', 'a grooved towel'],
              ]}
              onChange={(wiping) => set({ wiping: wiping === 'dry' ? null : wiping })}
            />
          )}
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
      {technique.wipes && dwell}
      {profile.laidOut.length > 0 && (
        <Box sx={{ gridColumn: '1 / -1' }}>
          <LayoutFields
            kinds={profile.laidOut}
            layout={step.layout ?? null}
            onChange={(layout) => set({ layout })}
            error={wrong('layout')}
          />
        </Box>
      )}
      <Folded title="Rarely needed" open={rarely.some((field) => step[field] !== undefined && step[field] !== null)}>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
          {!technique.wipes && dwell}
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
          {profile.wet && (
            <NumberEntry
              label="I work in sections"
              emptyAllowed
              whole
              least={1}
              value={step.sections}
              placeholder={worked?.sections?.count ? String(worked.sections.count) : ''}
              onChange={(sections) => set({ sections })}
              error={wrong('sections')}
            />
          )}
          <RepeatFields {...props} act={profile.effect} />
        </Box>
      </Folded>
    </Box>
  );
}

/** The tool a step is done with, where there is a choice. */
export function ToolField({ step, vocabulary, set, wrong }: StepFieldsProps) {
  const tools = vocabulary.techniques.find((t) => t.key === step.technique)?.profile.tools ?? [];
  if (tools.length < 2) return null;
  return (
    <Choice
      label="Tool"
      value={step.tool ?? tools[0] ?? ''}
      options={named(vocabulary.tools.filter((t) => tools.some((key) => key === t.key)))}
      onChange={(tool) => set({ tool: tool === tools[0] ? null : tool } as Partial<Step>)}
      error={wrong('tool')}
    />
  );
}
