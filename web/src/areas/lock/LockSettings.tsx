import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, nothing, Problem } from '../../app/api';
import { SecretField } from './SecretField';

/** Who gets in from other machines. Where the program is on this one alone there is nothing to settle. */
export function LockSettings() {
  const queries = useQueryClient();
  const { data } = useQuery({ queryKey: ['lock'], queryFn: () => answer(api.GET('/api/lock')), staleTime: 0 });
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const onSuccess = () => queries.invalidateQueries({ queryKey: ['lock'] });
  const change = useMutation({
    mutationFn: () => answer(api.PUT('/api/lock', { body: { passphrase: now, next } })),
    onSuccess: () => {
      setNow('');
      setNext('');
      return onSuccess();
    },
  });
  const leave = useMutation({
    mutationFn: (all: boolean) => answer(api.DELETE('/api/lock', { body: { all } })),
    onSuccess: () => queries.invalidateQueries(),
  });
  const key = useMutation({ mutationFn: () => answer(api.POST('/api/lock/hygrometer', { ...nothing })), onSuccess });
  const end = useMutation({ mutationFn: () => answer(api.DELETE('/api/lock/hygrometer', { ...nothing })), onSuccess });
  if (!data?.needed) return null;
  const wrong = (field: string) =>
    change.error instanceof Problem ? change.error.violations.find((v) => v.pointer === `/${field}`)?.message : undefined;
  return (
    <Box component="section" sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="h2">Who gets in from other machines</Typography>
      <Typography>
        {data.devices === 1 ? 'This device has' : `${data.devices} devices have`} given the passphrase. One that is not used for a month
        gives it again.
      </Typography>
      <Box
        component="form"
        onSubmit={(e) => {
          e.preventDefault();
          change.mutate();
        }}
        sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { sm: '1fr 1fr auto' }, alignItems: 'start' }}
      >
        <SecretField label="Passphrase now" value={now} onChange={setNow} known error={wrong('passphrase')} />
        <SecretField label="Another passphrase" value={next} onChange={setNext} error={wrong('next')} />
        <Button type="submit" variant="outlined" sx={{ mt: '19px' }} disabled={now === '' || next === '' || change.isPending}>
          Change it
        </Button>
      </Box>
      {change.error && !wrong('passphrase') && !wrong('next') && <Alert severity="error">{change.error.message}</Alert>}
      {change.isSuccess && <Alert severity="success">Changed. Other devices must give the new one.</Alert>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="outlined" onClick={() => leave.mutate(false)}>
          Lock it on this device
        </Button>
        <Button variant="outlined" onClick={() => leave.mutate(true)}>
          Lock it on all devices
        </Button>
        <Button variant="outlined" disabled={key.isPending} onClick={() => key.mutate()}>
          {data.hygrometer ? 'Another key for hygrometers' : 'A key for hygrometers'}
        </Button>
        {data.hygrometer && (
          <Button color="inherit" onClick={() => end.mutate()}>
            End that key
          </Button>
        )}
      </Box>
      {key.data?.key && data.hygrometer && (
        <Alert severity="success">
          Copy it now, it is not shown again. A hygrometer sends it along as <code>Authorization: Bearer {key.data.key}</code>
        </Alert>
      )}
    </Box>
  );
}
