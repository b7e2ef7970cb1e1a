import { useEffect, useMemo, useRef } from 'react';
import type { Painting, Preview, Recipe } from '../../api/api';
import { bench } from '../../theme/theme';
import { type Drawn, elevation } from '../elevation';
import { doneAfter, measuredParts, paintingOf } from '../painting';
import { canvasOf, makeReady, type Ready } from './paint';
import { size, type Zone } from './panel';

type Wanted = { colours: Partial<Record<Zone, string | null>>; share: number };
type Drawing = { drawn: readonly Drawn[]; width: number; height: number };
type Props = {
  painting: Painting;
  label: string;
  /** The steps that are done; all of them where none are named. */
  done?: ReadonlySet<string> | null;
  /** The parts that are meant: the others are faint. All where none are named. */
  lit?: ReadonlySet<string> | undefined;
  /** The share of its width that is shown as it is wanted, from the right. */
  wanted?: Wanted | undefined;
  width?: number;
  height?: number;
};

/** Is there more to be seen of it than one panel? */
export const isDrawn = (document: Recipe, preview: Preview) => elevation(measuredParts(document, preview.parts)).drawn.length > 1;

/** How it is drawn; what nobody measured as one panel. */
function drawingOf(painting: Painting): Drawing {
  const found = elevation(painting.parts);
  if (found.drawn.length > 0) return found;
  return { drawn: painting.parts.slice(0, 1).map((p) => ({ partId: p.id, x: 0, y: 0, ...size })), ...size };
}

/** The piece of a recipe that was worked out, after one of its steps; in the end where none is named. */
export function PreviewedPiece({
  document,
  preview,
  after = null,
  ...rest
}: Omit<Props, 'painting' | 'done'> & { document: Recipe; preview: Preview; after?: string | null }) {
  const painting = useMemo(() => paintingOf(document, preview), [document, preview]);
  const done = useMemo(() => doneAfter(preview, after), [preview, after]);
  return <PaintedPiece painting={painting} done={done} {...rest} />;
}

/**
 * The whole piece from the front, every part in the look that was worked out for it, with mouldings, pulls and worn places where they
 * are. What is made ready once is kept, so that going through the steps only looks colours up.
 */
export function PaintedPiece({ painting, label, done = null, lit, wanted, width = 520, height = 400 }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const drawing = useMemo(() => drawingOf(painting), [painting]);
  const ready = useMemo(() => readyOf(painting, width < 300 ? 2 : 1), [painting, width]);
  const scale = Math.min(width / drawing.width, height / drawing.height);
  const [w, h] = [Math.round(drawing.width * scale) + 8, Math.round(drawing.height * scale) + 8];
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    performance.mark('piece-begun');
    drawPiece({ context, painting, drawing, ready, scale, done });
    if (lit) dim(context, drawing.drawn, scale, lit);
    if (wanted && wanted.share > 0) drawWanted(context, drawing.drawn, scale, wanted.colours, w * (1 - wanted.share), w);
    performance.measure('piece', 'piece-begun');
  }, [painting, drawing, ready, done, lit, scale, w, wanted]);
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

/** A picture of it as a canvas of its own, as wide and high as it may be. */
export function pictureOf(
  painting: Painting,
  done: ReadonlySet<string> | null,
  most: { width: number; height: number },
): HTMLCanvasElement {
  const drawing = drawingOf(painting);
  const scale = Math.min((most.width - 8) / drawing.width, (most.height - 8) / drawing.height);
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.round(drawing.width * scale) + 8, Math.round(drawing.height * scale) + 8];
  const context = canvas.getContext('2d');
  if (context) drawPiece({ context, painting, drawing, ready: readyOf(painting, 1), scale, done });
  return canvas;
}

/** The faces made ready, one for every look and wear. */
function readyOf(painting: Painting, coarse: 1 | 2): Map<string, Ready> {
  const faces = new Map<string, Ready>();
  const known = new Map<string, Ready>();
  for (const part of painting.parts) {
    const face = painting.faces[part.face];
    if (!face) continue;
    const key = `${part.face} ${part.worn.join(' ')}`;
    const own = known.get(key) ?? makeReady(face, part.worn, coarse);
    known.set(key, own);
    faces.set(part.id, own);
  }
  return faces;
}

type Piece = {
  context: CanvasRenderingContext2D;
  painting: Painting;
  drawing: Drawing;
  ready: ReadonlyMap<string, Ready>;
  scale: number;
  done: ReadonlySet<string> | null;
};

function drawPiece({ context, painting, drawing, ready, scale, done }: Piece) {
  context.clearRect(0, 0, context.canvas.width, context.canvas.height);
  const kinds = new Map(painting.parts.map((p) => [p.id, p.kind]));
  const canvases = new Map<Ready, HTMLCanvasElement>();
  for (const part of drawing.drawn) {
    const face = ready.get(part.partId);
    if (face && !canvases.has(face)) canvases.set(face, canvasOf(face, lastDone(face, done)));
    drawPart(context, part, scale, face && canvases.get(face), kinds.get(part.partId));
  }
}

const placeOf = (part: Drawn, scale: number) =>
  [part.x * scale + 4, part.y * scale + 4, Math.max(3, part.width * scale), Math.max(3, part.height * scale)] as const;

/** Which of the looks of a face is the one to be seen: after the last of its own steps that are done. */
function lastDone({ after }: Ready, done: ReadonlySet<string> | null): number {
  return done === null ? after.length - 1 : after.filter((l, i) => i > 0 && l.stepId !== null && done.has(l.stepId)).length;
}

function drawPart(
  context: CanvasRenderingContext2D,
  part: Drawn,
  scale: number,
  face: HTMLCanvasElement | undefined,
  kind: string | null | undefined,
) {
  const [x, y, w, h] = placeOf(part, scale);
  if (face) context.drawImage(face, x, y, w, h);
  else {
    context.fillStyle = bench.line;
    context.fillRect(x, y, w, h);
  }
  context.strokeStyle = bench.ink;
  context.lineWidth = 1.4;
  context.strokeRect(x, y, w, h);
  if (kind !== 'drawer' && kind !== 'door') return;
  // Doors open from where they meet.
  const isLeft = x + w / 2 <= context.canvas.width / 2 + 1;
  pull(context, x + w * (kind === 'drawer' ? 0.5 : isLeft ? 0.9 : 0.1), y + h / 2, Math.min(7, h / 5, w / 12));
}

/** Makes the parts faint that are not meant, on whatever lies behind them, and frames those that are. */
function dim(context: CanvasRenderingContext2D, drawn: readonly Drawn[], scale: number, lit: ReadonlySet<string>) {
  context.save();
  context.globalCompositeOperation = 'destination-out';
  context.globalAlpha = 0.72;
  for (const part of drawn) {
    const [x, y, w, h] = placeOf(part, scale);
    if (!lit.has(part.partId)) context.fillRect(x - 1, y - 1, w + 2, h + 2);
  }
  context.restore();
  context.strokeStyle = bench.brass;
  context.lineWidth = 4;
  for (const part of drawn) if (lit.has(part.partId)) context.strokeRect(...placeOf(part, scale));
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
    const [x, y, w, h] = placeOf(part, scale);
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
