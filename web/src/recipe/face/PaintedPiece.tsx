import { useEffect, useMemo, useRef } from 'react';
import type { Preview, Recipe } from '../../api/api';
import { bench } from '../../theme/theme';
import { documentId } from '../edits';
import { type Drawn, elevation } from '../elevation';
import { blank, makeReady, paint, type Ready } from './paint';
import { size, type Zone } from './panel';

type Props = {
  document: Recipe;
  preview: Preview;
  label: string;
  /** After which step of the document; in the end where none is named, before the first for one it does not have. */
  after?: string | null;
  /** The share of its width that is shown as it is wanted, from the right. */
  wanted?: { colours: Partial<Record<Zone, string | null>>; share: number } | undefined;
  width?: number;
  height?: number;
};

/** The look of every part, by part: of its first face. */
function stackOf(preview: Preview, partId: string) {
  return preview.stacks.find((s) => s.places.some((p) => p.split(':')[0] === partId));
}

/** Is there more to be seen of it than one panel? */
export const isDrawn = (document: Recipe, preview: Preview) => elevation(document, preview.parts).drawn.length > 1;

/** A part as it is drawn where nobody measured it: one panel. */
const unmeasured = (document: Recipe): Drawn[] =>
  document.piece.parts.slice(0, 1).map((p) => ({ partId: p.id, x: 0, y: 0, width: size.width, height: size.height }));

/**
 * The whole piece from the front, every part in the look that was worked out for it, with mouldings, pulls and worn places where they
 * are. What is made ready once is kept, so that going through the steps only looks colours up.
 */
export function PaintedPiece({ document, preview, label, after = null, wanted, width = 520, height = 400 }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const drawing = useMemo(() => {
    const found = elevation(document, preview.parts);
    const drawn = found.drawn.length > 0 ? found.drawn : unmeasured(document);
    return {
      drawn,
      width: found.drawn.length > 0 ? found.width : size.width,
      height: found.drawn.length > 0 ? found.height : size.height,
    };
  }, [document, preview.parts]);
  const ready = useMemo(() => {
    const faces = new Map<string, Ready>();
    for (const { partId } of drawing.drawn) {
      const stack = stackOf(preview, partId);
      const worn = document.piece.parts.find((p) => p.id === partId)?.worn;
      if (stack && !faces.has(partId)) faces.set(partId, makeReady(stack, worn ?? ['edges', 'corners']));
    }
    return faces;
  }, [drawing, preview, document]);
  const scale = Math.min(width / drawing.width, height / drawing.height);
  const [w, h] = [Math.round(drawing.width * scale) + 8, Math.round(drawing.height * scale) + 8];
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    performance.mark('piece-begun');
    context.clearRect(0, 0, w, h);
    const kinds = new Map(document.piece.parts.map((p) => [p.id, p.shape?.kind]));
    const faces = new Map<string, HTMLCanvasElement>();
    for (const [partId, face] of ready) faces.set(partId, painted(face, stepOf(preview, partId, after)));
    for (const part of drawing.drawn) drawPart(context, part, scale, faces.get(part.partId), kinds.get(part.partId));
    if (wanted && wanted.share > 0) drawWanted(context, drawing.drawn, scale, wanted.colours, w * (1 - wanted.share), w);
    performance.measure('piece', 'piece-begun');
  }, [ready, drawing, preview, document, after, scale, w, h, wanted]);
  return (
    <canvas
      ref={canvas}
      width={w}
      height={h}
      role="img"
      aria-label={label}
      data-parts={drawing.drawn.length}
      style={{ display: 'block', margin: '0 auto', maxWidth: '100%' }}
    />
  );
}

/** Which of the looks of a part is the one after a step: the last of its own steps up to that. */
function stepOf(preview: Preview, partId: string, after: string | null): number {
  const looks = stackOf(preview, partId)?.look.after ?? [];
  if (after === null) return looks.length - 1;
  const until = preview.steps.findLastIndex((s) => documentId(s.id) === after);
  const done = new Set(preview.steps.slice(0, until + 1).map((s) => s.id));
  return looks.filter((l, i) => i > 0 && l.stepId !== null && done.has(l.stepId)).length;
}

function painted(face: Ready, at: number): HTMLCanvasElement {
  const own = document.createElement('canvas');
  [own.width, own.height] = [size.width, size.height];
  const image = blank();
  paint(image, face, at);
  own.getContext('2d')?.putImageData(image, 0, 0);
  return own;
}

function drawPart(
  context: CanvasRenderingContext2D,
  part: Drawn,
  scale: number,
  face: HTMLCanvasElement | undefined,
  kind: string | undefined,
) {
  const [x, y, w, h] = [part.x * scale + 4, part.y * scale + 4, Math.max(3, part.width * scale), Math.max(3, part.height * scale)];
  if (face) context.drawImage(face, x, y, w, h);
  else {
    context.fillStyle = bench.line;
    context.fillRect(x, y, w, h);
  }
  context.strokeStyle = bench.ink;
  context.lineWidth = 1.4;
  context.strokeRect(x, y, w, h);
  if (kind === 'drawer' || kind === 'door') pull(context, kind === 'drawer' ? x + w / 2 : x + w * 0.9, y + h / 2, Math.min(7, h / 5));
}

/** A round pull with its light. */
function pull(context: CanvasRenderingContext2D, x: number, y: number, r: number) {
  const shine = context.createRadialGradient(x - r / 3, y - r / 3, r / 5, x, y, r);
  shine.addColorStop(0, bench.sand);
  shine.addColorStop(1, bench.stone);
  context.fillStyle = shine;
  context.beginPath();
  context.arc(x, y, r, 0, 2 * Math.PI);
  context.fill();
  context.stroke();
}

/** The part to the right of a line as it is wanted: its flat, framed by the edges. */
function drawWanted(
  context: CanvasRenderingContext2D,
  drawn: readonly Drawn[],
  scale: number,
  colours: Partial<Record<Zone, string | null>>,
  from: number,
  width: number,
) {
  context.save();
  context.beginPath();
  context.rect(from, 0, width - from, 1e5);
  context.clip();
  for (const part of drawn) {
    const [x, y, w, h] = [part.x * scale + 4, part.y * scale + 4, Math.max(3, part.width * scale), Math.max(3, part.height * scale)];
    context.fillStyle = colours.field ?? bench.line;
    context.fillRect(x, y, w, h);
    context.strokeStyle = colours.edge ?? colours.field ?? bench.line;
    context.lineWidth = Math.max(2, Math.min(w, h) * 0.03);
    context.strokeRect(x + context.lineWidth / 2, y + context.lineWidth / 2, w - context.lineWidth, h - context.lineWidth);
    if (colours.recess) {
      const inset = Math.min(w, h) * 0.2;
      context.strokeStyle = colours.recess;
      context.strokeRect(x + inset, y + inset, w - 2 * inset, h - 2 * inset);
    }
  }
  context.restore();
  context.fillStyle = bench.ink;
  context.fillRect(from - 1, 0, 2, 1e5);
}
