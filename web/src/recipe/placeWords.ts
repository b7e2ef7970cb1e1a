import type { Step, StepPreview, Vocabulary } from '../api/api';
import { capital } from '../ui/words';
import { shares } from './manner';

/** Where on the faces, how much of that, and where a blend or what fades is full: in the words of the bench. */
export function placeWords(step: Step, vocabulary: Vocabulary): string {
  const within = (step.within ?? []).map((w) => vocabulary.within.find((v) => v.key === w)?.name ?? w);
  const share = step.share ?? 1;
  const where = step.where ? vocabulary.placements.find((p) => p.key === step.where)?.name : undefined;
  const part = shares.find(([of]) => of === share)?.[1] ?? `${Math.round(100 * share)} %`;
  return [
    within.length > 0 ? `only ${within.join(', ')}` : '',
    share < 1
      ? `${part === 'a spot' ? part : `${part} of it`}, ${step.chosen === 'here-and-there' ? 'here and there' : 'where it needs it'}`
      : '',
    where ? `${step.colours?.length ? 'from' : 'full at'} the ${where}` : '',
  ]
    .filter(Boolean)
    .map(capital)
    .join('. ');
}

const along: Record<string, string> = { along: 'along the grain', across: 'across the grain', any: 'any direction' };
const wiped: Record<string, string> = { damp: 'wiped with a damp cloth', towel: 'wiped with a grooved towel' };

/** With what and how: the tool, the direction, the weight, the hand, how often to mist. */
export function howWords(step: Step, worked: StepPreview | undefined, vocabulary: Vocabulary): string {
  const technique = vocabulary.techniques.find((t) => t.key === step.technique);
  const tool = step.tool ?? technique?.profile.tools[0];
  const words = [
    vocabulary.tools.find((t) => t.key === tool)?.name,
    step.strokes && along[step.strokes],
    step.wiping && wiped[step.wiping],
    step.weight && step.weight !== 'normal' && `a ${step.weight} coat`,
    step.hand && step.hand !== 'middle' && `a ${step.hand} hand`,
    worked?.sections?.mistEvery && step.sections === 1 && `mist every ${worked.sections.mistEvery} min`,
  ]
    .filter(Boolean)
    .join(', ');
  return capital(words);
}
