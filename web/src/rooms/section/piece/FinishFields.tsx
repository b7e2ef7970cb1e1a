import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { bench } from '../../../theme/theme';
import { Choice } from '../../../ui/Field';
import { percent } from '../../../ui/words';
import type { Part, PartProps } from './parts';

const states = [
  ['sound', 'sound'],
  ['worn', 'worn'],
  ['lifting', 'lifting'],
] as const;

/** What lies on a part: what the painter believes, what the tests say, and which of them tells most next. */
export function FinishFields({ part, worked, vocabulary, set, setAll }: PartProps) {
  const kind = part.finish?.kind ?? 'bare';
  const survey = worked?.survey;
  const answer = (test: string, to: string | null) => {
    const { [test]: _, ...others } = part.tests ?? {};
    const tests = to === null ? others : { ...others, [test]: to };
    set({ tests: Object.keys(tests).length > 0 ? tests : null });
  };
  return (
    <>
      <Choice
        label="Existing finish"
        value={kind}
        options={vocabulary.finishes.map((f) => [f.key as typeof kind, f.key === 'bare' ? 'bare' : f.name] as const)}
        onChange={(next) => set({ finish: next === 'bare' ? null : { kind: next, state: part.finish?.state ?? 'sound' } })}
      />
      {part.finish && kind !== 'bare' && (
        <Choice
          label="Condition"
          value={part.finish.state ?? 'sound'}
          options={states}
          onChange={(state) => set({ finish: { kind, state } })}
        />
      )}
      <Box sx={{ gridColumn: '1 / -1', display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 250px', gap: 2 }}>
        <Box role="group" aria-label="Field tests" sx={{ display: 'grid', gap: 0.75 }}>
          {vocabulary.tests.map((test) => (
            <Test
              key={test.key}
              test={test}
              answer={part.tests?.[test.key] ?? null}
              next={survey?.next === test.key}
              onAnswer={(to) => answer(test.key, to)}
            />
          ))}
          {setAll && (
            <Button
              variant="outlined"
              sx={{ justifySelf: 'start' }}
              onClick={() => setAll({ tests: part.tests ?? null, finish: part.finish ?? null })}
            >
              The same for the others too
            </Button>
          )}
        </Box>
        {survey && (
          <Box aria-live="polite" data-testid="likely">
            <b>Most likely</b> <span style={{ color: bench.slate }}>({survey.sure})</span>
            {survey.finishes.slice(0, 4).map((f) => (
              <Box key={f.kind} sx={{ mt: 0.5 }}>
                <Box sx={{ display: 'flex', justifyContent: 'space-between' }}>
                  <span>{f.name}</span>
                  <b>{percent(f.probability)}</b>
                </Box>
                <Box sx={{ height: 8, bgcolor: bench.sand }}>
                  <Box sx={{ height: 8, width: `${100 * f.probability}%`, bgcolor: 'primary.main' }} />
                </Box>
              </Box>
            ))}
          </Box>
        )}
      </Box>
    </>
  );
}

type TestProps = {
  test: PartProps['vocabulary']['tests'][number];
  answer: string | null;
  next: boolean;
  onAnswer: (to: Part['tests'] extends infer _ ? string | null : never) => void;
};

/** One test: its answers to be pressed, and "untested", which is an answer of its own kind. */
function Test({ test, answer, next, onAnswer }: TestProps) {
  const choices: [string | null, string][] = [[null, 'untested'], ...test.answers.map((a): [string, string] => [a.key, a.name])];
  return (
    <Box role="group" aria-label={test.question} sx={{ borderLeft: `4px solid ${next ? bench.ochre : 'transparent'}`, pl: 1 }}>
      <Box sx={{ lineHeight: 1.2 }}>
        {test.question}
        {next && <b style={{ color: bench.umber }}> · most useful next</b>}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mt: 0.25 }}>
        {choices.map(([key, name]) => (
          <Button
            key={name}
            size="small"
            variant={answer === key ? 'contained' : 'outlined'}
            color={key === null ? 'inherit' : 'primary'}
            aria-pressed={answer === key}
            onClick={() => onAnswer(key)}
            sx={{
              minHeight: 32,
              py: 0,
              px: 1,
              fontWeight: 500,
              ...(answer === key && key === null && { bgcolor: bench.sand, color: bench.ink }),
            }}
          >
            {name}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
