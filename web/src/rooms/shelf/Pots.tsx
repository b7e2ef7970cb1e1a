import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { twoColumns } from '../../theme/theme';
import { Failed } from '../../ui/Notice';
import { SearchField } from '../../ui/SearchField';
import { useLater } from '../../ui/useLater';
import { PotPanel } from './PotPanel';
import { PotSection, usePotList } from './PotSection';
import { ShelfTabs } from './ShelfTabs';

/** The pots on the shelf: those with something in them first; one of them open on the right. */
export default function Pots() {
  const { id } = useParams();
  const [query, setQuery] = useState('');
  const later = useLater(query);
  const full = usePotList('', true, 1).data;
  const named = useQuery({
    queryKey: keys.pot(id),
    queryFn: () => answer(api.GET('/api/pots/{id}', { params: { path: { id: id ?? '' } } })),
    enabled: id !== undefined,
  });
  if (named.error) return <Failed error={named.error} retry={() => void named.refetch()} />;
  const open = id === undefined ? full?.pots[0] : named.data;
  return (
    <Box sx={twoColumns('400px')}>
      <Box sx={{ p: 2, borderRight: { md: 1 }, borderColor: { md: 'divider' }, overflowY: { md: 'auto' } }}>
        <ShelfTabs at="pots" />
        <Box sx={{ mb: 2 }}>
          <SearchField label="Find a pot" value={query} onChange={setQuery} />
        </Box>
        <PotSection key={`full ${later}`} title="In stock" query={later} inStock openId={open?.id} />
        <PotSection key={`empty ${later}`} title="Empty" query={later} inStock={false} openId={open?.id} />
        {full?.total === 0 && <p>No pot in stock. Mix something in Mix and save it as a pot.</p>}
      </Box>
      <Box sx={{ p: { xs: 2, md: 3 }, bgcolor: 'background.paper', overflowY: { md: 'auto' } }}>
        {open && <PotPanel key={open.id} pot={open} />}
      </Box>
    </Box>
  );
}
