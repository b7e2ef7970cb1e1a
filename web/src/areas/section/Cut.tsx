import { closestCenter, DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import Box from '@mui/material/Box';
import type { Layer, Recipe, StackPreview, Step, StepPreview } from '../../app/api';
import { bench } from '../../app/theme';
import { stripes } from '../../shared/Swatch';
import { microns } from '../../shared/words';
import type { CoatPlans } from './coatPlans';

/** Thickness on screen: compressed, so that a 3 µm wash and an 80 µm coat can both be seen. In px. */
function drawn(layer: Layer): number {
  return layer.thickness <= 0 ? 0 : 8 + 7 * Math.log2(1 + layer.thickness / 2);
}

/** How far a local removal bites into each layer below it: the whole of those it passes, half of the one it ends in. */
function bites(layers: readonly Layer[]): Map<string, 'through' | 'into'> {
  const bitten = new Map<string, 'through' | 'into'>();
  layers.forEach((layer, i) => {
    if (layer.depth === null || layer.cover >= 1) return;
    for (let k = i - 1; k >= 0; k--) {
      const below = layers[k];
      if (!below || below.thickness <= 0) continue;
      if (below.stepId === layer.reaches) {
        if (!bitten.has(below.stepId)) bitten.set(below.stepId, 'into');
        break;
      }
      bitten.set(below.stepId, 'through');
    }
  });
  return bitten;
}

type Props = {
  document: Recipe;
  stack: StackPreview | undefined;
  steps: readonly StepPreview[];
  coats: CoatPlans;
  selected: string | null;
  onSelect: (id: string) => void;
  onMove: (from: number, to: number) => void;
};

/** The cut through the finish: wood at the bottom, every step above it in order. */
export function Cut({ document, stack, steps, coats, selected, onSelect, onMove }: Props) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const layers = new Map(stack?.layers.map((l) => [l.stepId, l]));
  const bitten = bites(stack?.layers ?? []);
  const order = [...document.steps].reverse();
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) {
      onMove(
        document.steps.findIndex((s) => s.id === active.id),
        document.steps.findIndex((s) => s.id === over.id),
      );
    }
  };
  return (
    <Box>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        <SortableContext items={order.map((s) => s.id)} strategy={verticalListSortingStrategy}>
          <div
            role="listbox"
            aria-label="Steps, the last coat on top"
            aria-activedescendant={selected ? `cut-${selected}` : undefined}
            tabIndex={0}
            id="cut"
          >
            {order.map((step) => (
              <CutRow
                key={step.id}
                step={step}
                number={document.steps.indexOf(step) + 1}
                layer={layers.get(step.id)}
                elsewhere={stack !== undefined && !layers.has(step.id)}
                worked={steps.find((s) => s.id === step.id)}
                wait={coats.waitAfter(step.id)}
                critical={coats.longest === step.id}
                bite={bitten.get(step.id)}
                reaches={(id) => (id === 'wood' ? 'the wood' : `step ${document.steps.findIndex((s) => s.id === id) + 1}`)}
                selected={selected === step.id}
                onSelect={() => onSelect(step.id)}
              />
            ))}
          </div>
        </SortableContext>
      </DndContext>
      {stack && <Wood stack={stack} />}
    </Box>
  );
}

type RowProps = {
  step: Step;
  number: number;
  layer: Layer | undefined;
  elsewhere: boolean;
  worked: StepPreview | undefined;
  wait: string | null;
  critical: boolean;
  bite: 'through' | 'into' | undefined;
  reaches: (id: string) => string;
  selected: boolean;
  onSelect: () => void;
};

function CutRow({ step, number, layer, elsewhere, worked, wait, critical, bite, reaches, selected, onSelect }: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: step.id });
  const { role: _role, tabIndex: _tab, ...handle } = attributes;
  const grave = worked?.remarks[0]?.gravity;
  return (
    // biome-ignore lint/a11y/useFocusableInteractive: the listbox has the focus and names the active option
    // biome-ignore lint/a11y/useKeyWithClickEvents: the keys are the listbox's
    <div
      ref={setNodeRef}
      {...handle}
      {...listeners}
      id={`cut-${step.id}`}
      data-step={step.id}
      role="option"
      aria-selected={selected}
      aria-roledescription="step"
      onClick={onSelect}
      style={{
        display: 'grid',
        gridTemplateColumns: '118px 1fr',
        columnGap: 10,
        cursor: 'grab',
        touchAction: 'pan-y',
        minHeight: 42,
        background: selected ? '#E3EDE6' : isDragging ? '#fff' : 'transparent',
        boxShadow: selected ? `inset 5px 0 0 ${bench.verdigris}` : undefined,
        transform: CSS.Translate.toString(transform),
        transition,
        zIndex: isDragging ? 2 : undefined,
        position: 'relative',
      }}
    >
      <div style={{ display: 'flex', flexDirection: 'column', justifyContent: 'flex-end', paddingLeft: 10 }}>
        <Drawing step={step} layer={layer} elsewhere={elsewhere} bite={bite} />
      </div>
      <div style={{ padding: '4px 6px 5px 0', alignSelf: 'end', minWidth: 0 }}>
        <div style={{ fontWeight: selected ? 700 : 600, fontStyle: elsewhere ? 'italic' : undefined, lineHeight: 1.2 }}>
          {number}. {worked?.name ?? step.title ?? ''}
          {grave && (
            <span style={{ color: grave === 'stop' ? bench.oxide : '#7A5210' }}>
              {grave === 'stop' ? ' ⊠' : grave === 'warn' ? ' △' : ''}
            </span>
          )}
        </div>
        <div style={{ fontSize: 14, color: bench.slate, lineHeight: 1.25 }}>
          {layer && layer.laid > 0 && (
            <>
              {(step.coats ?? 1) > 1 && `${step.coats} × `}
              {microns(layer.laid / (step.coats ?? 1))}
              {layer.thickness < layer.laid && `, sanded to ${microns(layer.thickness)}`}
            </>
          )}
          {layer?.depth !== null &&
            layer?.depth !== undefined &&
            `${microns(layer.depth)} off, down to ${reaches(layer.reaches ?? 'wood')}`}
          {elsewhere && 'on other parts'}
          {wait && (
            <span style={critical ? { color: bench.oxide, fontWeight: 650 } : undefined}>
              {elsewhere || (layer && (layer.laid > 0 || layer.depth !== null)) ? ' · ' : ''}
              {critical ? 'longest wait ' : 'wait '}
              {wait}
            </span>
          )}
        </div>
      </div>
    </div>
  );
}

