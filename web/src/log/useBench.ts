import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type RunSummary } from '../api/api';
import type { components } from '../api/api.gen';
import { keys } from '../api/keys';

type Asked = components['schemas']['DaysRequest'];
type Changed = Partial<Pick<RunSummary, 'place' | 'notBefore' | 'due' | 'archived'>> & { finished?: boolean };

/** All pieces on the bench planned from now on; with something other than usual it is what would be. */
export function useDays(asked: Asked) {
  return useQuery({
    queryKey: keys.schedule(asked),
    queryFn: ({ signal }) => answer(api.POST('/api/compute/days', { body: asked, signal })),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
    staleTime: 0,
  });
}

/** What is on the bench now. */
export function useRunsOnBench() {
  return useQuery({
    queryKey: keys.jobList('bench'),
    queryFn: async () => (await answer(api.GET('/api/runs', { params: { query: { bench: true } } }))).runs,
    staleTime: 0,
  });
}

/** What can be done with a piece on the bench. */
export function useRunWork() {
  const queries = useQueryClient();
  const planAnew = () => {
    void queries.invalidateQueries({ queryKey: keys.jobs });
    return queries.invalidateQueries({ queryKey: keys.days });
  };
  return {
    put: useMutation({
      mutationFn: (what: { recipe: string; count?: number }) => answer(api.POST('/api/runs', { body: what })),
      onSuccess: () => void planAnew(),
    }),
    change: useMutation({
      mutationFn: ({ run, to }: { run: RunSummary; to: Changed }) =>
        answer(
          api.PUT('/api/runs/{id}', {
            params: { path: { id: run.id } },
            body: {
              version: run.version,
              place: run.place,
              notBefore: run.notBefore,
              due: run.due,
              finished: run.finishedAt !== null,
              archived: run.archived,
              ...to,
            },
          }),
        ),
      onSuccess: () => void planAnew(),
    }),
    note: useMutation({
      mutationFn: ({ run, events }: { run: string; events: components['schemas']['Event'][] }) =>
        answer(api.POST('/api/runs/{id}/events', { params: { path: { id: run } }, body: { events } })),
      onSuccess: planAnew, // waited for: until then the plan shows as next what has been done
    }),
  };
}
