import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Recipe, Violation, Vocabulary } from '../../../api/api';
import { DayEntry } from '../../../ui/DayEntry';
import { Choice, NumberEntry, TextEntry } from '../../../ui/Field';
import { Fields } from './Fields';

type Props = { document: Recipe; vocabulary: Vocabulary; violations: readonly Violation[]; onChange: (document: Recipe) => void };
type Use = NonNullable<Recipe['piece']['use']>;

/** What holds for the whole: the recipe's title, the piece, where it will stand, and the schools held against the studio's. */
export function WholePanel({ document, vocabulary, violations, onChange }: Props) {
  const { piece } = document;
  const use = piece.use ?? {};
  const wrong = (pointer: string) => violations.find((v) => v.pointer.startsWith(`/document/${pointer}`))?.message;
  const setPiece = (patch: Partial<Recipe['piece']>) => onChange({ ...document, piece: { ...piece, ...patch } });
  const setUse = (patch: Partial<Use>) => setPiece({ use: { ...use, ...patch } });
  const setSchool = (key: string, answer: string) => {
    const { [key]: _, ...others } = document.schools ?? {};
    onChange({ ...document, schools: answer === 'studio' ? others : { ...others, [key]: answer } });
  };
  return (
    <Box component="section" aria-label="Whole piece" sx={{ display: 'grid', gap: 2, maxWidth: 820 }}>
      <Fields title="Recipe and piece">
        <TextEntry
          label="Title of the recipe"
          value={document.title}
          onChange={(title) => onChange({ ...document, title })}
          error={wrong('title')}
        />
        <TextEntry label="Piece" value={piece.name} onChange={(name) => setPiece({ name })} error={wrong('piece/name')} />
        <NumberEntry
          label="Number of identical pieces"
          whole
          least={1}
          value={piece.count ?? 1}
          onChange={(count) => setPiece({ count: count ?? 1 })}
          error={wrong('piece/count')}
        />
        <Box sx={{ gridColumn: '1 / -1' }}>
          <TextEntry
            label="Description"
            multiline
            value={document.summary ?? ''}
            onChange={(summary) => onChange({ ...document, summary })}
          />
        </Box>
      </Fields>
      <Fields title="Where it will be used">
        <Choice
          label="Place"
          value={use.place ?? 'dry'}
          options={vocabulary.places.map((p) => [p.key as NonNullable<Use['place']>, p.name] as const)}
          onChange={(place) => setUse({ place })}
        />
        <Choice
          label="Wear"
          value={use.wear ?? 'light'}
          options={[
            ['light', 'light'],
            ['daily', 'daily'],
            ['hard', 'hard'],
          ]}
          onChange={(wear) => setUse({ wear })}
        />
        <DayEntry label="First use" value={use.from ?? null} onChange={(from) => setUse({ from })} error={wrong('piece/use/from')} />
        <Box sx={{ gridColumn: '1 / -1' }}>
          <FormControlLabel
            label="Food contact nearby"
            control={<Checkbox checked={use.food ?? false} onChange={(e) => setUse({ food: e.target.checked })} />}
          />
          <FormControlLabel
            label="Children nearby"
            control={<Checkbox checked={use.child ?? false} onChange={(e) => setUse({ child: e.target.checked })} />}
          />
        </Box>
      </Fields>
      <Fields title="Practice for this recipe">
        {vocabulary.practices.map((practice) => {
          const chosen = document.schools?.[practice.key] ?? 'studio';
          return (
            <Box key={practice.key} sx={{ gridColumn: '1 / -1' }}>
              <Choice
                label={practice.question}
                value={chosen}
                options={[['studio', 'Studio practice'] as const, ...practice.choices.map((c) => [c.key, c.name] as const)]}
                help={practice.choices.find((c) => c.key === chosen)?.why ?? ''}
                onChange={(a) => setSchool(practice.key, a)}
              />
            </Box>
          );
        })}
      </Fields>
    </Box>
  );
}
