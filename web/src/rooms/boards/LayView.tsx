import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { BoardPreview } from '../../api/api';
import { OnShelf } from '../../mix/OnShelf';
import { PourLines } from '../../mix/PourLines';
import { bench } from '../../theme/theme';
import { Cautions } from '../../ui/Cautions';
import { Cup } from '../../ui/Cup';
import { RemarkLine } from '../../ui/RemarkLine';
import { minutes, moment } from '../../ui/words';
import type { BoardProps } from './board';
import { Panels } from './Panels';
import { RoundCard } from './RoundCard';

/** Laying the board: the pots that all patches share, and the rounds by the clock. */
export function LayView({ board, worked }: BoardProps) {
  return (
    <Panels
      left="430px"
      side={
        <>
          <Typography variant="h2">Have ready</Typography>
          <PourLines lines={worked.materials} />
          {worked.pots.map((pot) => (
            <PotCard key={pot.number} pot={pot} all={worked.patches.length} />
          ))}
          <Cautions cautions={worked.cautions} />
          <Button component={Link} to={`/boards/${board.id}/backs`} variant="outlined" sx={{ justifySelf: 'start' }}>
            Labels for the backs
          </Button>
        </>
      }
    >
      {worked.remarks
        .filter((r) => r.severity !== 'advise')
        .map((r) => (
          <RemarkLine key={r.text} remark={r} />
        ))}
      <Typography variant="h2">
        {worked.rounds.length} rounds, {minutes(worked.handsOn)} hands-on
        {worked.ready && `, measure on ${moment(worked.ready)}`}
      </Typography>
      {worked.stuck && <p style={{ margin: 0 }}>{worked.stuck}</p>}
      {worked.rounds.map((round) => (
        <RoundCard key={round.number} round={round} pots={worked.pots} />
      ))}
    </Panels>
  );
}

function PotCard({ pot, all }: { pot: BoardPreview['pots'][number]; all: number }) {
  const lines = pot.fromPot !== null ? pot.add : (pot.batch?.lines ?? []);
  return (
    <Box data-testid="board-pot" sx={{ borderTop: `2px solid ${bench.ink}`, pt: 1 }}>
      <Typography variant="h3">
        Pot {pot.number}: {pot.name}
      </Typography>
      <Box sx={{ color: 'text.secondary' }}>
        {pot.words && `${pot.words}. `}
        {pot.patches.length === all ? 'For all patches' : `For ${pot.patches.join(', ')}`}, {pot.need.text} in total.
      </Box>
      {pot.fromPot !== null && (
        <Box sx={{ mt: 0.5 }}>
          Add to the <b>{pot.fromAmount?.text}</b> left in pot {pot.fromPot}:
        </Box>
      )}
      <OnShelf pots={pot.onShelf} need={pot.need} />
      {lines.length > 0 && <PourLines lines={lines} />}
      {lines.length === 0 && pot.fromPot === null && <Box>Use straight from the tin.</Box>}
      {pot.left && <Box sx={{ color: 'text.secondary' }}>{pot.left.text} left over.</Box>}
      {pot.cup && <Cup cup={pot.cup} colours={[...(pot.fromPot === null ? [] : [null]), ...lines.map((l) => l.colour)]} height={150} />}
    </Box>
  );
}
