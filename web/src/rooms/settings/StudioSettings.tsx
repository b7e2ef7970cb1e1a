import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, Problem, type Settings, type Vocabulary, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { useSettings } from '../../api/useSettings';
import { useVocabulary } from '../../api/useVocabulary';
import { Choice, NumberEntry, TextEntry } from '../../ui/Field';
import { NewerAlert } from '../../ui/NewerAlert';
import { Failed, Loading } from '../../ui/Notice';
import { asNumber } from '../../ui/words';
import { CupsSettings } from './CupsSettings';
import { Group } from './Group';
import { HoursSettings } from './HoursSettings';
import { LockSettings } from './LockSettings';
import { MeasuresSettings } from './MeasuresSettings';
import { PlacesSettings } from './PlacesSettings';
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
  return <Form key={settings.data.version} version={settings.data.version} kept={settings.data.settings} vocabulary={vocabulary.data} />;
}

function Form({ version, kept, vocabulary }: { version: number; kept: Settings; vocabulary: Vocabulary }) {
  const queries = useQueryClient();
  const [s, setS] = useState(kept);
  const save = useMutation({
    mutationFn: (over: number) => answer(api.PUT('/api/settings', { body: { version: over, settings: s } })),
    onSuccess: (saved) => queries.setQueryData(keys.settings, saved),
  });
  const problem = save.error instanceof Problem ? save.error : null;
  const wrong = (field: string) => problem?.violations.find((v) => v.pointer.startsWith(`/settings/${field}`))?.message;
  const set = (patch: Partial<Settings>) => setS({ ...s, ...patch });
  const changed = s !== kept;
  return (
    <Box sx={{ p: { xs: 2, sm: 3 }, maxWidth: 1080, width: '100%', mx: 'auto', display: 'grid', gap: 3 }}>
      <Box
        sx={{ display: 'flex', alignItems: 'center', gap: 2, position: 'sticky', top: 0, bgcolor: 'background.default', zIndex: 3, py: 1 }}
      >
        <Typography variant="h1">Settings</Typography>
        <Box sx={{ flex: 1 }} />
        <span role="status">{changed ? 'Unsaved changes' : version <= 1 ? 'Default settings' : 'Saved'}</span>
        <Button variant="outlined" disabled={!changed} onClick={() => setS(kept)}>
          Discard changes
        </Button>
        <Button variant="contained" disabled={!changed || save.isPending} onClick={() => save.mutate(version)}>
          Save
        </Button>
      </Box>
      {problem?.status === 409 ? (
        <NewerAlert
          what="the settings"
          onTake={() => void queries.invalidateQueries({ queryKey: keys.settings })}
          onKeep={() => save.mutate(problem.version ?? version)}
        />
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
  );
}

/** Exact numbers travel as text: "0.02" or "1/50" is 2 on the screen. */
function percent(exact: string): number {
  return Number((100 * asNumber(exact)).toPrecision(6));
}

function share(percents: number): string {
  return String(Number((percents / 100).toPrecision(6)));
}
