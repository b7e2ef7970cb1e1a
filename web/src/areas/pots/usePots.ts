import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '../../app/api';
import type { paths } from '../../app/api.gen';
import { bookOnce } from '../../shared/bookOnce';
import { everyPage } from '../../shared/everyPage';

type Body<P extends keyof paths> = paths[P] extends { post: { requestBody: { content: { 'application/json': infer B } } } } ? B : never;

/** All pots, the last made first. */
export function usePots() {
  return useQuery({
    queryKey: ['pots'],
    queryFn: () =>
      everyPage(
        (page) => answer(api.GET('/api/pots', { params: { query: { page } } })),
        (list) => list.pots,
      ),
  });
}

/** What can be done with pots, each booked once; the shelf and all that is worked out with it is asked for anew afterwards. */
export function usePotWork() {
  const queries = useQueryClient();
  const onSuccess = () =>
    Promise.all([queries.invalidateQueries({ queryKey: ['pots'] }), queries.invalidateQueries({ queryKey: ['stock'] })]);
  return {
    mix: useMutation({
      mutationFn: (body: Body<'/api/pots'>) =>
        bookOnce(['mix', body], (header) => answer(api.POST('/api/pots', { params: { header }, body }))),
      onSuccess,
    }),
    use: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/used'>) =>
        bookOnce(['used', id, body], (header) => answer(api.POST('/api/pots/{id}/used', { params: { path: { id }, header }, body }))),
      onSuccess,
    }),
    throwAway: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/thrown'>) =>
        bookOnce(['thrown', id, body], (header) => answer(api.POST('/api/pots/{id}/thrown', { params: { path: { id }, header }, body }))),
      onSuccess,
    }),
    add: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/added'>) =>
        bookOnce(['added', id, body], (header) => answer(api.POST('/api/pots/{id}/added', { params: { path: { id }, header }, body }))),
      onSuccess,
    }),
    correct: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/corrected'>) =>
        bookOnce(['corrected', id, body], (header) =>
          answer(api.POST('/api/pots/{id}/corrected', { params: { path: { id }, header }, body })),
        ),
      onSuccess,
    }),
    pool: useMutation({
      mutationFn: (body: Body<'/api/pots/pooled'>) =>
        bookOnce(['pooled', body], (header) => answer(api.POST('/api/pots/pooled', { params: { header }, body }))),
      onSuccess,
    }),
  };
}
