import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { Layer, Remark, Step, StepPreview } from '../../api/api';
import { bench } from '../../theme/theme';
import { useFigures } from '../../ui/figures';
import { counted, microns } from '../../ui/words';

type Props = {
  step: Step;
  number: number;
  layer: Layer | undefined;
  elsewhere: boolean;
  worked: StepPreview | undefined;
  /** Of the gravest finding at this step. */
  grave: Remark['severity'] | undefined;
  wait: string | null;
  critical: boolean;
  reaches: (id: string) => string;
  selected: boolean;
  /** One line, where there are very many. */
  short: boolean;
  onSelect: () => void;
};

/** The name of a step beside the cut: to be selected, dragged, and read for its true thickness and wait. */
export function CutRow({
  step,
  number,
  layer,
  elsewhere,
  worked,
  grave: found,
  wait,
  critical,
  reaches,
  selected,
  short,
  onSelect,
}: Props) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: step.id });
  const { role: _role, tabIndex: _tab, ...handle } = attributes;
  const gravities = [found, worked?.remarks[0]?.severity];
  const grave = gravities.includes('stop') ? 'stop' : gravities.includes('warn') ? 'warn' : undefined;
  const [figures] = useFigures();
  const facts = [film(step, layer, figures), taken(layer, reaches, figures), elsewhere ? 'other parts only' : null].filter(
    (f) => f !== null,
  );
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
        cursor: 'grab',
        touchAction: 'pan-y',
        minHeight: short ? 0 : 44,
        padding: short ? '1px 6px 1px 8px' : '4px 6px 5px 8px',
        background: selected ? bench.chosen : isDragging ? bench.white : 'transparent',
        boxShadow: selected ? `inset 4px 0 0 ${bench.verdigris}` : undefined,
        transform: CSS.Translate.toString(transform),
        transition,
        zIndex: isDragging ? 2 : undefined,
        position: 'relative',
      }}
    >
      <div style={{ fontWeight: selected ? 700 : 600, fontStyle: elsewhere ? 'italic' : undefined, lineHeight: 1.2 }}>
        {number}. {worked?.name ?? step.title ?? ''}
        {(grave === 'stop' || grave === 'warn') && (
          <span style={{ color: grave === 'stop' ? bench.oxide : bench.umber }}>{grave === 'stop' ? '\u00a0⊠' : '\u00a0△'}</span>
        )}
      </div>
      {!(short && !selected) && (
        <div style={{ fontSize: 14, color: bench.slate, lineHeight: 1.25 }}>
          {facts.join(' · ')}
          {wait && (
            <span style={critical ? { color: bench.oxide, fontWeight: 650 } : undefined}>
              {facts.length > 0 ? ' · ' : ''}
              {critical ? 'critical wait ' : 'wait '}
              <span style={{ whiteSpace: 'nowrap' }}>{wait}</span>
            </span>
          )}
        </div>
      )}
    </div>
  );
}

function film(step: Step, layer: Layer | undefined, figures: boolean): string | null {
  if (!layer || layer.laid <= 0) return null;
  const coats = step.coats ?? 1;
  const each = figures ? `${coats > 1 ? `${coats} × ` : ''}${microns(layer.laid / coats)}` : counted(coats, 'coat', 'coats');
  if (layer.thickness >= layer.laid) return each;
  if (layer.thickness <= 0) return `${each}, all comes off`;
  return figures ? `${each}, ${microns(layer.thickness)} left` : `${each}, some comes off`;
}

function taken(layer: Layer | undefined, reaches: (id: string) => string, figures: boolean): string | null {
  if (!layer || layer.depth === null) return null;
  return `${figures ? `${microns(layer.depth)} off, ` : ''}down to ${reaches(layer.reaches ?? 'wood')}`;
}
