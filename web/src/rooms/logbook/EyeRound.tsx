import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { answer, api } from '../../api/api';
import type { components } from '../../api/api.gen';
import { bench } from '../../theme/theme';
import { EyeSwatch } from './EyeSwatch';

type Round = components['schemas']['EyeRoundResponse'];

/** A round: one question at a time, answered by a press or a digit, told at once. It ends with the last question or the time. */
export function EyeRound({ round, onEnd }: { round: Round; onEnd: () => void }) {
  const [at, setAt] = useState(0);
  const [said, setSaid] = useState<number | null>(null);
  const [right, setRight] = useState(0);
  const [left, setLeft] = useState(60 * round.minutes);
  const next = useRef<HTMLButtonElement>(null);
  const tell = useMutation({
    mutationFn: (option: number) =>
      answer(api.POST('/api/eye/rounds/{id}/answers', { params: { path: { id: round.id } }, body: { question: at, said: option } })),
    onSuccess: (told, option) => setRight((n) => n + (told.truth === option ? 1 : 0)),
  });
  const question = round.questions[at];
  const told = tell.data ?? null;
  const over = !question || (left <= 0 && said === null);
  useEffect(() => {
    if (over) return;
    const tick = window.setInterval(() => setLeft((s) => s - 1), 1000);
    return () => window.clearInterval(tick);
  }, [over]);
  const say = (option: number) => {
    if (said !== null || !question || option >= question.options.length) return;
    setSaid(option);
    tell.mutate(option);
  };
  const goOn = () => {
    setSaid(null);
    tell.reset();
    setAt(at + 1);
  };
  const press = useRef((_key: string) => {});
  press.current = (key) => /^[1-9]$/.test(key) && say(Number(key) - 1);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => !e.ctrlKey && !e.metaKey && !e.altKey && press.current(e.key);
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  useEffect(() => {
    if (told) next.current?.focus();
  }, [told]);
  const answered = Math.min(at + (told ? 1 : 0), round.questions.length);
  return (
    <Box
      sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 980, width: '100%', mx: 'auto', display: 'grid', gap: 2, alignContent: 'start' }}
      data-testid="eye-round"
    >
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', fontSize: 17 }}>
        <span>{over ? `${answered} answered` : `${at + 1} of ${round.questions.length}`}</span>
        <b>
          {right} of {answered} right
        </b>
        <Box sx={{ flex: 1 }} />
        {!over && (
          <span>
            {Math.max(0, Math.floor(left / 60))}:{String(Math.max(0, left) % 60).padStart(2, '0')} left
          </span>
        )}
        {!over && (
          <Button color="inherit" onClick={onEnd}>
            End the round
          </Button>
        )}
      </Box>
      {over ? (
        <Box sx={{ display: 'grid', gap: 2, justifyItems: 'start' }}>
          <Typography variant="h1">{left <= 0 ? 'Time is up' : 'Round complete'}</Typography>
          <Button variant="contained" size="large" onClick={onEnd} autoFocus>
            See your scores
          </Button>
        </Box>
      ) : (
        <>
          <Typography variant="h1" aria-live="polite">
            {question.asks}
          </Typography>
          <Box sx={{ display: 'flex', gap: { xs: 1, sm: 2 } }}>
            {question.shown.map((swatch) => (
              <EyeSwatch key={swatch.label} swatch={swatch} many={question.shown.length > 2} />
            ))}
          </Box>
          <Box role="group" aria-label="Answers" sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap' }}>
            {question.options.map((option, i) => {
              const isTruth = told !== null && told.truth === i;
              return (
                <Button
                  key={option}
                  variant={said === i || isTruth ? 'contained' : 'outlined'}
                  color={told !== null && said === i && !isTruth ? 'error' : 'primary'}
                  onClick={() => say(i)}
                  aria-keyshortcuts={String(i + 1)}
                  aria-disabled={said !== null}
                  sx={{ minHeight: 60, minWidth: 110, fontSize: 19 }}
                >
                  {isTruth && said !== i ? `✓ ${option}` : option}
                </Button>
              );
            })}
          </Box>
          {tell.error && <Alert severity="error">{tell.error.message}</Alert>}
          {told && (
            <Box
              role="status"
              sx={{ display: 'flex', gap: 2, alignItems: 'center', borderLeft: `6px solid ${bench.brass}`, pl: 2, fontSize: 20 }}
            >
              <Box sx={{ flex: 1 }}>
                <b>{told.truth === said ? 'Right.' : 'No.'}</b> {told.says}
              </Box>
              <Button ref={next} variant="contained" size="large" onClick={goOn}>
                Next
              </Button>
            </Box>
          )}
        </>
      )}
    </Box>
  );
}
