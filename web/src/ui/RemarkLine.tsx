import Box from '@mui/material/Box';
import type { Remark } from '../api/api';
import { bench } from '../theme/theme';
import { InStudio } from './InStudio';

const marks = {
  stop: { word: 'Stop', colour: bench.oxide, path: 'M2 2h14v14H2z M6 6l6 6 M12 6l-6 6' },
  warn: { word: 'Warning', colour: bench.umber, path: 'M9 1.5 17 16H1z M9 7v4 M9 13.2v.6' },
  advise: { word: 'Advice', colour: bench.slate, path: 'M9 2a7 7 0 1 0 .01 0z M9 8v5 M9 5v.6' },
} as const;

/** One remark: its severity by shape, word and colour, then the sentence. */
export function RemarkLine({ remark }: { remark: Remark }) {
  const mark = marks[remark.severity];
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', borderLeft: `4px solid ${mark.colour}`, pl: 1, py: 0.25 }}>
      <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true" style={{ flexShrink: 0, marginTop: 2 }}>
        <path d={mark.path} fill="none" stroke={mark.colour} strokeWidth="1.8" strokeLinejoin="round" strokeLinecap="round" />
      </svg>
      <span>
        <b style={{ color: mark.colour }}>{mark.word}.</b> <InStudio>{remark.text}</InStudio>
      </span>
    </Box>
  );
}
