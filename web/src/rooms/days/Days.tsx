import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { keys } from '../../api/keys';
import { useSettings } from '../../api/useSettings';
import { useDays, useRunsOnBench } from '../../log/useBench';
import { twoColumns } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { day, minutes, moment } from '../../ui/words';
import { BenchPieces } from './BenchPieces';
import { DayCard } from './DayCard';
import { Expiring } from './Expiring';
import { NextUp } from './NextUp';
import { Trying } from './Trying';
import { askedOf, WhatIf, type Would } from './WhatIf';

/** All pieces on the bench over the days to come: what to do now and next, when each is ready, and what would be if. */
export default function Days() {
  const queries = useQueryClient();
  const [would, setWould] = useState<readonly Would[]>([]);
  const settings = useSettings();
  const runs = useRunsOnBench();
  const usual = useDays({});
  const asked = settings.data ? askedOf(would, settings.data.settings) : {};
  const tried = useDays(would.length === 0 ? {} : asked);
  const failed = usual.error ?? runs.error;
  if (failed && !usual.data) return <Failed error={failed} retry={() => void usual.refetch()} />;
  if (!usual.data || !runs.data || !settings.data) return <Loading what="the days" />;
  const plan = would.length > 0 && tried.data ? tried.data : usual.data;
  const { ownPace, ownDrying } = settings.data.settings;
  const own = [...(ownPace ? ['pace'] : []), ...(ownDrying ? ['drying'] : [])];
  const days = [...new Set(plan.works.flatMap((w) => w.stretches.map((s) => s.start.slice(0, 10))))].sort();
  return (
    <Box sx={twoColumns('380px')}>
      <Box sx={{ borderRight: { md: 1 }, borderColor: { md: 'divider' }, overflowY: { md: 'auto' }, p: 2 }}>
        <Typography variant="h1" sx={{ mb: 1.5 }}>
          Days
        </Typography>
        <BenchPieces plan={plan} runs={runs.data} settings={settings.data.settings} />
        <Expiring pots={usual.data.expires} />
      </Box>
      <Box
        sx={{ overflowY: { md: 'auto' }, p: { xs: 2, md: 3 }, bgcolor: 'background.paper', display: 'grid', gap: 2, alignContent: 'start' }}
      >
        {plan.works.length === 0 ? (
          <Box sx={{ p: 5, textAlign: 'center', border: '2px dashed', borderColor: 'divider', borderRadius: 1 }}>
            {plan.pieces.length === 0 ? 'No jobs yet. Start one from a recipe to schedule it.' : 'All steps done'}
          </Box>
        ) : (
          <>
            <NextUp plan={usual.data} />
            <Trying
              busy={would.length > 0 && tried.isFetching}
              onStop={() => {
                void queries.cancelQueries({ queryKey: keys.schedule(asked) });
                setWould([]);
              }}
            />
            <WhatIf would={would} onChange={setWould} usual={usual.data} tried={would.length > 0 ? tried.data : undefined} />
            {tried.error && would.length > 0 && <Alert severity="error">{tried.error.message}</Alert>}
            <Box data-testid="all-ready" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, alignItems: 'baseline' }}>
              <Typography variant="h2">{plan.end === null ? 'Not everything can be finished' : `All ready ${moment(plan.end)}`}</Typography>
              <span>
                {minutes(plan.handsOn)} hands-on{plan.besides > 0 && `, of it ${minutes(plan.besides)} tools and handling`}
              </span>
              {own.length > 0 && <span>Planned with your figures ({own.join(' and ')}).</span>}
              <span>
                {plan.end === null
                  ? ''
                  : plan.complete
                    ? 'This is the fastest order.'
                    : `At best ${plan.bound ? day(plan.bound) : ''}. Possibly faster orders not tried.`}
              </span>
            </Box>
            {days.map((date) => (
              <DayCard key={date} date={date} plan={plan} />
            ))}
          </>
        )}
      </Box>
    </Box>
  );
}
