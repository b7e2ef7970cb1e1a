import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, wrongIn } from '../api/api';
import { letIn } from '../api/lock';
import { Mark } from '../ui/Mark';
import { SecretField } from '../ui/SecretField';

/** Over whatever room was being opened, until the passphrase is given; the room stays as it is behind it. */
export default function LockedDoor() {
  const [passphrase, setPassphrase] = useState('');
  const enter = useMutation({ mutationFn: () => answer(api.POST('/api/lock', { body: { passphrase } })), onSuccess: letIn });
  return (
    <Dialog
      open
      fullScreen
      aria-labelledby="locked"
      slotProps={{ paper: { sx: { border: 0, borderRadius: 0, bgcolor: 'background.default' } } }}
    >
      <Box
        component="form"
        onSubmit={(e) => {
          e.preventDefault();
          enter.mutate();
        }}
        sx={{ m: 'auto', p: 3, width: '100%', maxWidth: 460, display: 'grid', gap: 2 }}
      >
        <Mark size={52} />
        <Typography variant="h1" id="locked">
          The studio is locked
        </Typography>
        <Typography>Enter the passphrase for this device. Your open work stays.</Typography>
        <SecretField label="Passphrase" value={passphrase} onChange={setPassphrase} known autoFocus />
        {enter.error && <Alert severity="error">{wrongIn(enter.error)}</Alert>}
        <Button type="submit" variant="contained" size="large" disabled={enter.isPending || passphrase === ''}>
          Unlock
        </Button>
        <Typography variant="body2" color="text.secondary">
          Forgotten? Run bin/console inlaid:passphrase on the computer that runs the studio.
        </Typography>
      </Box>
    </Dialog>
  );
}
