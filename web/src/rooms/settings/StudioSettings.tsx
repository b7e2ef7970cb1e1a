import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Tooltip from '@mui/material/Tooltip';
import Typography from '@mui/material/Typography';
import { type Settings, type Vocabulary, wrongIn } from '../../api/api';
import { useSettings } from '../../api/useSettings';
import { useVocabulary } from '../../api/useVocabulary';
import { Choice, NumberEntry, TextEntry } from '../../ui/Field';
import { NewerAlert } from '../../ui/NewerAlert';
import { Failed, Loading } from '../../ui/Notice';
import { asNumber } from '../../ui/words';
import { CupsSettings } from './CupsSettings';
import { Group, GroupIndex } from './Group';
import { HoursSettings } from './HoursSettings';
import { LockSettings } from './LockSettings';
import { MeasuresSettings } from './MeasuresSettings';
import { PlacesSettings } from './PlacesSettings';
import { useKeptSettings } from './useKeptSettings';
import { WholeStudio } from './WholeStudio';

/** The one place for what holds in the whole studio. */
export default function StudioSettings() {
  const settings = useSettings();
  const vocabulary = useVocabulary();
  const error = settings.error ?? vocabulary.error;
  if (error) {
    return (
      <Failed
        error={error}
        retry={() => {
          void settings.refetch();
          void vocabulary.refetch();
        }}
      />
    );
  }
  if (!settings.data || !vocabulary.data) return <Loading what="the settings" />;
  return <Form kept={settings.data} vocabulary={vocabulary.data} />;
}

const groups = [
  'Units and money',
  'Studio climate',
  'Other places',
  'Working hours',
  'Measuring tools',
  'Cups and trays',
  'Studio practice',
  'All studio data',
] as const;

/** Everything is saved as it is changed; undo brings back what was. */
function Form({ kept, vocabulary }: { kept: { version: number; settings: Settings }; vocabulary: Vocabulary }) {
  const { shown: s, set, save, problem, isKept, undoes, undo, keepMine, takeTheirs } = useKeptSettings(kept);
  const wrong = (field: string) => problem?.violations.find((v) => v.pointer.startsWith(`/settings/${field}`))?.message;
  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, pb: 3, maxWidth: 1260, width: '100%', mx: 'auto' }}>
      <Box
        sx={{ display: 'flex', alignItems: 'center', gap: 2, position: 'sticky', top: 0, bgcolor: 'background.default', zIndex: 3, py: 2 }}
      >
        <Typography variant="h1">Settings</Typography>
        <Box sx={{ flex: 1 }} />
        <span role="status">{save.isPending ? 'Saving …' : !isKept ? 'Not saved' : kept.version <= 1 ? 'Default settings' : 'Saved'}</span>
        <Tooltip title={undoes ? `Undo: ${undoes}` : ''}>
          <span>
            <Button variant="outlined" disabled={undoes === null} onClick={undo}>
              Undo
            </Button>
          </span>
        </Tooltip>
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: { md: '190px minmax(0, 1fr)' }, gap: { xs: 2, md: 4 } }}>
        <GroupIndex titles={groups} />
        <Box sx={{ display: 'grid', gap: 3.5 }}>
          {problem?.status === 409 ? (
            <NewerAlert what="the settings" onTake={takeTheirs} onKeep={keepMine} />
          ) : (
            save.error && <Alert severity="error">{wrongIn(save.error)}</Alert>
          )}
          <Group title="Units and money">
            <Choice
              label="Units"
              value={s.units}
              options={[
                ['metric', 'Metric'],
                ['us', 'US'],
                ['imperial', 'Imperial'],
              ]}
              onChange={(units) => set({ units })}
            />
            <TextEntry
              label="Drop size (ml)"
              value={s.drop}
              onChange={(drop) => set({ drop })}
              error={wrong('drop')}
              help="count the drops in 5 ml from your dropper"
            />
            <NumberEntry
              label="Ratio tolerance"
              unit="%"
              value={percent(s.tolerance)}
              onChange={(v) => set({ tolerance: share(v ?? 2) })}
              error={wrong('tolerance')}
            />
            <TextEntry label="Currency" value={s.currency} onChange={(currency) => set({ currency })} error={wrong('currency')} />
            <NumberEntry
              label="Hourly rate"
              unit={s.currency}
              emptyAllowed
              value={s.rate}
              onChange={(rate) => set({ rate })}
              error={wrong('rate')}
              help="leave empty to count material only"
            />
          </Group>
          <Group title="Studio climate">
            <NumberEntry
              label="Temperature"
              unit="°C"
              least={-30}
              value={s.climate.temperature}
              onChange={(v) => set({ climate: { ...s.climate, temperature: v ?? 20 } })}
              error={wrong('climate')}
            />
            <NumberEntry
              label="Relative humidity"
              unit="%"
              least={1}
              value={s.climate.humidity}
              onChange={(v) => set({ climate: { ...s.climate, humidity: v ?? 50 } })}
            />
            <Choice
              label="Air"
              value={s.climate.air}
              options={[
                ['still', 'still'],
                ['moving', 'moving: a window ajar'],
                ['fan', 'fan'],
              ]}
              onChange={(air) => set({ climate: { ...s.climate, air } })}
            />
            <FormControlLabel
              label="Open flame or glowing heater in the room"
              control={<Checkbox checked={s.flame ?? false} onChange={(e) => set({ flame: e.target.checked })} />}
            />
          </Group>
          <PlacesSettings settings={s} onChange={set} wrong={wrong} />
          <HoursSettings settings={s} onChange={set} error={wrong('hours') ?? wrong('exceptions')} />
          <MeasuresSettings settings={s} onChange={set} wrong={wrong} />
          <CupsSettings settings={s} onChange={set} wrong={wrong} />
          <Group title="Studio practice">
            {vocabulary.practices.map((practice) => {
              const value = s.schools?.[practice.key] ?? practice.choices[0]?.key ?? '';
              return (
                <Choice
                  key={practice.key}
                  label={practice.question}
                  value={value}
                  options={practice.choices.map((c) => [c.key, c.name] as const)}
                  help={practice.choices.find((c) => c.key === value)?.why ?? ''}
                  onChange={(choice) => set({ schools: { ...s.schools, [practice.key]: choice } })}
                />
              );
            })}
          </Group>
          <LockSettings />
          <WholeStudio />
        </Box>
      </Box>
    </Box>
  );
}

/** Exact numbers travel as text: "0.02" or "1/50" is 2 on the screen. */
function percent(exact: string): number {
  return Number((100 * asNumber(exact)).toPrecision(6));
}

function share(percents: number): string {
  return String(Number((percents / 100).toPrecision(6)));
}
