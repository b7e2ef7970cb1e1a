import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import type { Preview, Recipe, Step, Vocabulary } from '../../api/api';
import { Elevation } from '../../recipe/Elevation';
import { shares } from '../../recipe/manner';
import { Choice, NumberEntry } from '../../ui/Field';
import { MaskPick } from './MaskPick';
import { PartsPick } from './PartsPick';

type Props = {
  document: Recipe;
  step: Step;
  effect: Vocabulary['techniques'][number]['profile']['effect'];
  vocabulary: Vocabulary;
  parts: Preview['parts'];
  set: (patch: Partial<Step>) => void;
  wrong: (field: string) => string | undefined;
};

type Within = NonNullable<Step['within']>[number];

const choices = [['1', 'all of it'] as const, ...shares.map(([share, name]) => [String(share), name] as const)];

/** Where a step is done: parts, faces and fields; edges or other places on them; all of that or a share. */
export function WhereFields({ document, step, effect, vocabulary, parts, set, wrong }: Props) {
  const [drawn, setDrawn] = useState(false);
  const share = step.share ?? 1;
  const named = choices.find(([value]) => Math.abs(Number(value) - share) < 1e-9)?.[0] ?? '';
  const setParts = (places: string[]) => set({ parts: places.length === 0 ? null : places, masks: null } as Partial<Step>);
  const press = (id: string) => {
    const now = step.parts ?? [];
    const of = (place: string) => place === id || place.startsWith(`${id}:`);
    setParts(now.some(of) ? now.filter((p) => !of(p)) : [...now, id]);
  };
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <PartsPick document={document} vocabulary={vocabulary} value={step.parts ?? []} onChange={setParts} />
      {parts.filter((p) => p.outline).length > 1 && (
        <Button variant="text" sx={{ justifySelf: 'start' }} onClick={() => setDrawn(!drawn)} aria-expanded={drawn}>
          {drawn ? 'Hide the drawing' : 'Pick on the drawing'}
        </Button>
      )}
      {drawn && (
        <Elevation document={document} parts={parts} selected={(step.parts ?? []).map((p) => p.split(':')[0] ?? p)} onSelect={press} />
      )}
      {effect !== 'handles' && effect !== 'waits' && (
        <>
          <ToggleButtonGroup
            size="small"
            aria-label="Only on"
            value={step.within ?? []}
            onChange={(_, within: Within[]) => set({ within: within.length > 0 ? within : null })}
            sx={{ flexWrap: 'wrap', '& button': { textTransform: 'none', py: 0.5, color: 'text.primary', fontWeight: 500 } }}
          >
            {vocabulary.within.map((w) => (
              <ToggleButton key={w.key} value={w.key}>
                {w.name}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            <Choice
              label="How much of it"
              value={named}
              options={named === '' ? [['', `${Math.round(1000 * share) / 10} %`] as const, ...choices] : choices}
              onChange={(value) =>
                value !== '' && set({ share: value === '1' ? null : Number(value), ...(value === '1' && { chosen: null }) })
              }
              error={wrong('share')}
            />
            {share < 1 && (
              <>
                <NumberEntry
                  label="Share"
                  unit="%"
                  value={Math.round(1000 * share) / 10}
                  least={0.1}
                  onChange={(percent) => set({ share: Math.min(1, (percent ?? 100) / 100) })}
                />
                <Choice
                  label="Which"
                  value={step.chosen ?? 'needing'}
                  options={[
                    ['needing', 'where it needs it (a touch-up)'],
                    ['here-and-there', 'here and there'],
                  ]}
                  onChange={(chosen) => set({ chosen: chosen === 'needing' ? null : chosen })}
                />
              </>
            )}
          </Box>
        </>
      )}
      <MaskPick document={document} step={step} onChange={(masks) => set({ masks: masks.length === 0 ? null : masks })} />
    </Box>
  );
}