function Drawing({
  step,
  layer,
  elsewhere,
  bite,
}: {
  step: Step;
  layer: Layer | undefined;
  elsewhere: boolean;
  bite: 'through' | 'into' | undefined;
}) {
  if (!layer || elsewhere) return <div style={{ borderBottom: `1px dotted ${bench.slate}`, height: 1, marginBottom: 10 }} />;
  if (layer.act === 'adds') {
    const height = drawn(layer);
    const coats = step.coats ?? 1;
    const clear = layer.ingredients.every((i) => i.colour === null);
    const corner =
      bite === 'through'
        ? `polygon(0 0, calc(100% - 34px) 0, calc(100% - 26px) 100%, 0 100%)`
        : bite === 'into'
          ? 'polygon(0 0, calc(100% - 26px) 0, calc(100% - 14px) 55%, 100% 62%, 100% 100%, 0 100%)'
          : undefined;
    return (
      <div
        style={{
          height: Math.max(3, height),
          background: clear ? 'repeating-linear-gradient(115deg, #DCE4E2 0 6px, #F6FAF9 6px 9px)' : stripes(layer.ingredients),
          borderTop: `1.5px solid ${bench.ink}`,
          clipPath: corner,
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'space-evenly',
        }}
      >
        {Array.from({ length: coats - 1 }, (_, i) => (
          <div key={i} style={{ borderTop: '1px dashed rgba(251,248,242,.75)' }} />
        ))}
      </div>
    );
  }
  if (layer.act === 'takes-away') {
    return layer.cover >= 1 ? (
      <svg height="9" width="100%" preserveAspectRatio="none" viewBox="0 0 108 9" aria-hidden="true">
        <path
          d={`M0 8 ${Array.from({ length: 12 }, (_, i) => `L${i * 9 + 4.5} 2 L${i * 9 + 9} 8`).join(' ')}`}
          fill="none"
          stroke={bench.ink}
          strokeWidth="1.5"
        />
      </svg>
    ) : (
      <svg height="16" width="108" viewBox="0 0 108 16" aria-hidden="true">
        <path d="M0 15H70" stroke={bench.ink} strokeWidth="1" strokeDasharray="2 4" />
        <path d="M74 15 L82 4 L96 2 L108 1" fill="none" stroke={bench.oxide} strokeWidth="2" />
        <path d="M91 6v8m0 0-3-4m3 4 3-4" fill="none" stroke={bench.oxide} strokeWidth="1.6" />
      </svg>
    );
  }
  return <div style={{ borderBottom: `1px ${layer.act === 'waits' ? 'dotted' : 'dashed'} ${bench.ink}`, height: 1, marginBottom: 8 }} />;
}

/** The ground, with its grain. */
function Wood({ stack }: { stack: StackPreview }) {
  const s = stack.substrate;
  return (
    <div style={{ display: 'grid', gridTemplateColumns: '118px 1fr', columnGap: 10 }}>
      <svg height="46" width="108" style={{ marginLeft: 10 }} viewBox="0 0 108 46" aria-hidden="true">
        <rect width="108" height="46" fill={s.colour} />
        {s.grain !== 'none' &&
          [9, 17, 27, 36].map((y, i) => (
            <path
              key={y}
              d={`M0 ${y} C 30 ${y - 5 + i * 2}, 70 ${y + 6 - i}, 108 ${y - 2}`}
              fill="none"
              stroke="rgba(60,40,20,.35)"
              strokeWidth={s.grain === 'open' ? 2 : 1}
              strokeDasharray={s.grain === 'open' ? '14 5' : undefined}
            />
          ))}
        <path d="M0 .75h108" stroke={bench.ink} strokeWidth="1.5" />
      </svg>
      <div style={{ padding: '6px 0', fontSize: 14, color: bench.slate }}>
        <b style={{ color: bench.ink }}>{stack.ground}</b>
        <br />
        {s.ground}, {s.grain === 'none' ? 'no grain' : `${s.grain}-grained`} · {stack.area.toFixed(2)} m²
      </div>
    </div>
  );
}
