import type { ReactNode } from 'react';
import { inStudio } from './measures';
import { useSystem } from './useSystem';

/** Words with figures in mm, m or m², as the studio measures. */
export function InStudio({ children }: { children: ReactNode }) {
  const system = useSystem();
  const words = (Array.isArray(children) ? children : [children]).flat(9).filter((c) => c !== null && c !== undefined && c !== false);
  return inStudio(words.join(''), system);
}
