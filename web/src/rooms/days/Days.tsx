import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Settings } from '../../api/api';
import { keys } from '../../api/keys';
import { useSettings } from '../../api/useSettings';
import { useDays, useRunsOnBench, useRunWork } from '../../log/useBench';
import { Failed, Loading } from '../../ui/Notice';
import { RecipePick } from '../../ui/RecipePick';
import { day, minutes, moment } from '../../ui/words';
import { BenchPieces } from './BenchPieces';
import { CalendarFeed } from './CalendarFeed';
import { DayCard } from './DayCard';
import { Expiring } from './Expiring';
import { NextUp } from './NextUp';
import { PlanDrawing } from './PlanDrawing';
import { Trying } from './Trying';
import { askedOf, WhatIf, type Would } from './WhatIf';

/** All pieces on the bench over the days to come: what to do now and next, when each is ready, and what would be if. */
export default function Days() {
  const queries = useQueryClient();
  const [would, setWould] = useState<readonly Would[]>([]);
  const settings = useSettings();
  const runs = useRunsOnBench();
  const { put } = useRunWork();
  const [open, setOpen] = useState<Record<string, boolean>>({});
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
  const isTried = would.length > 0 && tried.data !== undefined;
  const hours = asked.context?.hours;
  const drawn = { ...settings.data.settings, ...(hours ? { hours: hours as Settings['hours'] } : {}) };
  const isOpen = (date: string) => open[date] ?? date === days[0];
  const show = (date: string) => {
    setOpen({ ...open, [date]: true });
    requestAnimationFrame(() => document.querySelector(`[data-day="${date}"]`)?.scrollIntoView({ block: 'nearest' }));
  };
  return (
    <Box sx={{ height: { md: 'calc(100vh - 52px)' }, overflowY: { md: 'auto' }, p: 2, display: 'grid', gap: 1.5, alignContent: 'start' }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
        <Typography variant="h1">Days</Typography>
        <Box data-testid="all-ready" sx={{ flex: '1 1 420px' }}>
          <Typography variant="h2" component="p">
            {plan.pieces.length === 0 ? '' : plan.end === null ? 'Not everything can be finished' : `All ready ${moment(plan.end)}`}
          </Typography>
          {plan.works.length > 0 && (
            <span>
              {minutes(plan.handsOn)} hands-on{plan.besides > 0 && `, of it ${minutes(plan.besides)} tools and handling`}.{' '}
              {own.length > 0 && `Planned with your figures (${own.join(' and ')}). `}
              {plan.end !== null &&
                (plan.complete
                  ? 'This is the fastest order.'
                  : `At best ${plan.bound ? day(plan.bound) : ''}. Possibly faster orders not tried.`)}
            </span>
          )}
        </Box>
        <Box sx={{ width: 330 }}>
          <RecipePick label="Start a job from" onPick={(recipe) => put.mutate({ recipe: recipe.id })} />
        </Box>
      </Box>
      {put.error && <Alert severity="error">{put.error.message}</Alert>}
      {plan.works.length === 0 ? (
        <Box sx={{ p: 5, textAlign: 'center', border: '2px dashed', borderColor: 'divider', borderRadius: 1 }}>
          {plan.pieces.length === 0 ? 'No jobs yet. Start one from a recipe to schedule it.' : 'All steps done'}
        </Box>
      ) : (
        <>
          <NextUp plan={usual.data} />
          <WhatIf would={would} onChange={setWould} usual={usual.data} tried={isTried ? tried.data : undefined} />
          <Trying
            busy={would.length > 0 && tried.isFetching}
            onStop={() => {
              void queries.cancelQueries({ queryKey: keys.schedule(asked) });
              setWould([]);
            }}
          />
          {tried.error && would.length > 0 && <Alert severity="error">{tried.error.message}</Alert>}
          <PlanDrawing plan={plan} usual={isTried ? usual.data : null} runs={runs.data} settings={drawn} onDay={show} />
        </>
      )}
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 400px' }, alignItems: 'start' }}>
        <Box sx={{ display: 'grid', gap: 1 }}>
          {days.map((date) => (
            <DayCard key={date} date={date} plan={plan} open={isOpen(date)} onOpen={(o) => setOpen({ ...open, [date]: o })} />
          ))}
          {days.some((date) => !isOpen(date)) && (
            <Button
              size="small"
              sx={{ justifySelf: 'start' }}
              onClick={() => setOpen(Object.fromEntries(days.map((date) => [date, true])))}
            >
              Open all days
            </Button>
          )}
        </Box>
        <Box sx={{ display: 'grid', gap: 1 }}>
          <BenchPieces plan={plan} runs={runs.data} settings={settings.data.settings} />
          <Expiring pots={usual.data.expires} />
          <CalendarFeed />
        </Box>
      </Box>
    </Box>
  );
}
