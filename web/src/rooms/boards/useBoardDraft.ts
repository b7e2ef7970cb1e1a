import { useEffect } from 'react';
import type { BoardDocument, BoardResponse } from '../../api/api';
import { useDraft } from '../../api/useDraft';
import { useBoardWork } from './useBoards';

/** The plan of a board while it is edited; what is done with the board besides (laid, read, photographed) moves its version on. */
export function useBoardDraft(board: BoardResponse) {
  const { save } = useBoardWork(board.id);
  const draft = useDraft<BoardDocument>({
    key: `board-${board.id}`,
    version: board.version,
    document: board.document,
    save: async (version, document) => (await save.mutateAsync({ version, document })).version,
  });
  const { follow } = draft;
  useEffect(() => follow(board), [board, follow]);
  return draft;
}
