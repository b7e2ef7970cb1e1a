import { useSettings } from '../api/useSettings';
import type { System } from './measures';

/** What the studio measures in; metric while that is not known. */
export function useSystem(): System {
  return useSettings(false).data?.settings.units ?? 'metric';
}
