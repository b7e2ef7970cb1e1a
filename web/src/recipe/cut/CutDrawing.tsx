import type { Layer, StackPreview } from '../../api/api';
import { bench } from '../../theme/theme';
import { clearColour } from '../../ui/Cup';
import { type Drawn, woodHeight } from './cutLayout';

export const cutWidth = 122;
/** Where the lines from the films end: at the names beside them. */
export const leaderWidth = 20;

type Props = {
  stack: StackPreview;
  drawn: readonly Drawn[];
  height: number;
  /** The middle of each step's name in the list, by step. */
  names: ReadonlyMap<string, number>;
  coatsOf: (stepId: string) => number;
  selected: string | null;
  onSelect: (id: string) => void;
};

/** The cut itself, edge-on: wood, every film in the colour it will have, what was sanded or rubbed away, waits as spaces. */
export function CutDrawing({ stack, drawn, height, names, coatsOf, selected, onSelect }: Props) {
  // What each film looks like on the flat, with all that lies beneath it; what is laid in places only, by itself.
  const onFlat = new Map(stack.look.after.map((a) => [a.stepId, a.zones.find((z) => z.zone === 'field')?.colour]));
  const colourOf = (layer: Layer) => (layer.cover < 0.5 ? strongest(layer) : undefined) ?? onFlat.get(layer.stepId);
  return (
    <svg width={cutWidth + leaderWidth} height={height} aria-hidden="true" style={{ display: 'block' }}>
      <defs>
        <pattern id="cut-clear" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(25)">
          <rect width="2" height="9" fill={clearColour} />
        </pattern>
      </defs>
      <Wood stack={stack} top={height - woodHeight} />
      {drawn.map((d) => {
        const { stepId, number } = d.layer;
        const name = names.get(stepId);
        const middle = d.y + d.height / 2;
        const isSelected = selected === stepId;
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: the list beside it does the same by key
          <g key={stepId} data-film={number} onClick={() => onSelect(stepId)} style={{ cursor: 'pointer' }}>
            <rect x="0" y={middle - Math.max(d.height, 10) / 2} width={cutWidth} height={Math.max(d.height, 10)} fill="transparent" />
            <Mark drawn={d} coats={coatsOf(stepId)} colour={colourOf(d.layer)} />
            {isSelected && d.height > 0 && (
              <rect x="1.5" y={d.y - 1} width={cutWidth - 3} height={d.height + 2} fill="none" stroke={bench.verdigris} strokeWidth="3" />
            )}
            {name !== undefined && (
              <path
                d={`M${cutWidth + 1} ${middle} L${cutWidth + leaderWidth - 4} ${name}h4`}
                fill="none"
                stroke={isSelected ? bench.verdigris : bench.stone}
                strokeWidth={isSelected ? 2.5 : 1}
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}

/** The full-strength colour there is most of. */
function strongest(layer: Layer): string | undefined {
  const coloured = layer.ingredients.filter((i) => i.colour !== null).sort((a, b) => b.share - a.share);
  return coloured[0]?.colour ?? undefined;
}

type MarkProps = { drawn: Drawn; coats: number; colour: string | undefined };

function Mark({ drawn, coats, colour }: MarkProps) {
  const { layer, y } = drawn;
  if (layer.effect === 'adds') return <Film drawn={drawn} coats={coats} colour={colour} />;
  if (layer.effect === 'takes-away' && layer.cover >= 1) {
    const teeth = 'l4.35 -5 l4.35 5 '.repeat(14);
    return <path d={`M0 ${y + 3} ${teeth}`} fill="none" stroke={bench.ink} strokeWidth="1.4" />;
  }
  if (layer.effect === 'takes-away') {
    return <path d={`M${cutWidth - 9} ${y + 1} v12 m-4 -5 l4 5 l4 -5`} fill="none" stroke={bench.oxide} strokeWidth="2" />;
  }
  return <path d={`M0 ${y}h${cutWidth}`} stroke={bench.ink} strokeDasharray={layer.effect === 'waits' ? '1 4' : '6 4'} />;
}

/**
 * One film: in the colour it will have where it lies, hatched where it is clear; its coats as fine lines, bitten where it was rubbed
 * through.
 */
function Film({ drawn: { layer, y, height, bite }, coats, colour }: MarkProps) {
  const isClear = layer.ingredients.every((i) => i.colour === null);
  // What is laid in places only, on edges or in recesses, does not reach across.
  const width = layer.cover < 0.5 ? Math.max(14, cutWidth * layer.cover) : cutWidth;
  const left = cutWidth - width;
  if (left > 0 && bite === 'through') {
    return <rect data-outline x={left} y={y} width={width} height={height} fill="none" stroke={bench.oxide} strokeDasharray="3 3" />;
  }
  const clip = `film-${layer.stepId}`;
  return (
    <g>
      <clipPath id={clip}>
        <path d={outline(left, y, height, bite)} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <rect data-colour={colour} x={left} y={y} width={width} height={height} fill={colour ?? clearColour} />
        {isClear && <rect x={left} y={y} width={width} height={height} fill="url(#cut-clear)" />}
        {Array.from({ length: coats - 1 }, (_, i) => (
          <path
            key={i}
            d={`M${left} ${y + (height * (i + 1)) / coats}h${width}`}
            stroke="rgba(251,248,242,.8)"
            strokeWidth="1.2"
            strokeDasharray="5 4"
          />
        ))}
      </g>
      <path
        data-outline
        d={outline(left, y, height, bite)}
        fill="none"
        stroke={bench.ink}
        strokeWidth="1.3"
        strokeDasharray={layer.thickness <= 0 && layer.laid > 0 ? '2 3' : undefined}
      />
      {bite && <path d={edge(y, height, bite)} fill="none" stroke={bench.oxide} strokeWidth="2" />}
    </g>
  );
}

function outline(left: number, y: number, height: number, bite: Drawn['bite']): string {
  return `M${left} ${y + height} V${y} ${bite ? edge(y, height, bite).replace('M', 'L') : `H${cutWidth} V${y + height}`} Z`;
}

/** The slope that wear leaves at the edge, from the top of the film to where it ends. */
function edge(y: number, height: number, bite: 'through' | 'into'): string {
  return bite === 'through'
    ? `M${cutWidth - 32} ${y} L${cutWidth - 24} ${y + height}`
    : `M${cutWidth - 24} ${y} L${cutWidth - 14} ${y + height * 0.5} L${cutWidth} ${y + height * 0.6} V${y + height}`;
}

/** The ground, with its grain. */
function Wood({ stack, top }: { stack: StackPreview; top: number }) {
  const { substrate } = stack;
  return (
    <g transform={`translate(0 ${top})`}>
      <rect width={cutWidth} height={woodHeight} fill={substrate.colour} />
      {substrate.grain !== 'none' &&
        [10, 18, 28, 37].map((y, i) => (
          <path
            key={y}
            d={`M0 ${y} C 34 ${y - 5 + i * 2}, 80 ${y + 6 - i}, ${cutWidth} ${y - 2}`}
            fill="none"
            stroke="rgba(60,40,20,.38)"
            strokeWidth={substrate.grain === 'open' ? 2 : 1}
            strokeDasharray={substrate.grain === 'open' ? '14 5' : undefined}
          />
        ))}
      <path d={`M0 .75h${cutWidth}`} stroke={bench.ink} strokeWidth="1.5" />
    </g>
  );
}
