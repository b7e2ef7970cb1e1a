import type { PlanPreview } from '../../app/api';
import { minutes } from '../../shared/words';

/** The plan, asked by step. */
export type CoatPlans = {
  /** How long to wait after the last coat of a step, in words. */
  waitAfter: (stepId: string) => string | null;
  /** The step whose wait is the longest. */
  longest: string | null;
};

export function coatPlans(plan: PlanPreview | undefined): CoatPlans {
  return {
    waitAfter: (stepId) => {
      const last = plan?.coats.filter((c) => c.stepId === stepId).at(-1);
      if (!last) return null;
      if (last.overnight) return 'overnight';
      return last.leastWait > 0 ? minutes(last.leastWait) : null;
    },
    longest: plan?.longestWait ?? null,
  };
}
