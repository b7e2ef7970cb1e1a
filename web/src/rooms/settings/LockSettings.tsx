import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, nothing, Problem } from '../../api/api';
import { keys } from '../../api/keys';
import { SecretField } from '../../ui/SecretField';

/** Who gets in from other machines. Where the program is on this one alone there is nothing to settle. */
export function LockSettings() {
  const queries = useQueryClient();
  const { data } = useQuery({ queryKey: keys.lock, queryFn: () => answer(api.GET('/api/lock')), staleTime: 0 });
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const onSuccess = () => queries.invalidateQueries({ queryKey: keys.lock });
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
      <Typography variant="h2">Access from other devices</Typography>
      <Typography>
        {data.devices === 1 ? '1 device' : `${data.devices} devices`} unlocked. After a month without use a device asks again.
        {data.hygrometer && ' Replacing the hygrometer key stops the sensors that use the old one.'}
      </Typography>
      <Box
        component="form"
        onSubmit={(e) => {
          e.preventDefault();
          change.mutate();
        }}
        sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { sm: '1fr 1fr auto' }, alignItems: 'start' }}
      >
        <SecretField label="Current passphrase" value={now} onChange={setNow} known error={wrong('passphrase')} />
        <SecretField label="New passphrase" value={next} onChange={setNext} error={wrong('next')} />
        <Button type="submit" variant="outlined" sx={{ mt: '19px' }} disabled={now === '' || next === '' || change.isPending}>
          Change passphrase
        </Button>
      </Box>
      {change.error && !wrong('passphrase') && !wrong('next') && <Alert severity="error">{change.error.message}</Alert>}
      {change.isSuccess && <Alert severity="success">Passphrase changed. Other devices must enter the new one.</Alert>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button variant="outlined" onClick={() => leave.mutate(false)}>
          Lock this device
        </Button>
        <Button variant="outlined" onClick={() => leave.mutate(true)}>
          Lock all devices
        </Button>
        <Button variant="outlined" disabled={key.isPending} onClick={() => key.mutate()}>
          {data.hygrometer ? 'Replace hygrometer key' : 'Create hygrometer key'}
        </Button>
        {data.hygrometer && (
          <Button color="inherit" onClick={() => end.mutate()}>
            Revoke key
          </Button>
        )}
      </Box>
      {key.data?.key && data.hygrometer && (
        <Alert severity="success">
          Copy it now. It isn’t shown again. A hygrometer sends it as <code>Authorization: Bearer {key.data.key}</code>
        </Alert>
      )}
    </Box>
  );
}
