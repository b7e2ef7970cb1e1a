import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { PrintPage } from '../../ui/PrintPage';
import { date } from '../../ui/words';

/** A sheet for the client: until when the new finish is to be used gently, and how it is cared for. */
export default function Care() {
  const id = useParams().id ?? '';
  const care = useQuery({
    queryKey: keys.job(id, 'care'),
    queryFn: () => answer(api.GET('/api/runs/{id}/care', { params: { path: { id } } })),
  });
  if (care.error) return <Failed error={care.error} retry={() => void care.refetch()} />;
  if (!care.data) return <Loading what="the care sheet" />;
  const { title, until, cures, gentle } = care.data;
  return (
    <PrintPage to={`/logbook/${id}`} back="Back to the logbook" sx={{ maxWidth: 860, mx: 'auto', fontSize: 18 }}>
      <Box component="h1" sx={{ fontFamily: 'h1.fontFamily', fontSize: 34, m: 0, borderBottom: `3px solid ${bench.black}`, pb: 1 }}>
        {title}
      </Box>
      <Box component="h2" data-testid="until" sx={{ fontFamily: 'h1.fontFamily', fontSize: 26 }}>
        {until ? `Handle gently until ${date(until)}` : 'Handle gently (cure date not known)'}
      </Box>
      <p>The finish is dry but still hardening. Until then:</p>
      <ul>
        {gentle.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {cures.length > 0 && (
        <Box
          component="table"
          sx={{ borderCollapse: 'collapse', '& td, & th': { textAlign: 'left', pr: 3, py: 0.5, borderBottom: `1px solid ${bench.line}` } }}
        >
          <thead>
            <tr>
              <th>Product</th>
              <th>applied</th>
              <th>through-dry</th>
              <th>cured</th>
            </tr>
          </thead>
          <tbody>
            {cures.map((c) => (
              <tr key={c.name}>
                <td>{c.name}</td>
                <td>{date(c.laid)}</td>
                <td>{c.dry ? date(c.dry) : 'not known'}</td>
                <td>{c.cured ? date(c.cured) : 'not known'}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
      <Box component="h2" sx={{ fontFamily: 'h1.fontFamily', fontSize: 26 }}>
        After that
      </Box>
      <ul>
        {care.data.care.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </PrintPage>
  );
}
