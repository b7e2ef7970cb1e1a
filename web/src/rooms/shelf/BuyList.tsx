import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type RecipeSummary, type ShoppingLine } from '../../api/api';
import { bookOnce } from '../../api/bookOnce';
import { keys } from '../../api/keys';
import { useSettings } from '../../api/useSettings';
import { bench, twoColumns } from '../../theme/theme';
import { askAgain, Failed, Loading } from '../../ui/Notice';
import { SearchField } from '../../ui/SearchField';
import { Swatch } from '../../ui/Swatch';
import { useLater } from '../../ui/useLater';
import { money } from '../../ui/words';
import { ShelfTabs } from './ShelfTabs';

/** What is to be bought for the recipes that are ticked, done one after the other in the order in which they were. */
export default function BuyList() {
  const queries = useQueryClient();
  const settings = useSettings();
  const [picked, setPicked] = useState<readonly RecipeSummary[]>([]);
  const [query, setQuery] = useState('');
  const later = useLater(query);
  const recipes = useQuery({
    queryKey: keys.recipeSearch(later),
    queryFn: () => answer(api.GET('/api/recipes', { params: { query: { query: later } } })).then((found) => found.recipes),
    placeholderData: keepPreviousData,
  });
  const chosen = picked.map((r) => r.id);
  const list = useQuery({
    queryKey: keys.shoppingList(chosen),
    queryFn: () => answer(api.GET('/api/shopping', { params: { query: { recipes: chosen.join(',') } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  const buy = useMutation({
    mutationFn: async ({ materialId: id, packs }: ShoppingLine) => {
      const [first, ...more] = packs.map((pack) => ({ amount: pack.exact, count: pack.count }));
      if (!first) return;
      const body = { ...first, more };
      await bookOnce(['bought', id, body], (header) =>
        answer(api.POST('/api/stock/{id}/purchase', { params: { path: { id }, header }, body })),
      );
    },
    onSettled: () =>
      Promise.all([queries.invalidateQueries({ queryKey: keys.shopping }), queries.invalidateQueries({ queryKey: keys.stock })]),
  });
  const error = recipes.error ?? settings.error;
  if (error) return <Failed error={error} retry={askAgain(recipes, settings)} />;
  if (!recipes.data || !settings.data) return <Loading what="the list" />;
  const currency = settings.data.settings.currency;
  const lines = list.data?.lines ?? [];
  const short = lines.filter((l) => l.short !== null && l.price !== 0);
  const free = lines.filter((l) => l.short !== null && l.price === 0);
  const enough = lines.filter((l) => l.short === null);
  return (
    <Box
      sx={{
        ...twoColumns('400px'),
        '@media print': { display: 'block', height: 'auto' },
      }}
    >
      <Box
        sx={{
          p: 2,
          borderRight: { md: 1 },
          borderColor: { md: 'divider' },
          overflowY: { md: 'auto' },
          '@media print': { display: 'none' },
        }}
      >
        <ShelfTabs at="buy" />
        <Typography variant="h3" component="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
          Recipes, in order
        </Typography>
        <Box sx={{ my: 1.5 }}>
          <SearchField label="Find a recipe" value={query} onChange={setQuery} />
        </Box>
        {[...picked, ...recipes.data.filter((r) => !chosen.includes(r.id))].map((r) => (
          <FormControlLabel
            key={r.id}
            sx={{ display: 'flex', mr: 0 }}
            control={
              <Checkbox
                checked={chosen.includes(r.id)}
                onChange={(_, on) => setPicked(on ? [...picked, r] : picked.filter((p) => p.id !== r.id))}
              />
            }
            label={
              <>
                {chosen.includes(r.id) && <b>{chosen.indexOf(r.id) + 1}. </b>}
                {r.title}
              </>
            }
          />
        ))}
      </Box>
      <Box sx={{ p: { xs: 2, md: 3 }, bgcolor: 'background.paper', overflowY: { md: 'auto' } }}>
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mb: 1.5 }}>
          <Typography variant="h2" sx={{ flex: 1 }}>
            {chosen.length === 0
              ? 'Tick the recipes you’ll make next.'
              : short.length === 0
                ? 'Nothing to buy: stock covers it.'
                : `To buy, ${money(list.data?.price ?? null, currency)}`}
          </Typography>
          {chosen.length > 0 && (
            <Box sx={{ display: 'flex', gap: 1, '@media print': { display: 'none' } }}>
              <Button variant="outlined" href={`/api/shopping.csv?recipes=${chosen.join(',')}`}>
                Export list (CSV)
              </Button>
              <Button variant="outlined" onClick={() => window.print()}>
                Print
              </Button>
            </Box>
          )}
        </Box>
        {(list.error ?? buy.error) && <Alert severity="error">{(list.error ?? buy.error)?.message}</Alert>}
        <Box component="ul" data-testid="to-buy" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {chosen.length > 0 &&
            short.map((l) => (
              <Box
                component="li"
                key={l.materialId}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: '22px minmax(0, 1fr) 160px 90px 150px',
                  gap: 1.5,
                  alignItems: 'center',
                  py: 1,
                  borderBottom: `1px solid ${bench.line}`,
                }}
              >
                <Swatch colour={l.colour} />
                <span>
                  <b>{l.name}</b>
                  <span style={{ display: 'block', fontSize: 14, color: bench.slate }}>
                    {l.need.text} needed{l.inPots && `, ${l.inPots.text} in pots`}
                    {l.left && `, ${l.left.text} in stock`}
                    {l.enoughFor.length > 0 && `: enough for ${l.enoughFor.join(', ')}`}
                    {l.notEnoughFor.length > 0 && (l.left ? `; not for ${l.notEnoughFor.join(', ')}` : ` for ${l.notEnoughFor.join(', ')}`)}
                  </span>
                </span>
                <b>
                  {l.packs.length > 0 ? l.packs.map((p) => `${p.count} × ${p.size}`).join(' + ') : `${l.short?.text}, no pack size set`}
                </b>
                <span style={{ textAlign: 'right' }}>{l.price === null ? '' : money(l.price, currency)}</span>
                <Box sx={{ '@media print': { display: 'none' } }}>
                  {l.packs.length > 0 && (
                    <Button
                      variant="outlined"
                      disabled={buy.isPending}
                      onClick={() => buy.mutate(l)}
                      aria-label={`Mark as bought: ${l.name}`}
                    >
                      Mark as bought
                    </Button>
                  )}
                </Box>
              </Box>
            ))}
        </Box>
        {chosen.length > 0 && free.length > 0 && (
          <Box sx={{ mt: 2 }}>No cost: {free.map((l) => `${l.name} (${l.need.text})`).join(', ')}</Box>
        )}
        {chosen.length > 0 && enough.length > 0 && (
          <Box sx={{ mt: 2.5 }}>
            <Typography variant="h3" component="h2">
              In stock, enough
            </Typography>
            {enough
              .map((l) => `${l.name} (${l.need.text}${l.left ? ` of ${l.left.text}` : ''}${l.inPots ? `, ${l.inPots.text} in pots` : ''})`)
              .join(', ')}
          </Box>
        )}
      </Box>
    </Box>
  );
}
