import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Preview, Recipe } from '../../../api/api';
import { ChangeList } from '../../../recipe/ChangeList';
import { bench } from '../../../theme/theme';
import { RemarkLine } from '../../../ui/RemarkLine';
import { useRemedies } from './useRemedies';

export type Finding = Preview['findings'][number];
type Props = {
  document: Recipe;
  finding: Finding;
  /** Whether fixes are tried at once, or when they are asked for. */
  triesAtOnce?: boolean;
  onChange: (document: Recipe) => void;
  onStep?: (stepId: string) => void;
};

/** One finding: why, the fixes that were tried and help (each shown before it is made), and the way to accept it with a reason. */
export function FindingCard({ document, finding, triesAtOnce = false, onChange, onStep }: Props) {
  const isMendable = finding.accepted === null && finding.isMendable;
  const [isAsked, setAsked] = useState(triesAtOnce);
  const tried = useRemedies(document, finding.key, isMendable && isAsked);
  const helpful = tried?.filter((r) => r.outcome === 'helps') ?? [];
  const lacking = tried?.filter((r) => r.outcome === 'lacks') ?? [];
  const [looked, setLooked] = useState<string | null>(null);
  const would = helpful.find((r) => r.key === looked);
  const [reason, setReason] = useState<string | null>(null);
  const first = finding.steps[0];
  const accept = (why: string | null) => {
    const others = (document.accepted ?? []).filter((a) => a.finding !== finding.key);
    const { accepted: _, ...rest } = document;
    const all = why === null ? others : [...others, { finding: finding.key, reason: why }];
    onChange(all.length === 0 ? rest : { ...rest, accepted: all });
    setReason(null);
  };
  return (
    <Box data-finding={finding.rule} sx={{ display: 'grid', gap: 0.75, opacity: finding.accepted === null ? 1 : 0.75 }}>
      <RemarkLine remark={{ severity: finding.severity, text: finding.why }} />
      {finding.accepted !== null && (
        <Box sx={{ pl: 4 }}>
          Accepted: {finding.accepted}{' '}
          <Button size="small" onClick={() => accept(null)}>
            Reopen
          </Button>
        </Box>
      )}
      {finding.accepted === null && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, pl: 3.5 }}>
          {isMendable && !isAsked && (
            <Button variant="outlined" size="small" onClick={() => setAsked(true)}>
              Find a fix
            </Button>
          )}
          {helpful.map((r) => (
            <Button key={r.key} variant="outlined" size="small" aria-pressed={r === would} onClick={() => setLooked(r.key)}>
              {r.text}
            </Button>
          ))}
          {onStep && first && (
            <Button size="small" onClick={() => onStep(first)}>
              Go to step
            </Button>
          )}
          <Button size="small" color="inherit" onClick={() => setReason('')}>
            Accept …
          </Button>
        </Box>
      )}
      {isMendable && isAsked && tried === undefined && <Box sx={{ pl: 4, color: bench.slate }}>Trying fixes …</Box>}
      {lacking.map((r) => (
        <Box key={r.key} sx={{ pl: 4 }}>
          {r.text}: {r.why}
        </Box>
      ))}
      {isMendable && tried !== undefined && helpful.length + lacking.length === 0 && (
        <Box sx={{ pl: 4 }}>
          {tried.some((r) => r.outcome === 'untried')
            ? 'The recipe is so long that not all fixes could be tried.'
            : 'No single change clears this without causing another problem.'}
        </Box>
      )}
      <Box component="details" sx={{ pl: 4, fontSize: 14, '& summary': { cursor: 'pointer', color: bench.slate, minHeight: 26 } }}>
        <summary>Why</summary>
        {finding.reason} Source: {finding.source}
        {finding.school !== null && ' Practice varies. Set yours in Piece › Whole piece.'}
      </Box>
      {would?.document && (
        <Box sx={{ ml: 3.5, borderLeft: `4px solid ${bench.verdigris}`, pl: 1.5, bgcolor: bench.chosen, py: 0.5 }} aria-live="polite">
          <b>This will change:</b>
          <ChangeList changes={would.changes} />
          <Button
            variant="contained"
            size="small"
            onClick={() => {
              if (would.document) onChange(would.document);
              setLooked(null);
            }}
          >
            Apply
          </Button>{' '}
          <Button size="small" onClick={() => setLooked(null)}>
            Cancel
          </Button>
        </Box>
      )}
      {reason !== null && (
        <Box
          component="form"
          sx={{ ml: 3.5, display: 'flex', gap: 1, alignItems: 'end' }}
          onSubmit={(e) => {
            e.preventDefault();
            accept(reason.trim());
          }}
        >
          <TextField
            autoFocus
            label="Reason for accepting"
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            slotProps={{ htmlInput: { maxLength: 300 }, inputLabel: { shrink: true } }}
          />
          <Button type="submit" variant="contained" disabled={reason.trim() === ''}>
            Accept
          </Button>
        </Box>
      )}
    </Box>
  );
}
