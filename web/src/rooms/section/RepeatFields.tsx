import Box from '@mui/material/Box';
import type { Vocabulary } from '../../api/api';
import { Choice, NumberEntry } from '../../ui/Field';
import type { StepFieldsProps } from './StepFigures';

type Props = StepFieldsProps & { act: Vocabulary['criteria'][number]['acts'][number] };

/** How often a step is done, or is expected to be. */
export function CoatsEntry({ step, set, wrong, act }: Props) {
  const { repeat } = step;
  return (
    <NumberEntry
      label={repeat ? `Expected ${act === 'adds' ? 'coats' : 'passes'}` : act === 'adds' ? 'Coats' : 'Passes'}
      value={step.coats ?? 1}
      whole
      least={1}
      onChange={(n) =>
        set(
          repeat
            ? { coats: n ?? 1, repeat: { ...repeat, least: Math.min(repeat.least, n ?? 1), most: Math.max(repeat.most, n ?? 1) } }
            : { coats: n ?? 1 },
        )
      }
      error={wrong('coats')}
    />
  );
}

/** Until when a step is done again, and what is done if that never comes. */
export function RepeatFields({ step, later, vocabulary, set, wrong, act }: Props) {
  const coats = step.coats ?? 1;
  const { repeat } = step;
  const rounds = act === 'adds' ? 'coats' : 'passes';
  const criteria = vocabulary.criteria.filter((c) => c.acts.includes(act));
  return (
    <>
      <Box sx={{ gridColumn: '1 / -1' }}>
        <Choice
          label="Repeat"
          value={repeat?.until ?? ''}
          options={[['', 'fixed number'] as const, ...criteria.map((c) => [c.key, `until ${c.name}`] as const)]}
          onChange={(until) =>
            set(
              until === ''
                ? { repeat: null }
                : {
                    repeat: {
                      least: Math.max(1, coats - 1),
                      most: coats + 2,
                      ...repeat,
                      until: until as NonNullable<typeof repeat>['until'],
                    },
                  },
            )
          }
          error={wrong('repeat')}
        />
      </Box>
      {repeat && (
        <Box
          sx={{
            gridColumn: '1 / -1',
            display: 'grid',
            gridTemplateColumns: '1fr 1fr',
            gap: 1.25,
            borderLeft: 3,
            borderColor: 'divider',
            pl: 1.5,
          }}
        >
          <NumberEntry
            label={`Minimum ${rounds}`}
            value={repeat.least}
            whole
            least={1}
            onChange={(n) =>
              set({ coats: Math.max(coats, n ?? 1), repeat: { ...repeat, least: n ?? 1, most: Math.max(repeat.most, n ?? 1) } })
            }
          />
          <NumberEntry
            label={`Maximum ${rounds}`}
            value={repeat.most}
            whole
            least={1}
            onChange={(n) =>
              set({ coats: Math.min(coats, n ?? 1), repeat: { ...repeat, least: Math.min(repeat.least, n ?? 1), most: n ?? 1 } })
            }
          />
          <Box sx={{ gridColumn: '1 / -1' }}>
            <Choice
              label="If still not done"
              value={repeat.otherwise ?? ''}
              options={[['', 'carry on'] as const, ...later.map(([id, name]) => [id, `do “${name}”`] as const)]}
              onChange={(otherwise) => set({ repeat: { ...repeat, otherwise: otherwise === '' ? null : otherwise } })}
            />
          </Box>
        </Box>
      )}
    </>
  );
}
