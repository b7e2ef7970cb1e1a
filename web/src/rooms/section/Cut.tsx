import { closestCenter, DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import Box from '@mui/material/Box';
import { memo, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Preview, Recipe, StackPreview } from '../../api/api';
import { CutDrawing } from '../../recipe/cut/CutDrawing';
import { cutLayout, woodHeight } from '../../recipe/cut/cutLayout';
import { useRowMiddles } from '../../recipe/cut/useRowMiddles';
import { documentId, isUnmeasured } from '../../recipe/edits';
import { bench } from '../../theme/theme';
import { areaWords } from '../../ui/measures';
import { useSystem } from '../../ui/useSystem';
import { CutRow } from './CutRow';
import type { CoatPlans } from './coatPlans';

type Props = {
  document: Recipe;
  stack: StackPreview | undefined;
  preview: Preview | null;
  coats: CoatPlans;
  selected: string | null;
  onSelect: (id: string) => void;
  onMove: (from: number, to: number) => void;
};

/** More steps than this have a line each. */
const many = 14;

/** The cut through the finish: wood at the bottom, every step above it in order, each film joined to its name. */
export const Cut = memo(function Cut({ document, stack, preview, coats, selected, onSelect, onMove }: Props) {
  const system = useSystem();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const layers = new Map(stack?.layers.map((l) => [l.stepId, l]));
  const order = [...document.steps].reverse();
  const short = order.length > many;
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
  const isElsewhere = (id: string) => stack !== undefined && !layers.has(id);
  // A run of steps on other parts is one line until it is opened; the selected one is always seen.
  const folds = new Map<string, string[]>();
  for (let i = 0; i < order.length; ) {
    let to = i;
    while (to < order.length && isElsewhere(order[to]?.id ?? '')) to++;
    const run = order.slice(i, to).map((s) => s.id);
    const first = run[0];
    if (first && run.length > 1 && !run.some((id) => id === selected || opened.has(id))) folds.set(first, run);
    i = Math.max(to, i + 1);
  }
  const hidden = new Set([...folds.values()].flatMap((run) => run.slice(1)));
  const numberOf = (id: string) => document.steps.findIndex((s) => s.id === id) + 1;
  const [list, rows] = useRowMiddles();
  const layout = useMemo(() => stack && cutLayout(stack, coats.minutesAfter, rows.height), [stack, coats, rows.height]);
  const shift = layout ? layout.height - woodHeight - rows.height : 0;
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onMove(numberOf(String(active.id)) - 1, numberOf(String(over.id)) - 1);
  };
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'auto minmax(0, 1fr)', alignItems: 'end' }}>
      <Box>
        {stack && layout && (
          <CutDrawing
            stack={stack}
            drawn={layout.drawn}
            height={layout.height}
            names={new Map([...rows.middles].map(([id, y]) => [id, y + shift]))}
            coatsOf={(id) => document.steps.find((s) => s.id === id)?.coats ?? 1}
            selected={selected}
            onSelect={onSelect}
          />
        )}
      </Box>
      <Box>
        <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
          <SortableContext items={order.map((s) => s.id)} strategy={verticalListSortingStrategy}>
            <div
              ref={list}
              role="listbox"
              aria-label="Steps, last coat on top"
              aria-activedescendant={selected ? `cut-${selected}` : undefined}
              tabIndex={0}
              id="cut"
            >
              {order
                .filter((step) => !hidden.has(step.id))
                .map((step) => {
                  const run = folds.get(step.id);
                  return run ? (
                    <button
                      key={step.id}
                      type="button"
                      data-step={step.id}
                      onClick={() => setOpened(new Set([...opened, ...run]))}
                      style={{
                        display: 'block',
                        border: 0,
                        background: 'none',
                        font: 'inherit',
                        fontStyle: 'italic',
                        padding: '6px 6px 6px 8px',
                        color: bench.slate,
                        cursor: 'pointer',
                      }}
                    >
                      ▸ {run.length} steps on other parts
                    </button>
                  ) : (
                    <CutRow
                      key={step.id}
                      step={step}
                      number={numberOf(step.id)}
                      layer={layers.get(step.id)}
                      elsewhere={isElsewhere(step.id)}
                      worked={preview?.steps.find((s) => s.id === step.id)}
                      grave={preview?.findings.find((f) => f.accepted === null && f.steps[0] === step.id)?.severity}
                      wait={coats.waitAfter(step.id)}
                      critical={coats.longest === step.id}
                      reaches={(id) => (id === 'wood' ? 'the wood' : `step ${numberOf(documentId(id))}`)}
                      selected={selected === step.id}
                      short={short}
                      onSelect={() => onSelect(step.id)}
                    />
                  );
                })}
            </div>
          </SortableContext>
        </DndContext>
        {stack && (
          <Box sx={{ height: woodHeight, fontSize: 14, color: bench.slate, lineHeight: 1.3, pt: 0.5, pl: 0.5 }}>
            <b style={{ color: bench.ink }}>{stack.ground}</b>
            <br />
            {stack.finish}, {stack.substrate.grain === 'none' ? 'no grain' : `${stack.substrate.grain}-grained`}
            {` · ${areaWords(stack.area, system)}`}
            {isUnmeasured(document.piece) && (
              <>
                {' assumed'}
                <br />
                <Link to="piece">Measure the piece</Link>
              </>
            )}
          </Box>
        )}
      </Box>
    </Box>
  );
});
