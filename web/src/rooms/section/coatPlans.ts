import type { PlanPreview } from '../../api/api';
import { minutes } from '../../ui/words';

/** The plan, asked by step. */
export type CoatPlans = {
  /** How long to wait after the last coat of a step, in words. */
  waitAfter: (stepId: string) => string | null;
  /** The same from its end to when the next may begin, in minutes. */
  minutesAfter: (stepId: string) => number;
  /** The step whose wait is the longest. */
  longest: string | null;
};

export function coatPlans(plan: PlanPreview | undefined): CoatPlans {
  const last = (stepId: string) => plan?.coats.filter((c) => c.stepId === stepId).at(-1);
  return {
    waitAfter: (stepId) => {
      const coat = last(stepId);
      if (!coat) return null;
      if (coat.overnight) return 'overnight';
      return coat.leastWait > 0 ? minutes(coat.leastWait) : null;
    },
    minutesAfter: (stepId) => {
      const coat = last(stepId);
      return coat ? (Date.parse(coat.nextFrom) - Date.parse(coat.end)) / 60_000 : 0;
    },
    longest: plan?.longestWait ?? null,
  };
}
