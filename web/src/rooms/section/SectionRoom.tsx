import Box from '@mui/material/Box';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api, type Material, Problem, type Recipe, type RecipeResponse, type Step, type Vocabulary } from '../../api/api';
import { keys } from '../../api/keys';
import { useCalculation } from '../../api/useCalculation';
import { useDraft } from '../../api/useDraft';
import { changeWords } from '../../recipe/changeWords';
import { documentId } from '../../recipe/edits';
import { bench } from '../../theme/theme';
import { useOffer } from '../../ui/commands';
import { Choice } from '../../ui/Field';
import { useFigures } from '../../ui/figures';
import { Loading } from '../../ui/Notice';
import { useVisited } from '../../ui/recent';
import { ConflictDialog } from './ConflictDialog';
import { Cut } from './Cut';
import { coatPlans } from './coatPlans';
import { Days } from './Days';
import { Face } from './face/Face';
import { FindingsDialog } from './findings/FindingsDialog';
import { HistoryDialog } from './HistoryDialog';
import { NeedsDialog } from './NeedsDialog';
import { PieceRoom } from './piece/PieceRoom';
import { PublishDialog } from './SaveRevisionDialog';
import { SectionBar } from './SectionBar';
import { StepPanel } from './StepPanel';
import { StepTools } from './StepTools';
import { useStepEdits } from './useStepEdits';

type Props = { opened: RecipeResponse; vocabulary: Vocabulary; shelf: Material[]; currency: string; room: 'section' | 'piece' };
type Open = 'publish' | 'history' | 'needs' | 'findings' | null;

