import { useMemo } from 'react';
import type { Recipe, StackPreview } from '../../api/api';
import { faceOf } from '../painting';
import { makeReady, type Ready } from './paint';

/** The face of a stack made ready to be painted, anew only when it was worked out anew. */
export function useReady(document: Recipe | undefined, stack: StackPreview | undefined): Ready | undefined {
  const part = stack?.places[0]?.split(':')[0];
  const worn = document?.piece.parts.find((p) => p.id === part)?.worn;
  return useMemo(() => stack && makeReady(faceOf(stack), worn ?? ['edges', 'corners']), [stack, worn]);
}
