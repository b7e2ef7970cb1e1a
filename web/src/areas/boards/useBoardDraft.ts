import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { type BoardDocument, type BoardOpened, Problem } from '../../app/api';
import { useBoardWork } from './useBoards';

/**
 * The plan of a board while it is edited: every edit is kept for undoing, and saved by itself, one save after the other. What makes no sense yet is not taken and
 * tried again with the next edit; what is wrong with it the working-out says at its place.
 */
export function useBoardDraft(board: BoardOpened) {
  const [document, setDocument] = useState(board.document);
  const [past, setPast] = useState<BoardDocument[]>([]);
  const queries = useQueryClient();
  const { save } = useBoardWork(board.id);
  const tried = useRef(board.document);
  const stopped = save.error !== null && !(save.error instanceof Problem && save.error.status === 422);
  // biome-ignore lint/correctness/useExhaustiveDependencies: saved when it has changed
  useEffect(() => {
    if (document === tried.current || save.isPending || stopped || board.laidAt) return;
    const timer = window.setTimeout(() => {
      tried.current = document;
      save.mutate({ version: board.version, document });
    }, 250);
    return () => window.clearTimeout(timer);
  }, [document, board.version, save.isPending, stopped]);
  return {
    document,
    error: stopped ? save.error : null,
    change: (next: BoardDocument) => {
      setPast((p) => [...p, document]);
      setDocument(next);
    },
    undo:
      past.length === 0
        ? null
        : () => {
            setDocument(past[past.length - 1] ?? document);
            setPast((p) => p.slice(0, -1));
          },
    takeTheirs: async () => {
      await queries.refetchQueries({ queryKey: ['boards', board.id] });
      const theirs = queries.getQueryData<BoardOpened>(['boards', board.id]);
      if (theirs) {
        tried.current = theirs.document;
        setDocument(theirs.document);
      }
      setPast([]);
      save.reset();
    },
  };
}
