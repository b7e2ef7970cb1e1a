import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo, type ReactNode } from 'react';
import type { Material, Preview, Recipe, Step, Violation, Vocabulary } from '../../api/api';
import { IngredientPick } from '../../mix/IngredientPick';
import { MixEditor } from '../../mix/MixEditor';
import { documentId, putMaterial, putMix, thinnedWith, thinnerOf, withoutUnused, withStep } from '../../recipe/edits';
import { bench } from '../../theme/theme';
import { Choice, NumberEntry, TextEntry } from '../../ui/Field';
import { Folded } from '../../ui/Folded';
import { purposes, waits } from '../../ui/words';
import { BlendFields } from './BlendFields';
import { FindingCard } from './findings/FindingCard';
import { NewerOnShelf } from './NewerOnShelf';
import { StepFigures, ToolField } from './StepFigures';
import { TechniquePick } from './TechniquePick';
import { WhereFields } from './WhereFields';
import { WorkedStep } from './WorkedStep';

type Props = {
  document: Recipe;
  step: Step;
  preview: Preview | null;
  vocabulary: Vocabulary;
  shelf: readonly Material[];
  currency: string;
  violations: readonly Violation[];
  onChange: (document: Recipe) => void;
};

/** One step: what is worked out from it, and next to that what is typed. */
export const StepPanel = memo(function StepPanel(given: Props) {
  const { document, step, preview, vocabulary, shelf, currency, violations, onChange } = given;
  const worked = preview?.steps.find((s) => s.id === step.id);
  // The further colours of a blend.
  const colours = preview?.steps.filter((s) => s.id !== step.id && documentId(s.id) === step.id) ?? [];
  const findings = preview?.findings.filter((f) => f.steps.includes(step.id)) ?? [];
  const index = document.steps.indexOf(step);
  const technique = vocabulary.techniques.find((t) => t.key === step.technique);
  const figures = technique?.profile;
  const set = (patch: Partial<Step>) => onChange(withoutUnused(withStep(document, step.id, patch)));
  const wrong = (field: string) => violations.find((v) => v.pointer.startsWith(`/document/steps/${index}/${field}`))?.message;
  const mix = document.mixes.find((m) => m.id === step.uses?.mix);
  const others = document.steps.filter((s) => s.id !== step.id && s.uses?.mix === mix?.id).length;

  const nameOf = (id: string) => {
    const other = document.steps.find((s) => s.id === id);
    return other?.title || (vocabulary.techniques.find((t) => t.key === other?.technique)?.name ?? 'a step');
  };
  const later = document.steps.slice(index + 1).map((s) => [s.id, nameOf(s.id)] as const);

  const setTechnique = (key: string) => {
    const next = vocabulary.techniques.find((t) => t.key === key);
    if (!next) return;
    const fits = vocabulary.criteria.some((c) => c.key === step.repeat?.until && c.acts.includes(next.profile.effect));
    const kept = {
      technique: key,
      ...(fits ? {} : { repeat: null }),
      ...(next.profile.tools.some((tool) => tool === step.tool) ? {} : { tool: null }),
      ...(next.profile.laidOut.some((kind) => kind === step.layout?.kind) ? {} : { layout: null }),
      ...(next.profile.effect === 'adds' ? {} : { weight: null, left: null }),
      ...(next.blends ? {} : { at: null, colours: null }),
      ...(next.wipes ? {} : { wiping: null }),
      ...(next.profile.effect === 'handles' ? { within: null, share: null, chosen: null } : {}),
    };
    if (!next.profile.takesMaterial) return set({ ...kept, uses: null });
    if (step.uses) return set(kept);
    const first = shelf.find((m) => m.kind === 'paint');
    const own = document.materials[0] ?? first;
    if (own) onChange(withStep(putMaterial(document, own), step.id, { ...kept, uses: { material: own.id } }));
  };
  const thin = () => {
    const material = document.materials.find((m) => m.id === step.uses?.material);
    if (!material) return;
    const thinner = thinnerOf(material, shelf);
    if (!thinner) return;
    const thinned = thinnedWith(thinner, { material: material.id }, material.name, 1);
    onChange(withStep(putMix(putMaterial(document, thinner), thinned), step.id, { uses: { mix: thinned.id } }));
  };

  const isLimited = [step.parts, step.within, step.masks].some((l) => l && l.length > 0) || (step.share ?? 1) < 1;
  const whereFields = (
    <WhereFields
      document={document}
      step={step}
      effect={figures?.effect ?? 'adds'}
      vocabulary={vocabulary}
      parts={preview?.parts ?? []}
      set={set}
      wrong={wrong}
    />
  );

  return (
    <Box
      component="section"
      aria-label={`Step ${index + 1}`}
      id="step-panel"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: 'minmax(0, 1fr) minmax(0, 1.1fr)' },
        columnGap: 2,
        rowGap: 1.5,
        alignItems: 'start',
      }}
    >
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <Typography variant="h2" sx={{ color: 'primary.main' }}>
          {index + 1}. {worked?.name ?? step.title}
        </Typography>
        <TechniquePick
          techniques={vocabulary.techniques}
          value={step.technique}
          after={document.steps[index - 1]?.technique ?? null}
          onChange={setTechnique}
          error={wrong('technique')}
        />
        {figures && figures.effect !== 'handles' && figures.effect !== 'waits' && (
          <Box sx={{ display: 'grid', gridTemplateColumns: step.intent.purpose === 'broken-cover' ? '1fr 1fr' : '1fr', gap: 1.25 }}>
            <Choice
              label="Purpose"
              value={step.intent.purpose}
              options={Object.entries(purposes) as [Step['intent']['purpose'], string][]}
              onChange={(purpose) =>
                set({ intent: purpose === 'broken-cover' ? { purpose, shows: step.intent.shows ?? 0.5 } : { purpose } })
              }
            />
            {step.intent.purpose === 'broken-cover' && (
              <NumberEntry
                label="Surface left showing"
                unit="%"
                value={Math.round((step.intent.shows ?? 0.5) * 100)}
                onChange={(shows) => set({ intent: { purpose: 'broken-cover', shows: (shows ?? 50) / 100 } })}
                error={wrong('intent')}
              />
            )}
          </Box>
        )}
        {figures?.effect === 'waits' ? null : isLimited ? (
          <Part title="Where on the piece">{whereFields}</Part>
        ) : (
          <Box sx={{ borderTop: 1, borderColor: 'divider', pt: 0.5 }}>
            <Folded title="Where: the whole piece">{whereFields}</Folded>
          </Box>
        )}
        {(figures?.takesMaterial || (figures?.tools.length ?? 0) > 0) && (
          <Part title="With what">
            {figures?.takesMaterial && (
              <IngredientPick
                label="Material or mix"
                book={document}
                inside={null}
                shelf={shelf}
                value={step.uses ?? null}
                error={wrong('uses')}
                onChange={(uses, material) =>
                  onChange(withoutUnused(withStep(material ? putMaterial(document, material) : document, step.id, { uses })))
                }
              />
            )}
            <NewerOnShelf
              document={document}
              shelf={shelf}
              using={worked?.pour?.ingredients.map((i) => i.materialId) ?? []}
              onChange={onChange}
            />
            {figures?.takesMaterial && step.uses?.material && (
              <Button variant="outlined" onClick={thin} sx={{ justifySelf: 'start' }}>
                Thin or mix
              </Button>
            )}
            {mix && (
              <Box sx={{ borderLeft: 3, borderColor: 'divider', pl: 1.5 }}>
                <MixEditor book={document} mix={mix} shelf={shelf} onChange={(book) => onChange(withoutUnused(book))} />
                {others > 0 && (
                  <Typography variant="caption" color="text.secondary">
                    Also used by {others === 1 ? '1 other step' : `${others} other steps`} (changes {others === 1 ? 'both' : 'all'})
                  </Typography>
                )}
              </Box>
            )}
            {technique?.blends && (
              <BlendFields document={document} step={step} shelf={shelf} onChange={onChange} error={wrong('colours')} />
            )}
            <ToolField step={step} worked={worked} vocabulary={vocabulary} set={set} wrong={wrong} later={later} />
          </Part>
        )}
        {figures?.effect !== 'waits' && (
          <Part title="How">
            <StepFigures step={step} later={later} worked={worked} vocabulary={vocabulary} set={set} wrong={wrong} />
          </Part>
        )}
        <Part title="Then">
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            <Choice
              label="Wait before next step"
              value={step.wait.until}
              options={Object.entries(waits) as [Step['wait']['until'], string][]}
              onChange={(until) => set({ wait: until === 'minutes' ? { until, minutes: step.wait.minutes ?? 60 } : { until } })}
              error={wrong('wait')}
            />
            {step.wait.until === 'minutes' && (
              <NumberEntry
                label="Wait"
                unit="min"
                whole
                value={step.wait.minutes ?? 60}
                onChange={(m) => set({ wait: { until: 'minutes', minutes: m ?? 60 } })}
              />
            )}
          </Box>
          <TextEntry
            label="Title"
            value={step.title ?? ''}
            placeholder={technique?.name ?? ''}
            onChange={(title) => set({ title })}
            error={wrong('title')}
          />
          <TextEntry label="Note" multiline value={step.note ?? ''} onChange={(note) => set({ note })} error={wrong('note')} />
        </Part>
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        {findings.map((f) => (
          <FindingCard key={f.key} document={document} finding={f} onChange={onChange} />
        ))}
        {worked && (worked.effect !== 'waits' || worked.remarks.length > 0) && (
          <WorkedStep step={step} worked={worked} currency={currency} nameOf={nameOf} />
        )}
        {colours.map((c) => (
          <Box key={c.id} data-testid="colour" sx={{ bgcolor: bench.sheet, border: 1, borderColor: 'divider', borderRadius: 1, p: 1.5 }}>
            <Box sx={{ fontSize: 24, fontWeight: 700, lineHeight: 1.1 }}>{c.pour?.need.text}</Box>
            <Box sx={{ color: 'text.secondary' }}>{c.pour?.words ?? c.pour?.name}, blended with it</Box>
            {c.pour?.mixes[0]?.batch.lines.map((line) => (
              <Box key={line.materialId}>
                <b>{line.how ?? line.amount.text}</b> {line.name}
              </Box>
            ))}
          </Box>
        ))}
      </Box>
    </Box>
  );
});

/** One of the questions a step asks, in the order in which a painter says it. */
function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ display: 'grid', gap: 1.25, borderTop: 1, borderColor: 'divider', pt: 1 }}>
      <Typography variant="h3" sx={{ color: 'text.secondary' }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}