/** A recipe, in its cut or in the survey of its piece: all from one document worked out once. */
export function SectionRoom({ opened, vocabulary, shelf, currency, room }: Props) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const draft = useDraft<Recipe>({
    key: `draft-${opened.id}`,
    version: opened.version,
    document: opened.document,
    save: async (version, to) =>
      (await answer(api.PUT('/api/recipes/{id}/draft', { params: { path: { id: opened.id } }, body: { version, document: to } }))).version,
  });
  const { document } = draft;
  const { worked, violations, unreachable } = useCalculation('preview', { document }, (body, signal) =>
    answer(api.POST('/api/preview', { body, signal })),
  );
  const preview = worked?.preview ?? null;
  const [selected, select] = useState<string | null>(document.steps.find((s) => s.uses?.mix)?.id ?? document.steps[0]?.id ?? null);
  const [stackId, setStackId] = useState('s1');
  const [open, setOpen] = useState<Open>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const [revisions, setRevisions] = useState(opened.revisions);

  const setSelected = useCallback((id: string | null) => select(id === null ? null : documentId(id)), []);
  const step = document.steps.find((s) => s.id === selected) ?? document.steps.at(-1);
  const stack = preview?.stacks.find((s) => s.id === stackId) ?? preview?.stacks[0];
  const coats = useMemo(() => coatPlans(preview?.plan), [preview]);
  const [figures, toggleFigures] = useFigures();
  const nameOf = (s: Step) => s.title || (vocabulary.techniques.find((t) => t.key === s.technique)?.name ?? 'a step');
  const edits = useStepEdits({
    document,
    selected: step?.id ?? null,
    onSelect: setSelected,
    onEdit: draft.edit,
    undo: draft.undo,
    redo: draft.redo,
    onPublish: () => setOpen('publish'),
    atTheCut: room === 'section',
  });

  /** The sheet is of the draft as it is stored, so what was typed last is stored first. */
  const openSheet = () => void draft.save().finally(() => navigate(`/recipes/${opened.id}/sheet`));

  useOffer([
    { name: 'Add a step above', keys: 'i', run: () => edits.insert(true) },
    { name: 'Add a step below', keys: 'Shift + i', run: () => edits.insert(false) },
    { name: 'Duplicate the step', keys: 'd', run: edits.duplicate },
    { name: 'Remove the step', keys: 'Delete', run: edits.remove },
    { name: draft.before ? `Undo ${changeWords(draft.before, document, nameOf)}` : 'Undo', keys: 'Ctrl + z', run: draft.undo },
    { name: 'Redo', keys: 'Ctrl + Shift + z', run: draft.redo },
    { name: figures ? 'Hide µm and ΔE' : 'Show µm and ΔE', run: toggleFigures },
    { name: 'Section: layers of the finish', run: () => navigate(`/recipes/${opened.id}`) },
    { name: 'Piece: survey, parts and joints', run: () => navigate(`/recipes/${opened.id}/piece`) },
    { name: 'Findings', run: () => setOpen('findings') },
    { name: 'Materials: shopping list for this recipe', run: () => setOpen('needs') },
    { name: 'New board of this recipe', run: () => navigate(`/boards?begin=1&recipe=${opened.id}`) },
    { name: 'Compare revisions', run: () => setOpen('history') },
    { name: 'Bench sheet, to print', run: openSheet },
    { name: 'Save revision', keys: 'Ctrl + s', run: () => setOpen('publish') },
    ...(preview?.findings ?? []).map((f) => ({ name: `Finding: ${f.why}`, run: () => setOpen('findings') })),
  ]);
  useVisited(opened.document.title, `/recipes/${opened.id}`);
  const publish = async (reason: string) => {
    setRefusal(null);
    try {
      if (!(await draft.save())) throw new Error('Save the draft first. See the message above.');
      const done = await answer(
        api.POST('/api/recipes/{id}/revisions', { params: { path: { id: opened.id } }, body: { version: draft.currentVersion(), reason } }),
      );
      draft.follow({ version: done.version });
      setRevisions(done.revisions);
      setOpen(null);
      void queries.invalidateQueries({ queryKey: keys.recipes });
    } catch (error) {
      setRefusal(error instanceof Problem || error instanceof Error ? error.message : 'Not saved. Try again.');
    }
  };
  const take = (taken: Recipe) => draft.edit(taken);
  const whole = violations.filter((v) => !v.pointer.startsWith('/document/steps/'));

  // A recipe that is left must not come back from the cache as it was when it was opened.
  useEffect(() => () => queries.removeQueries({ queryKey: keys.recipeOf(opened.id) }), [queries, opened.id]);

  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', height: { md: 'calc(100vh - 52px)' }, minHeight: 0 }}>
      <SectionBar
        id={opened.id}
        nameOf={nameOf}
        document={document}
        draft={draft}
        revision={revisions[0]?.number ?? 0}
        unreachable={unreachable}
        room={room}
        findings={preview?.findings}
        onFindings={() => setOpen('findings')}
        onNeeds={() => setOpen('needs')}
        onSheet={openSheet}
        onHistory={() => setOpen('history')}
        onPublish={() => setOpen('publish')}
      />
      {violations.length > 0 && !unreachable && (
        <Box role="alert" sx={{ bgcolor: bench.blush, borderLeft: `5px solid ${bench.oxide}`, px: 2, py: 0.75 }}>
          <b>Can’t calculate:</b> {(whole[0] ?? violations[0])?.message} Showing the last valid results.
        </Box>
      )}
      {room === 'piece' ? (
        <PieceRoom document={document} preview={preview} vocabulary={vocabulary} violations={violations} onChange={draft.edit} />
      ) : worked === null && violations.length === 0 ? (
        <Loading what="the layers" /> // with what is worked out rows grow and fold, and would move away under the hand
      ) : (
        <>
          <Box
            sx={{
              flex: 1,
              minHeight: 0,
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', md: '360px minmax(0, 1fr)', lg: '352px minmax(318px, 0.7fr) minmax(600px, 1.4fr)' },
              // Each column is laid out by itself.
              '& > *': { minHeight: 0, overflowY: { md: 'auto' }, contain: { md: 'strict' }, p: 1.5 },
            }}
          >
            <Box sx={{ borderRight: 1, borderColor: 'divider', display: 'flex', flexDirection: 'column', p: '0 !important' }}>
              <StepTools edits={edits} />
              {preview && preview.stacks.length > 1 && (
                <Box sx={{ px: 1.5, pt: 1 }}>
                  <Choice
                    label="Show layers of"
                    value={stack?.id ?? 's1'}
                    options={preview.stacks.map((s) => [s.id, s.parts.join(', ')] as const)}
                    onChange={setStackId}
                  />
                </Box>
              )}
              <Box sx={{ flex: 1, overflowY: 'auto', minHeight: 0, px: 1, py: 1 }}>
                <Cut
                  document={document}
                  stack={stack}
                  preview={preview}
                  coats={coats}
                  selected={step?.id ?? null}
                  onSelect={setSelected}
                  onMove={edits.move}
                />
                {document.steps.length === 0 && <Box sx={{ p: 2, color: 'text.secondary' }}>No steps yet. Add the first one.</Box>}
              </Box>
            </Box>
            <Box sx={{ display: { md: 'none', lg: 'block' } }}>
              <Face
                recipe={opened.id}
                revisions={revisions}
                document={document}
                stack={stack}
                preview={preview}
                selected={step?.id ?? null}
                onSelect={setSelected}
                onChange={draft.edit}
                shelf={shelf}
              />
            </Box>
            <Box sx={{ borderLeft: 1, borderColor: 'divider', bgcolor: 'background.paper' }}>
              {step ? (
                <StepPanel
                  currency={currency}
                  key={step.id}
                  document={document}
                  step={step}
                  preview={preview}
                  vocabulary={vocabulary}
                  shelf={shelf}
                  violations={violations}
                  onChange={draft.edit}
                />
              ) : (
                <Box sx={{ color: 'text.secondary' }}>Select a step</Box>
              )}
            </Box>
          </Box>
          <Box sx={{ borderTop: `2px solid ${bench.ink}`, px: 1.5, py: 1, flexShrink: 0 }}>
            {preview && <Days preview={preview} currency={currency} selected={step?.id ?? null} onSelect={setSelected} />}
          </Box>
        </>
      )}
      <PublishDialog
        open={open === 'publish'}
        number={(revisions[0]?.number ?? 0) + 1}
        error={refusal}
        onClose={() => setOpen(null)}
        onPublish={(reason) => void publish(reason)}
      />
      {open === 'findings' && preview && (
        <FindingsDialog
          document={document}
          preview={preview}
          onChange={draft.edit}
          onStep={(stepId) => {
            setSelected(stepId);
            setOpen(null);
            if (room !== 'section') navigate(`/recipes/${opened.id}`);
          }}
          onClose={() => setOpen(null)}
        />
      )}
      {open === 'needs' && preview && (
        <NeedsDialog
          document={document}
          preview={preview}
          vocabulary={vocabulary}
          shelf={shelf}
          currency={currency}
          onChange={draft.edit}
          onClose={() => setOpen(null)}
        />
      )}
      {open === 'history' && (
        <HistoryDialog opened={{ ...opened, revisions, version: draft.currentVersion() }} onClose={() => setOpen(null)} onTake={take} />
      )}
      {draft.conflict && <ConflictDialog conflict={draft.conflict} mine={document} onSettle={draft.settle} />}
    </Box>
  );
}
