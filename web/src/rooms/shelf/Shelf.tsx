import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { answer, api, type Material, nothing } from '../../api/api';
import { keys } from '../../api/keys';
import { useSettings } from '../../api/useSettings';
import { bench, twoColumns } from '../../theme/theme';
import { askAgain, Failed, Loading } from '../../ui/Notice';
import { Pages } from '../../ui/Pages';
import { SearchField } from '../../ui/SearchField';
import { Swatch } from '../../ui/Swatch';
import { shelfTable, TakeTable } from '../../ui/TakeTable';
import { useLater } from '../../ui/useLater';
import { day, kinds } from '../../ui/words';
import { MaterialPanel } from './MaterialPanel';
import { ShelfTabs } from './ShelfTabs';
import { useStock } from './useStock';

/** The catalogue of materials: by kind on the left, one of them open on the right. */
export default function Shelf() {
  const queries = useQueryClient();
  const [archived, setArchived] = useState(false);
  const [query, setQuery] = useState('');
  const [page, setPage] = useState(1);
  const later = useLater(query);
  const asked = useSearchParams()[0].get('material');
  const [chosen, setChosen] = useState(asked);
  useEffect(() => setChosen((now) => asked ?? now), [asked]);
  const list = useQuery({
    queryKey: keys.materialList(later, archived, page),
    queryFn: () => answer(api.GET('/api/materials', { params: { query: { query: later, archived, page } } })),
    placeholderData: keepPreviousData,
  });
  const found = list.data?.materials.map((m) => m.material) ?? [];
  const listed = found.find((m) => m.id === chosen);
  /** What is open may stand on another page, or not match what is looked for. */
  const elsewhere = useQuery({
    queryKey: keys.material(chosen ?? ''),
    queryFn: () => answer(api.GET('/api/materials/{id}', { params: { path: { id: chosen ?? '' } } })),
    enabled: chosen !== null && list.isSuccess && !listed,
  });
  const settings = useSettings();
  const stock = new Map(useStock()?.map((l) => [l.material, l]));
  const search = (text: string) => {
    setQuery(text);
    setPage(1);
  };
  const choose = (material: Material) => {
    queries.setQueryData(keys.material(material.id), { material, archived }); // stays open whatever is looked for next
    setChosen(material.id);
  };
  const refresh = () => queries.invalidateQueries({ queryKey: keys.materials });
  const archive = useMutation({
    mutationFn: (id: string) =>
      answer(api.POST(archived ? '/api/materials/{id}/restore' : '/api/materials/{id}/archive', { params: { path: { id } }, ...nothing })),
    onSuccess: refresh,
  });
  const copy = useMutation({
    mutationFn: (material: Material) =>
      answer(api.POST('/api/materials', { body: { material: { ...material, name: `${material.name}, own` } } })),
    onSuccess: (made) => {
      void refresh();
      choose(made.material);
      search('');
    },
  });
  const error = list.error ?? settings.error;
  if (error) return <Failed error={error} retry={askAgain(list, settings)} />;
  if (!list.data || !settings.data) return <Loading what="the shelf" />;
  const groups = Object.keys(kinds).filter((k) => found.some((m) => m.kind === k));
  const there = elsewhere.data?.archived === archived ? elsewhere.data.material : undefined;
  const open = listed ?? there ?? (elsewhere.isLoading ? undefined : found[0]);
  const failed = archive.error ?? copy.error;

  return (
    <Box
      sx={{
        ...twoColumns('400px'),
      }}
    >
      <Box sx={{ borderRight: { md: 1 }, borderColor: { md: 'divider' }, display: 'flex', flexDirection: 'column', minHeight: 0 }}>
        <Box sx={{ p: 2, pb: 1 }}>
          <ShelfTabs at="materials" />
          <SearchField label="Search materials" value={query} onChange={search} />
          <FormControlLabel
            control={<Switch checked={archived} onChange={(e) => [setArchived(e.target.checked), setPage(1)]} />}
            label="Show archived"
          />
          <Box sx={{ color: 'text.secondary' }}>
            Export palette:
            <Button size="small" href="/api/palette.gpl">
              .gpl
            </Button>
            <Button size="small" href="/api/palette.csv">
              CSV
            </Button>
          </Box>
          <Box sx={{ color: 'text.secondary' }}>
            Export stock:
            <Button size="small" href="/api/stock.csv">
              CSV
            </Button>
            <TakeTable name="Import stock" table={shelfTable} onTaken={() => void queries.invalidateQueries()} />
          </Box>
        </Box>
        <Box key={page} tabIndex={0} role="group" aria-label="Materials" sx={{ overflowY: 'auto', px: 2, pb: 2 }}>
          {groups.length === 0 && <p>{archived ? 'Nothing archived' : 'No matches'}</p>}
          {groups.map((kind) => (
            <Box component="section" key={kind} sx={{ mb: 1.5 }}>
              <Typography variant="h3" component="h2" sx={{ borderBottom: `2px solid ${bench.ink}`, mb: 0.5 }}>
                {kinds[kind]}
              </Typography>
              {found
                .filter((m) => m.kind === kind)
                .map((m) => (
                  <Button
                    key={m.id}
                    fullWidth
                    color="inherit"
                    aria-current={m.id === open?.id}
                    onClick={() => choose(m)}
                    sx={{
                      justifyContent: 'flex-start',
                      gap: 1.25,
                      fontWeight: m.id === open?.id ? 700 : 500,
                      bgcolor: m.id === open?.id ? bench.chosen : undefined,
                      textAlign: 'left',
                    }}
                  >
                    <Swatch colour={m.look.colour ?? m.look.onWood ?? null} />
                    <span style={{ flex: 1, lineHeight: 1.2 }}>{m.name}</span>
                    <Left left={stock.get(m.id)} />
                  </Button>
                ))}
            </Box>
          ))}
          <Pages page={page} list={{ total: list.data.total, size: list.data.pageSize }} onPage={setPage} />
        </Box>
      </Box>
      <Box sx={{ overflowY: { md: 'auto' }, p: { xs: 2, md: 3 }, bgcolor: 'background.paper' }}>
        {failed && <Alert severity="error">{failed.message}</Alert>}
        {open ? (
          <MaterialPanel
            key={`${open.id}-${open.version}`}
            material={open}
            archived={archived}
            currency={settings.data.settings.currency}
            onSaved={() => void refresh()}
            onCopy={() => copy.mutate(open)}
            onArchive={() => archive.mutate(open.id)}
          />
        ) : (
          <Box sx={{ color: 'text.secondary' }}>Select a material</Box>
        )}
      </Box>
    </Box>
  );
}

type LeftOf = { amount: string; unit: string; useBy: string | null };

/** What is left of a material, and until when it keeps. */
function Left({ left }: { left: LeftOf | undefined }) {
  if (!left) return null;
  const isPast = left.useBy !== null && left.useBy < new Date().toISOString().slice(0, 10);
  return (
    <Box
      component="span"
      sx={{ fontSize: 14, fontWeight: 400, textAlign: 'right', color: isPast ? 'error.main' : 'text.secondary', flexShrink: 0 }}
    >
      {amount(left)}
      {left.useBy && (isPast ? `, past ${day(left.useBy)}` : `, by ${day(left.useBy)}`)}
    </Box>
  );
}

/** 2000 ml as 2 l. */
function amount({ amount, unit }: LeftOf): string {
  const n = Number(amount);
  return n >= 1000 ? `${Number((n / 1000).toFixed(2))} ${unit === 'ml' ? 'l' : 'kg'}` : `${amount} ${unit}`;
}
