import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type BoardDocument, type BoardResponse, nothing, sendBytes } from '../../api/api';
import type { components } from '../../api/api.gen';
import { keys } from '../../api/keys';

export function useBoard(id: string) {
  return useQuery({
    queryKey: keys.board(id),
    queryFn: () => answer(api.GET('/api/boards/{id}', { params: { path: { id } } })),
    staleTime: 0,
  });
}

type Reading = components['schemas']['PatchReadingRequest'];

/** What can be done with a board; each answer is the board as it is then. */
export function useBoardWork(id: string) {
  const queries = useQueryClient();
  const path = { id };
  const onSuccess = (board: BoardResponse) => {
    queries.setQueryData(keys.board(id), board);
    void queries.invalidateQueries({ queryKey: keys.boardLists });
  };
  return {
    save: useMutation({
      mutationFn: (body: { version: number; document: BoardDocument }) => answer(api.PUT('/api/boards/{id}', { params: { path }, body })),
      onSuccess,
    }),
    lay: useMutation({
      mutationFn: (laid: boolean) => answer(api.PUT('/api/boards/{id}/applied', { params: { path }, body: { applied: laid } })),
      onSuccess,
    }),
    read: useMutation({
      mutationFn: ({ patch, ...body }: { patch: string } & Reading) =>
        answer(api.PUT('/api/boards/{id}/patches/{patch}/reading', { params: { path: { id, patch } }, body })),
      onSuccess,
    }),
    addPhoto: useMutation({ mutationFn: ({ patch, file }: { patch: string; file: Blob }) => sendPhoto(id, patch, file), onSuccess }),
    putAway: useMutation({
      mutationFn: ({ photo, away }: { photo: string; away: boolean }) =>
        answer(api.PUT('/api/photos/{id}/archive', { params: { path: { id: photo } }, body: { archived: away } })),
      onSuccess,
    }),
    close: useMutation({
      mutationFn: (share: string) =>
        answer(api.POST('/api/boards/{id}/shares/{share}/revoke', { params: { path: { id, share } }, ...nothing })),
      onSuccess,
    }),
    promote: useMutation({
      mutationFn: ({ patch, ...body }: { patch: string } & components['schemas']['PromotePatchRequest']) =>
        answer(api.POST('/api/boards/{id}/patches/{patch}/promotion', { params: { path: { id, patch } }, body })),
      onSuccess: (board: BoardResponse) => [onSuccess(board), void queries.invalidateQueries({ queryKey: keys.recipe })],
    }),
    takeBack: useMutation({
      mutationFn: () => answer(api.DELETE('/api/boards/{id}/choice', { params: { path }, ...nothing })),
      onSuccess: (board: BoardResponse) => [onSuccess(board), void queries.invalidateQueries({ queryKey: keys.recipe })],
    }),
  };
}

/** A photo goes as it is; the program looks itself what it is, whatever it calls itself. */
function sendPhoto(id: string, patch: string, file: Blob): Promise<BoardResponse> {
  return sendBytes(`/api/boards/${id}/patches/${encodeURIComponent(patch)}/photos`, 'image/jpeg', file);
}
