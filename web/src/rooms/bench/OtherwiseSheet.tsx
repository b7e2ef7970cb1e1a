import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { Step, Vocabulary } from '../../api/api';
import { hands } from '../../recipe/manner';
import type { Change } from './improvise';
import { Few, fewShares } from './Pick';

type Props = { step: Step; vocabulary: Vocabulary; onChange: (change: Change) => void; onClose: () => void };

/** The step at hand with another hand, on a share, or with another tool. */
export function OtherwiseSheet({ step, vocabulary, onChange, onClose }: Props) {
  const technique = vocabulary.techniques.find((t) => t.key === step.technique);
  const tools = technique?.profile.tools ?? [];
  const [hand, setHand] = useState<NonNullable<Step['hand']>>(step.hand ?? 'middle');
  const [share, setShare] = useState<number>(step.share ?? 1);
  const [tool, setTool] = useState(step.tool ?? tools[0] ?? null);
  const does = {
    step: { hand: hand === 'middle' ? null : hand, share: share === 1 ? null : share, tool: tool === tools[0] ? null : tool },
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="otherwise">
      <DialogTitle id="otherwise" sx={{ fontSize: 26 }}>
        Hand, share, tool
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
        {technique?.byHand && <Few label="Hand" value={hand} options={hands} onPick={setHand} />}
        <Few label="How much of it" value={share} options={fewShares} onPick={setShare} />
        {tools.length > 1 && tool && (
          <Few
            label="Tool"
            value={tool}
            options={tools.map((key) => [key, vocabulary.tools.find((t) => t.key === key)?.name ?? key] as const)}
            onPick={setTool}
          />
        )}
        <Box sx={{ display: 'flex', gap: 1.5 }}>
          <Button
            variant="contained"
            sx={{ minHeight: 64, fontSize: 20, flex: 1 }}
            onClick={() => onChange({ kind: 'otherwise', step: step.id, does })}
          >
            Do it so
          </Button>
          <Button color="inherit" sx={{ minHeight: 64, fontSize: 20 }} onClick={onClose}>
            Back
          </Button>
        </Box>
      </DialogContent>
    </Dialog>
  );
}
