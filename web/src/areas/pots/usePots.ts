import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '../../app/api';
import type { paths } from '../../app/api.gen';
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

/** What can be done with pots; the shelf and all that is worked out with it is asked for anew afterwards. */
export function usePotWork() {
  const queries = useQueryClient();
  const onSuccess = () =>
    Promise.all([queries.invalidateQueries({ queryKey: ['pots'] }), queries.invalidateQueries({ queryKey: ['stock'] })]);
  const of = (id: string) => ({ params: { path: { id } } });
  return {
    mix: useMutation({ mutationFn: (body: Body<'/api/pots'>) => answer(api.POST('/api/pots', { body })), onSuccess }),
    use: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/used'>) =>
        answer(api.POST('/api/pots/{id}/used', { ...of(id), body })),
      onSuccess,
    }),
    throwAway: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/thrown'>) =>
        answer(api.POST('/api/pots/{id}/thrown', { ...of(id), body })),
      onSuccess,
    }),
    add: useMutation({
      mutationFn: ({ id, ...body }: { id: string } & Body<'/api/pots/{id}/added'>) =>
        answer(api.POST('/api/pots/{id}/added', { ...of(id), body })),
      onSuccess,
    }),
    pool: useMutation({ mutationFn: (body: Body<'/api/pots/pooled'>) => answer(api.POST('/api/pots/pooled', { body })), onSuccess }),
  };
}
