import { useEffect, useRef, useState } from 'react';
import { answer, api, type Preview, Problem, type Recipe, type Violation } from '../../app/api';

/**
 * The recipe worked out, a blink after every edit. Questions are numbered and the latest answer wins; while one is on its
 * way, or the recipe makes no sense, the last good answer stays.
 */
export function usePreview(document: Recipe) {
  const [preview, setPreview] = useState<Preview | null>(null);
  const [violations, setViolations] = useState<readonly Violation[]>([]);
  const [unreachable, setUnreachable] = useState(false);
  const [again, setAgain] = useState(0);
  const asked = useRef(0);
  const first = useRef(true);

  // biome-ignore lint/correctness/useExhaustiveDependencies: `again` asks the same question once more
  useEffect(() => {
    const number = ++asked.current;
    const abort = new AbortController();
    const ask = async () => {
      try {
        const worked = await answer(api.POST('/api/preview', { body: { document }, signal: abort.signal }));
        if (number !== asked.current) return;
        setPreview(worked.preview);
        setViolations([]);
        setUnreachable(false);
      } catch (error) {
        if (number !== asked.current || abort.signal.aborted) return;
        setUnreachable(!(error instanceof Problem));
        if (error instanceof Problem)
          setViolations(error.violations.length > 0 ? error.violations : [{ pointer: '', message: error.message }]);
        else window.setTimeout(() => number === asked.current && setAgain((n) => n + 1), 3000);
      }
    };
    const timer = window.setTimeout(ask, first.current ? 0 : 90);
    first.current = false;
    return () => {
      window.clearTimeout(timer);
      abort.abort();
    };
  }, [document, again]);

  return { preview, violations, unreachable };
}
