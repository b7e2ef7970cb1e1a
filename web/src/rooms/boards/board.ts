import type { BoardDocument, BoardPreview, BoardResponse, PatchReading } from '../../api/api';
import { bench } from '../../theme/theme';
import type { Cell } from './BoardGrid';

/** What every view of a board is given. */
export type BoardProps = {
  board: BoardResponse;
  document: BoardDocument;
  worked: BoardPreview;
  said: (at: string) => string | undefined;
  change: (document: BoardDocument) => void;
};

/** The colour of the bare wood. */
export function woodOf(document: BoardDocument): string {
  return document.recipe.piece.parts[0]?.substrate.colour ?? bench.pine;
}

export function readingOf(board: BoardResponse, patch: string): PatchReading | undefined {
  return board.readings.find((r) => r.patch === patch);
}

/** The patches with the colours that were read of them. */
export function cellsOf(board: BoardResponse, worked: BoardPreview, mark?: (patch: string) => string | undefined): Cell[] {
  return worked.patches.map((p) => {
    const said = mark ? mark(p.label) : p.control ? 'control' : undefined;
    return { ...p, colour: readingOf(board, p.label)?.colour ?? null, ...(said === undefined ? {} : { mark: said }) };
  });
}

/** Seconds as a clock shows them: "4:05". */
export function timer(seconds: number): string {
  return `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
}
