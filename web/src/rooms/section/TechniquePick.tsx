import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import type { Vocabulary } from '../../api/api';
import { useUsualNext } from '../../api/useVocabulary';
import { bench } from '../../theme/theme';
import { steady } from '../../ui/steady';

type Technique = Vocabulary['techniques'][number];

type Props = {
  techniques: readonly Technique[];
  value: string;
  /** The technique of the step before; null where there is none. */
  after: string | null;
  onChange: (key: string) => void;
  error: string | undefined;
};

/** Finds a technique by its name or by what it does; those that usually come next stand first. */
export const TechniquePick = steady(function TechniquePick({ techniques, value, after, onChange, error }: Props) {
  const usual = useUsualNext()[after ?? 'begin'] ?? [];
  const first = usual.flatMap((key) => techniques.find((t) => t.key === key) ?? []);
  const options = [...first, ...techniques.filter((t) => !first.includes(t))];
  const chosen = techniques.find((t) => t.key === value);
  return (
    <Autocomplete<Technique, false, true>
      options={options}
      value={chosen ?? (techniques[0] as Technique)}
      disableClearable
      groupBy={(t) => (first.includes(t) ? 'Usually next' : 'All')}
      getOptionLabel={(t) => t.name}
      getOptionKey={(t) => t.key}
      filterOptions={(all, { inputValue }) => {
        const words = inputValue === chosen?.name ? [] : inputValue.toLowerCase().split(/\s+/);
        return all.filter((t) => words.every((w) => `${t.name} ${t.does}`.toLowerCase().includes(w)));
      }}
      onChange={(_, t) => onChange(t.key)}
      renderOption={({ key, ...props }, t) => (
        <Box component="li" key={key} {...props} sx={{ gap: 1.25, alignItems: 'flex-start !important' }}>
          <Picture technique={t} />
          <span>
            {t.name}
            <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'text.secondary', lineHeight: 1.25 }}>
              {t.does}
            </Box>
          </span>
        </Box>
      )}
      renderInput={(params) => (
        <TextField {...params} label="Technique" error={error !== undefined} helperText={error ?? chosen?.does ?? ''} />
      )}
    />
  );
});

/** What a technique leaves, in a square: a film all over or in places, something removed, or parts that are moved. */
function Picture({ technique: { profile } }: { technique: Technique }) {
  const cover = Math.max(0.12, Math.min(1, profile.cover));
  return (
    <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden="true" style={{ flex: 'none', marginTop: 2 }}>
      <rect x="1" y="7" width="32" height="26" fill={bench.pine} stroke={bench.stone} />
      {profile.effect === 'adds' &&
        [0, 1, 2].map((i) => (
          <rect
            key={i}
            x={2 + i * 10.2}
            y={profile.left < 1 ? 9 : 3}
            width={9.6 * cover}
            height={profile.left < 1 ? 4 : 8}
            fill={profile.takesMaterial ? bench.verdigris : bench.ochre}
          />
        ))}
      {profile.effect === 'takes-away' && <path d="M2 8l6 9 6-6 7 10 6-7 6 6" fill="none" stroke={bench.oxide} strokeWidth="3" />}
      {profile.effect === 'alters' && <path d="M4 14q4-6 8 0t8 0 8 0" fill="none" stroke={bench.slate} strokeWidth="3" />}
      {profile.effect === 'handles' && <path d="M17 29V3m-7 7 7-7 7 7" fill="none" stroke={bench.ink} strokeWidth="3" />}
      {profile.effect === 'waits' && <path d="M17 3v10l7 5" fill="none" stroke={bench.ink} strokeWidth="3" />}
    </svg>
  );
}
