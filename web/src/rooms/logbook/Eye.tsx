import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api, nothing } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { EyeRound } from './EyeRound';
import { EyeWeeks } from './EyeWeeks';

/** A few minutes that train the eye: rounds of questions, and what they tell of it. */
export default function Eye() {
  const queries = useQueryClient();
  const seen = useQuery({ queryKey: keys.eye, queryFn: () => answer(api.GET('/api/eye')), staleTime: 0 });
  const begin = useMutation({ mutationFn: () => answer(api.POST('/api/eye/rounds', nothing)) });
  const end = () => {
    begin.reset();
    void queries.invalidateQueries({ queryKey: keys.eye });
  };
  if (seen.error && !seen.data) return <Failed error={seen.error} retry={() => void seen.refetch()} />;
  if (!seen.data) return <Loading what="your scores" />;
  if (begin.data) return <EyeRound key={begin.data.id} round={begin.data} onEnd={end} />;
  const { scores } = seen.data;
  return (
    <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1120, width: '100%', mx: 'auto', display: 'grid', gap: 2.5, alignContent: 'start' }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          Train your eye
        </Typography>
        <Button component={Link} to="/logbook">
          Logbook
        </Button>
        <Button variant="contained" size="large" disabled={begin.isPending} onClick={() => begin.mutate()}>
          Start a round (5 min)
        </Button>
      </Box>
      {begin.error && <Alert severity="error">{begin.error.message}</Alert>}
      <Box sx={{ maxWidth: 760 }}>
        Twenty questions with your own paints: how far a stripe is thinned, how many coats there are, which colour is closer, whether
        something is buried. Use the screen you work with, in the light you work in.
      </Box>
      <Box
        component="ul"
        data-testid="eye-scores"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 2, gridTemplateColumns: 'repeat(auto-fit, minmax(240px, 1fr))' }}
      >
        {scores.map((score) => (
          <Box
            component="li"
            key={score.kind}
            sx={{
              bgcolor: 'background.paper',
              border: `1.5px solid ${bench.ink}`,
              borderRadius: '3px',
              p: 1.5,
              display: 'grid',
              gap: 0.75,
            }}
          >
            <Box component="h2" sx={{ m: 0, fontSize: 18 }}>
              {score.name}
            </Box>
            <Box sx={{ fontSize: 30, fontFamily: 'h1.fontFamily', fontWeight: 650 }}>
              {score.answered === 0 ? '–' : `${score.right} of ${score.answered}`}
            </Box>
            {score.inWords !== '' && <Box>{score.inWords}</Box>}
            {score.bias !== null && <Bias low={score.low ?? 0} bias={score.bias} high={score.high ?? 0} />}
          </Box>
        ))}
      </Box>
      <EyeWeeks scores={scores} />
    </Box>
  );
}

const most = 1.5;
const width = 210;

/** Where the bias lies nine times in ten, about none in the middle. */
function Bias({ low, bias, high }: { low: number; bias: number; high: number }) {
  const x = (steps: number) => width / 2 + (Math.max(-most, Math.min(most, steps)) / most) * (width / 2 - 8);
  return (
    <svg
      width={width}
      height="34"
      role="img"
      aria-label={`${bias} steps, nine times in ten from ${low} to ${high}`}
      style={{ maxWidth: '100%' }}
    >
      <path d={`M8 12H${width - 8}`} stroke={bench.line} strokeWidth="2" />
      <path d={`M${width / 2} 3v18`} stroke={bench.stone} strokeWidth="2" />
      <path d={`M${x(low)} 12H${x(high)}`} stroke={bench.verdigris} strokeWidth="7" />
      <circle cx={x(bias)} cy="12" r="6" fill={bench.ink} />
      <text x="8" y="33" fontSize="12" fill={bench.ink}>
        too little
      </text>
      <text x={width - 8} y="33" fontSize="12" textAnchor="end" fill={bench.ink}>
        too much
      </text>
    </svg>
  );
}
