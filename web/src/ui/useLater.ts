import { useEffect, useState } from 'react';

/** A value once it has stood still for a moment. */
export function useLater<T>(value: T, ms = 180): T {
  const [later, setLater] = useState(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setLater(value), ms);
    return () => window.clearTimeout(timer);
  }, [value, ms]);
  return later;
}
