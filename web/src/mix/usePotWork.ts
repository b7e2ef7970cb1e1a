import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '../api/api';
import type { paths } from '../api/api.gen';
import { bookOnce } from '../api/bookOnce';
import { keys } from '../api/keys';

type Body<P extends keyof paths> = paths[P] extends { post: { requestBody: { content: { 'application/json': infer B } } } } ? B : never;

/** What can be done with pots, each booked once; the shelf and all that is worked out with it is asked for anew afterwards. */
export function usePotWork() {
  const queries = useQueryClient();
  const onSuccess = () =>
    Promise.all([queries.invalidateQueries({ queryKey: keys.pots }), queries.invalidateQueries({ queryKey: keys.stock })]);
  return {
    mix: useMutation({
      mutationFn: (body: Body<'/api/pots'>) =>
        bookOnce(['mix', body], (header) => answer(api.POST('/api/pots', { params: { header }, body }))),
      onSuccess,
    }),
    use: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/use'>) =>
        bookOnce(['used', id, body], (header) => answer(api.POST('/api/pots/{id}/use', { params: { path: { id }, header }, body }))),
      onSuccess,
    }),
    throwAway: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/discard'>) =>
        bookOnce(['thrown', id, body], (header) => answer(api.POST('/api/pots/{id}/discard', { params: { path: { id }, header }, body }))),
      onSuccess,
    }),
    add: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/add'>) =>
        bookOnce(['added', id, body], (header) => answer(api.POST('/api/pots/{id}/add', { params: { path: { id }, header }, body }))),
      onSuccess,
    }),
    correct: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/correct'>) =>
        bookOnce(['corrected', id, body], (header) =>
          answer(api.POST('/api/pots/{id}/correct', { params: { path: { id }, header }, body })),
        ),
      onSuccess,
    }),
    pool: useMutation({
      mutationFn: (body: Body<'/api/pots/pool'>) =>
        bookOnce(['pooled', body], (header) => answer(api.POST('/api/pots/pool', { params: { header }, body }))),
      onSuccess,
    }),
  };
}
