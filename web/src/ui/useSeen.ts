import { useEffect, useRef, useState } from 'react';

/** Whether an element has come into view, once and for good: what it costs to show need not be paid before. */
export function useSeen<E extends Element>() {
  const element = useRef<E>(null);
  const [isSeen, setSeen] = useState(false);
  useEffect(() => {
    if (!element.current) return;
    const seen = new IntersectionObserver((entries) => {
      if (!entries.some((e) => e.isIntersecting)) return;
      seen.disconnect();
      setSeen(true);
    });
    seen.observe(element.current);
    return () => seen.disconnect();
  }, []);
  return [element, isSeen] as const;
}
