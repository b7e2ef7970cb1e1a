import Alert from '@mui/material/Alert';
import TextField from '@mui/material/TextField';
import { QRCodeSVG } from 'qrcode.react';

/** The address of a client link, told once: to be copied, or scanned. */
export function LinkMade({ url }: { url: string }) {
  return (
    <Alert severity="success" icon={false} sx={{ '& .MuiAlert-message': { width: '100%', display: 'grid', gap: 1 } }}>
      Copy it now. It isn’t shown again.
      <TextField value={url} slotProps={{ htmlInput: { readOnly: true, 'aria-label': 'The link' } }} onFocus={(e) => e.target.select()} />
      <QRCodeSVG value={url} size={132} title="Opens the link" />
    </Alert>
  );
}
