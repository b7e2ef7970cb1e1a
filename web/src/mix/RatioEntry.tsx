import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { answer, api, type Mix, Problem, type Reading } from '../api/api';
import { TextEntry } from '../ui/Field';

/** Takes "1:3" or "25 %" as it is said; where it can mean two things both are shown, and one is pressed. */
export function RatioEntry({ mix, names, onChange }: { mix: Mix; names: string[]; onChange: (mix: Mix) => void }) {
  const [readings, setReadings] = useState<Reading[]>([]);
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string>();
  const take = (reading: Reading, said: string) => {
    setReadings([]);
    onChange({
      ...mix,
      written: { text: said, reading: reading.key },
      parts: mix.parts.map((part, i) => ({ ...part, share: reading.ratio.parts[i]?.share ?? part.share })),
    });
  };
  const read = async (said: string) => {
    setWrong(undefined);
    setReadings([]);
    setText(said);
    if (said.trim() === '') return;
    try {
      const { readings: found } = await answer(api.POST('/api/compute/ratio', { body: { text: said, names, basis: mix.basis } }));
      const [first] = found;
      if (found.length === 1 && first) take(first, said);
      else setReadings(found);
    } catch (error) {
      setWrong(error instanceof Problem ? error.message : 'Inlaid Recipe isn’t responding.');
    }
  };
  const said = mix.written?.text ?? mix.parts.map((p) => p.share).join(':');
  return (
    <Box>
      <TextEntry
        label="Ratio, for example 1:3"
        value={wrong || readings.length > 0 ? text : said}
        onChange={read}
        error={wrong}
        help={`Order: ${names.join(' : ')}`}
      />
      {readings.length > 0 && (
        <Box role="group" aria-label="What it means" sx={{ display: 'grid', gap: 0.75, mt: 1 }}>
          <span>“{text}” can mean (choose one):</span>
          {readings.map((reading, i) => (
            <Button
              key={reading.key}
              autoFocus={i === 0}
              variant="outlined"
              onClick={() => take(reading, text)}
              sx={{ justifyContent: 'flex-start', textAlign: 'left' }}
            >
              {reading.sentence}
            </Button>
          ))}
        </Box>
      )}
    </Box>
  );
}
