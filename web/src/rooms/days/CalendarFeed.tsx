import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, nothing } from '../../api/api';
import { keys } from '../../api/keys';
import { date } from '../../ui/words';

/** The plan for a calendar: once as a file, or at an address that a calendar program asks by itself. */
export function CalendarFeed() {
  const queries = useQueryClient();
  const { data } = useQuery({ queryKey: keys.feed, queryFn: () => answer(api.GET('/api/feed')), staleTime: 0 });
  const onSuccess = () => queries.invalidateQueries({ queryKey: keys.feed });
  const open = useMutation({ mutationFn: () => answer(api.POST('/api/feed', { ...nothing })), onSuccess });
  const close = useMutation({ mutationFn: () => answer(api.DELETE('/api/feed', { ...nothing })), onSuccess });
  return (
    <Box component="section" aria-label="Calendar" sx={{ display: 'grid', gap: 1, mt: 2 }}>
      <b>Calendar</b>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button href="/api/days.ics" size="small" variant="outlined">
          Download .ics
        </Button>
        <Button size="small" variant="outlined" disabled={open.isPending} onClick={() => open.mutate()}>
          {data?.since ? 'Replace address' : 'Subscribe'}
        </Button>
        {data?.since && (
          <Button size="small" color="inherit" onClick={() => close.mutate()}>
            Turn off
          </Button>
        )}
      </Box>
      {open.data?.address && data?.since ? (
        <Alert severity="success" data-testid="feed">
          Copy it now. It isn’t shown again: <code style={{ overflowWrap: 'anywhere' }}>{open.data.address}</code>
        </Alert>
      ) : (
        data?.since && (
          <span>
            Subscription active since {date(data.since)}. Anyone with this address can see the schedule, nothing else. Replacing it ends the
            old subscription.
          </span>
        )
      )}
    </Box>
  );
}
