import { useMutation } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answer, api } from '../../api/api';

export type Shown = { grams: number; settled: boolean };

/** What the scale shows, as it comes in; null while it does not answer. */
export function useScale(): Shown | null {
  const [shown, setShown] = useState<Shown | null>(null);
  useEffect(() => {
    const stream = new EventSource('/api/scale/stream');
    stream.onmessage = (event) => setShown(JSON.parse(event.data) as Shown);
    // The stream ends after some seconds and is opened again by the browser; only a scale that is really gone is said to be.
    stream.onerror = () => stream.readyState === EventSource.CLOSED && setShown(null);
    return () => stream.close();
  }, []);
  return shown;
}

/** Says what lies on the scale, or how much more is poured onto it: the hand of the stand-in. */
export function useLoad() {
  return useMutation({ mutationFn: (body: { grams: number } | { more: number }) => answer(api.PUT('/api/scale', { body })) });
}
