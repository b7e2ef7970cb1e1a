import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Tooltip from '@mui/material/Tooltip';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Preview, Recipe, Step as RecipeStep } from '../../api/api';
import type { useDraft } from '../../api/useDraft';
import { changeWords } from '../../recipe/changeWords';
import { bench } from '../../theme/theme';
import { SavingState } from '../../ui/SavingState';

type Props = {
  id: string;
  nameOf: (step: RecipeStep) => string;
  document: Recipe;
  draft: ReturnType<typeof useDraft<Recipe>>;
  revision: number;
  unreachable: boolean;
  room: 'section' | 'piece';
  /** Undefined as long as nothing has been worked out: then nothing is said of it either. */
  findings: Preview['findings'] | undefined;
  onFindings: () => void;
  onNeeds: () => void;
  onSheet: () => void;
  onHistory: () => void;
  onPublish: () => void;
};

/** Title, state of the draft, undo and redo, and what can be done with the whole recipe. */
export function SectionBar({
  id,
  nameOf,
  document,
  draft,
  revision,
  unreachable,
  room,
  findings,
  onFindings,
  onNeeds,
  onSheet,
  onHistory,
  onPublish,
}: Props) {
  const open = findings?.filter((f) => f.accepted === null);
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        px: 1.5,
        py: 0.75,
        borderBottom: 1,
        borderColor: 'divider',
        flexWrap: 'wrap',
        '& > .MuiButton-root': { px: 1.25, minWidth: 0 },
      }}
    >
      <Box sx={{ minWidth: 0, flex: '1 1 260px' }}>
        <Typography variant="h1" sx={{ fontSize: '1.35rem', lineHeight: 1.15 }}>
          {document.title}
        </Typography>
        <SavingState saving={draft.saving} unreachable={unreachable}>
          {revision > 0 ? ` · from revision ${revision}` : ' · no revision'}
        </SavingState>
      </Box>
      <Box component="nav" aria-label="Rooms of this recipe" sx={{ display: 'flex', mr: 1 }}>
        {(
          [
            ['section', 'Section', `/recipes/${id}`],
            ['piece', 'Piece', `/recipes/${id}/piece`],
          ] as const
        ).map(([key, name, to]) => (
          <Button
            key={key}
            component={Link}
            to={to}
            color="inherit"
            aria-current={room === key ? 'page' : undefined}
            sx={{
              borderRadius: 0,
              borderBottom: `4px solid ${room === key ? bench.ochre : 'transparent'}`,
              fontWeight: room === key ? 700 : 500,
            }}
          >
            {name}
          </Button>
        ))}
      </Box>
      <Step name="Undo" what={draft.before && changeWords(draft.before, document, nameOf)} onPress={draft.undo} />
      <Step name="Redo" what={draft.after && changeWords(document, draft.after, nameOf)} onPress={draft.redo} />
      <Button
        variant="outlined"
        color={open?.some((f) => f.severity === 'stop') ? 'secondary' : 'primary'}
        onClick={onFindings}
        data-testid="findings"
      >
        <span aria-hidden style={{ marginRight: 6 }}>
          {!open ? '…' : open.length === 0 ? '✓' : open.some((f) => f.severity === 'stop') ? '⊠' : '△'}
        </span>
        {!open ? 'Checking …' : open.length === 0 ? 'No findings' : open.length === 1 ? '1 finding' : `${open.length} findings`}
      </Button>
      <Button variant="outlined" onClick={onNeeds}>
        Materials
      </Button>
      <Button variant="outlined" onClick={onHistory}>
        Revisions
      </Button>
      <Button
        variant="outlined"
        component={Link}
        to={`/recipes/${id}/sheet`}
        onClick={(e) => {
          e.preventDefault();
          onSheet();
        }}
      >
        Bench sheet
      </Button>
      <Button variant="contained" onClick={onPublish}>
        Save revision
      </Button>
    </Box>
  );
}

/** One edit back or forth, with what it changes. */
function Step({ name, what, onPress }: { name: string; what: string | null; onPress: () => void }) {
  return (
    <Tooltip title={what ?? ''} describeChild>
      <span>
        <Button variant="outlined" onClick={onPress} disabled={what === null} sx={{ px: 1.25, minWidth: 0 }}>
          {name}
        </Button>
      </span>
    </Tooltip>
  );
}
