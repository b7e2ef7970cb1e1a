import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Recipe, Violation, Vocabulary } from '../../app/api';
import { Choice, NumberEntry, TextEntry } from '../../shared/Field';
import { newId, removePart } from './edits';

type Part = Recipe['piece']['parts'][number];
type Props = {
  document: Recipe;
  vocabulary: Vocabulary;
  violations: readonly Violation[];
  onChange: (document: Recipe) => void;
  onClose: () => void;
};

/** Title, piece, its parts with their ground, and the schools this recipe holds against the studio's. */
export function PieceDialog({ document, vocabulary, violations, onChange, onClose }: Props) {
  const { piece } = document;
  const wrong = (pointer: string) => violations.find((v) => v.pointer.startsWith(`/document/${pointer}`))?.message;
  const setPart = (id: string, patch: Partial<Part>) =>
    onChange({ ...document, piece: { ...piece, parts: piece.parts.map((p) => (p.id === id ? { ...p, ...patch } : p)) } });
  const setSchool = (key: string, answer: string) => {
    const { [key]: _, ...others } = document.schools ?? {};
    onChange({ ...document, schools: answer === 'studio' ? others : { ...others, [key]: answer } });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="lg" aria-labelledby="piece">
      <DialogTitle id="piece">The recipe and its piece</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
        <Box sx={{ display: 'grid', gridTemplateColumns: '2fr 2fr 1fr', gap: 1.5, pt: 1 }}>
          <TextEntry
            label="Title of the recipe"
            value={document.title}
            onChange={(title) => onChange({ ...document, title })}
            error={wrong('title')}
          />
          <TextEntry
            label="Piece"
            value={piece.name}
            onChange={(name) => onChange({ ...document, piece: { ...piece, name } })}
            error={wrong('piece/name')}
          />
          <NumberEntry
            label="How many alike"
            whole
            least={1}
            value={piece.count ?? 1}
            onChange={(count) => onChange({ ...document, piece: { ...piece, count: count ?? 1 } })}
            error={wrong('piece/count')}
          />
        </Box>
        <TextEntry
          label="What it is to be"
          multiline
          value={document.summary ?? ''}
          onChange={(summary) => onChange({ ...document, summary })}
        />
        <h3 style={{ margin: '8px 0 0' }}>Parts</h3>
        {piece.parts.map((part, i) => (
          <Box
            key={part.id}
            sx={{ display: 'grid', gridTemplateColumns: '1.5fr 0.9fr 0.7fr 1fr 1fr 1fr 1fr 90px 40px', gap: 1, alignItems: 'start' }}
          >
            <TextEntry
              label="Part"
              value={part.name}
              onChange={(name) => setPart(part.id, { name })}
              error={wrong(`piece/parts/${i}/name`)}
            />
            <NumberEntry
              label="Area"
              unit="m²"
              value={part.area}
              onChange={(area) => setPart(part.id, { area: area ?? 1 })}
              error={wrong(`piece/parts/${i}/area`)}
            />
            <NumberEntry
              label="Count"
              whole
              least={1}
              value={part.count ?? 1}
              onChange={(count) => setPart(part.id, { count: count ?? 1 })}
            />
            <Choice
              label="Kind"
              value={part.substrate.kind}
              options={(['solid', 'veneer', 'plywood', 'mdf', 'laminate', 'metal'] as const).map((k) => [k, k] as const)}
              onChange={(kind) => setPart(part.id, { substrate: { ...part.substrate, kind } })}
            />
            <TextEntry
              label="Wood"
              value={part.substrate.species}
              onChange={(species) => setPart(part.id, { substrate: { ...part.substrate, species } })}
            />
            <Choice
              label="Grain"
              value={part.substrate.grain}
              options={[
                ['close', 'close'],
                ['open', 'open'],
                ['none', 'none'],
              ]}
              onChange={(grain) => setPart(part.id, { substrate: { ...part.substrate, grain } })}
            />
            <Choice
              label="Ground"
              value={part.substrate.ground}
              options={[
                ['bare', 'bare'],
                ['sealed', 'sealed'],
                ['painted', 'painted'],
              ]}
              onChange={(ground) => setPart(part.id, { substrate: { ...part.substrate, ground } })}
            />
            <Box component="label" sx={{ fontSize: 13, color: 'text.secondary', display: 'grid' }}>
              Colour
              <input
                type="color"
                value={part.substrate.colour}
                onChange={(e) => setPart(part.id, { substrate: { ...part.substrate, colour: e.target.value } })}
                style={{ width: '100%', height: 26, padding: 0, border: '1px solid #8C8778' }}
              />
            </Box>
            <Button
              aria-label={`Take out ${part.name}`}
              disabled={piece.parts.length < 2}
              onClick={() => onChange(removePart(document, part.id))}
              sx={{ minWidth: 0 }}
            >
              ×
            </Button>
          </Box>
        ))}
        <Button
          variant="outlined"
          sx={{ justifySelf: 'start' }}
          onClick={() => {
            const last = piece.parts[piece.parts.length - 1];
            if (last)
              onChange({ ...document, piece: { ...piece, parts: [...piece.parts, { ...last, id: newId('p'), name: 'Another part' }] } });
          }}
        >
          Add a part
        </Button>
        <h3 style={{ margin: '8px 0 0' }}>Schools</h3>
        {vocabulary.schools.map((school) => {
          const chosen = document.schools?.[school.key] ?? 'studio';
          return (
            <Choice
              key={school.key}
              label={school.question}
              value={chosen}
              options={[['studio', 'As in the settings of the studio'] as const, ...school.choices.map((c) => [c.key, c.name] as const)]}
              help={school.choices.find((c) => c.key === chosen)?.why ?? ''}
              onChange={(a) => setSchool(school.key, a)}
            />
          );
        })}
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}
