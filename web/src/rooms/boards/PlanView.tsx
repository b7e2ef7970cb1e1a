import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api, type BoardAxis } from '../../api/api';
import { keys } from '../../api/keys';
import { useMaterials } from '../../api/useMaterials';
import { putMaterial } from '../../recipe/edits';
import { ColourEntry } from '../../ui/ColourEntry';
import { Choice, NumberEntry, TextEntry } from '../../ui/Field';
import { InStudio } from '../../ui/InStudio';
import { RemarkLine } from '../../ui/RemarkLine';
import { minutes, moment } from '../../ui/words';
import { AxisEntry } from './AxisEntry';
import { BoardGrid } from './BoardGrid';
import { type BoardProps, cellsOf, woodOf } from './board';
import { OwnChange } from './OwnChange';
import { Panels } from './Panels';

/** What the board is to tell: one thing along the columns, one down the rows, on which wood; and whether it will. */
export function PlanView({
  board,
  document,
  worked,
  said,
  change,
  undo,
  redo,
}: BoardProps & { undo: (() => void) | null; redo: (() => void) | null }) {
  const [selected, setSelected] = useState<string | null>(null);
  const shelf = useMaterials();
  const offered = useQuery({
    queryKey: keys.calculation('variables', JSON.stringify(document.recipe)),
    queryFn: () => answer(api.POST('/api/compute/board/variables', { body: { document: document.recipe } })),
    placeholderData: (before) => before,
  });
  const things = offered.data?.variables ?? [];
  const steps = document.recipe.steps;
  const nameOf = (id: string | null) =>
    id === null ? 'Whole board' : (worked.rounds.find((r) => r.stepId === id)?.name ?? steps.find((s) => s.id === id)?.title ?? id);
  /** A material that is chosen from the shelf comes along. */
  const withAxis = (name: 'columns' | 'rows', axis: BoardAxis) => {
    const more = (shelf.data ?? []).filter((m) => axis.thing === 'laid' && axis.levels.includes(m.id));
    change({ ...document, [name]: axis, recipe: more.reduce((recipe, m) => putMaterial(recipe, m), document.recipe) });
  };
  const rowsToBegin = things.find((t) => t.thing !== document.columns.thing && (t.thing === 'grit' || t.thing === 'coats'));
  const open = worked.patches.find((p) => p.label === selected) ?? worked.patches.find((p) => p.control) ?? worked.patches[0];
  const laid = board.appliedAt !== null;
  const size = `${document.width} × ${document.height} mm`;
  return (
    <Panels
      left="400px"
      disabled={laid}
      side={
        <>
          {laid ? (
            <p style={{ margin: 0 }}>This board has been applied, so its plan is locked. Start another board to try something else.</p>
          ) : (
            <Box sx={{ display: 'flex', gap: 1 }}>
              <Button variant="outlined" disabled={!undo} onClick={() => undo?.()}>
                Undo
              </Button>
              <Button variant="outlined" disabled={!redo} onClick={() => redo?.()}>
                Redo
              </Button>
            </Box>
          )}
          {!laid && things.length > 0 && (
            <>
              <AxisEntry
                title="Columns"
                axis={document.columns}
                things={things}
                nameOf={nameOf}
                onChange={(a) => withAxis('columns', a)}
                error={said('/document/columns')}
              />
              {document.rows ? (
                <AxisEntry
                  title="Rows"
                  axis={document.rows}
                  things={things}
                  nameOf={nameOf}
                  onChange={(a) => withAxis('rows', a)}
                  onRemove={() => change({ ...document, rows: null })}
                  error={said('/document/rows')}
                />
              ) : (
                <Button
                  variant="outlined"
                  disabled={!rowsToBegin}
                  onClick={() =>
                    rowsToBegin &&
                    withAxis('rows', {
                      thing: rowsToBegin.thing,
                      ...(rowsToBegin.step ? { step: rowsToBegin.step } : {}),
                      levels: rowsToBegin.levels,
                    })
                  }
                >
                  Add rows
                </Button>
              )}
            </>
          )}
          <TextEntry
            label="Title"
            value={document.title}
            onChange={(title) => change({ ...document, title })}
            error={said('/document/title')}
          />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
            <NumberEntry
              label="Patch width"
              unit="mm"
              value={document.width}
              whole
              least={20}
              onChange={(n) => n && change(sized(document, n, document.height))}
              error={said('/document/width')}
            />
            <NumberEntry
              label="Patch height"
              unit="mm"
              value={document.height}
              whole
              least={20}
              onChange={(n) => n && change(sized(document, document.width, n))}
            />
          </Box>
          <Choice
            label="People"
            value={document.hands ?? 'one'}
            options={[
              ['one', 'one'],
              ['two', 'two (one applies, one wipes)'],
            ]}
            onChange={(hands) => change({ ...document, hands })}
          />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
            <NumberEntry
              label="Apply time per patch"
              unit="s"
              value={document.lay}
              emptyAllowed
              whole
              least={1}
              placeholder="automatic"
              onChange={(lay) => change({ ...document, lay })}
            />
            <NumberEntry
              label="Wipe time per patch"
              unit="s"
              value={document.wipe}
              emptyAllowed
              whole
              least={1}
              placeholder="automatic"
              onChange={(wipe) => change({ ...document, wipe })}
            />
          </Box>
          <ColourEntry
            label="Target colour"
            value={document.target?.colour}
            emptyAllowed
            onChange={(colour) => change({ ...document, target: colour === null ? null : { ...document.target, colour } })}
            error={said('/document/target')}
          />
        </>
      }
    >
      {worked.remarks.map((r) => (
        <RemarkLine key={r.text} remark={r} />
      ))}
      <Box sx={{ display: 'grid', gridTemplateColumns: { lg: 'minmax(0, 1fr) 270px' }, gap: 2.5, alignItems: 'start' }}>
        <Box>
          <Box sx={{ mb: 0.75 }}>
            <b>{worked.columns.name}</b>
            {worked.rows && (
              <>
                , rows: <b>{worked.rows.name}</b>
              </>
            )}
          </Box>
          <BoardGrid
            cells={cellsOf(board, worked)}
            columns={worked.columns.heads}
            rows={worked.rows?.heads ?? null}
            wood={woodOf(document)}
            shape={document.width / document.height}
            selected={open?.label ?? null}
            onSelect={setSelected}
          />
          <Box sx={{ color: 'text.secondary', mt: 1 }}>
            {worked.patches.length} patches of <InStudio>{size}</InStudio>, {minutes(worked.handsOn)} hands-on
            {worked.ready ? `, measure on ${moment(worked.ready)}` : ''}.
          </Box>
          {worked.stuck && <p>{worked.stuck}</p>}
          <Button component={Link} to={`/boards/${board.id}/backs`} variant="outlined" sx={{ mt: 1 }}>
            Labels for the backs
          </Button>
        </Box>
        {open && (
          <Box aria-live="polite">
            <Typography variant="h2">
              {open.label}
              {open.control && ': as in the recipe (control)'}
            </Typography>
            {!open.control && (
              <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
                {open.differs.map((d) => (
                  <li key={d}>{d}</li>
                ))}
              </Box>
            )}
            <Box component="ol" sx={{ listStyle: 'none', p: 0, mt: 1, mb: 1.5, lineHeight: 1.4 }}>
              {open.back.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </Box>
            {!laid && <OwnChange document={document} patch={open.label} things={things} nameOf={nameOf} change={change} />}
          </Box>
        )}
      </Box>
    </Panels>
  );
}

/** Its patch is as large as that. */
function sized(document: BoardProps['document'], width: number, height: number): BoardProps['document'] {
  const { recipe } = document;
  const parts = recipe.piece.parts.map((p) => ({ ...p, area: (width * height) / 1e6 }));
  return { ...document, width, height, recipe: { ...recipe, piece: { ...recipe.piece, parts } } };
}
