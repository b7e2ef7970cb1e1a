import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api, nothing, type RecipeSummary } from '../../api/api';
import { keys } from '../../api/keys';
import { mostOffered, OfferDialog } from '../../recipe/OfferDialog';
import { ColourEntry } from '../../ui/ColourEntry';
import { Choice } from '../../ui/Field';
import { Failed, Loading } from '../../ui/Notice';
import { Pages } from '../../ui/Pages';
import { SearchField } from '../../ui/SearchField';
import { startColours } from '../../ui/startColours';
import { useLater } from '../../ui/useLater';
import { isColour } from '../../ui/words';
import { ClientLinks } from './ClientLinks';
import { EmptyBook } from './EmptyBook';
import { OpenFile } from './OpenFile';
import { RecipeChip } from './RecipeChip';
import { TourOffer } from './TourOffer';

type Order = 'changed' | 'used' | 'title';

const orders: readonly (readonly [Order, string])[] = [
  ['changed', 'last changed'],
  ['used', 'last used'],
  ['title', 'title'],
];

/** Of what there is, by how many have it; what is chosen stays there when nothing has it any more. */
function facets(of: readonly { key: string; name: string; count: number }[] | undefined, chosen: string) {
  const all = (of ?? []).map((f) => [f.key, `${f.name} (${f.count})`] as const);
  return [['', 'any'] as const, ...all, ...(chosen === '' || all.some(([k]) => k === chosen) ? [] : [[chosen, chosen] as const])];
}

/** All recipes as painted chips. */
export default function Book() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [query, setQuery] = useState('');
  const [near, setNear] = useState<string | null>(null);
  const [archived, setArchived] = useState(false);
  const [wood, setWood] = useState('');
  const [how, setHow] = useState('');
  const [order, setOrder] = useState<Order>('changed');
  const [page, setPage] = useState(1);
  const [chosen, setChosen] = useState<readonly RecipeSummary[]>([]);
  const [offering, setOffering] = useState(false);
  const [putAway, setPutAway] = useState<readonly RecipeSummary[]>([]);
  const later = useLater(query);
  const asked = { query: later, archived: String(archived), ...(near && isColour(near) ? { near } : {}), wood, how, order };
  const list = useQuery({
    queryKey: keys.recipeList(asked, page),
    queryFn: () => answer(api.GET('/api/recipes', { params: { query: { ...asked, archived, page } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  const told = useQuery({
    queryKey: keys.recipeFacets(archived),
    queryFn: () => answer(api.GET('/api/recipe-facets', { params: { query: { archived } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  }).data;
  /** Whatever is looked for, it is looked for from the first page. */
  const anew =
    <T,>(set: (value: T) => void) =>
    (value: T) => {
      set(value);
      setPage(1);
    };
  const done = () => queries.invalidateQueries({ queryKey: keys.recipes });
  const duplicate = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/recipes/{id}/duplicate', { params: { path: { id } }, ...nothing })),
    onSuccess: (made) => navigate(`/recipes/${made.id}`),
  });
  const archive = useMutation({
    mutationFn: (of: readonly RecipeSummary[]) =>
      Promise.all(
        of.map((r) =>
          answer(
            api.POST(r.archived ? '/api/recipes/{id}/restore' : '/api/recipes/{id}/archive', {
              params: { path: { id: r.id } },
              ...nothing,
            }),
          ),
        ),
      ),
    onSuccess: (_, of) => {
      setPutAway(of.filter((r) => !r.archived));
      setChosen([]);
      void done();
    },
  });
  const failed = duplicate.error ?? archive.error;
  const isAsked = later !== '' || query !== '' || near !== null || wood !== '' || how !== '' || archived || list.isPlaceholderData;
  const empty = list.data?.total === 0 && !isAsked;
  if (list.error && !list.data) return <Failed error={list.error} retry={() => void list.refetch()} />;

  return (
    <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1320, width: '100%', mx: 'auto' }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 2.5 }}>
        <Typography variant="h1" sx={{ mr: 1 }}>
          Book
        </Typography>
        {!empty && <SearchField label="Search title, wood, technique or material" value={query} onChange={anew(setQuery)} />}
        <Box sx={{ flex: 1 }} />
        <OpenFile onTaken={(id) => (id ? navigate(`/recipes/${id}`) : done())} />
        <Button variant="contained" component={Link} to="/recipes/new">
          New recipe
        </Button>
      </Box>
      {!empty && (
        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(170px, 1fr))', gap: 1.5, mb: 2.5, alignItems: 'end' }}>
          <Choice label="Wood" value={wood} options={facets(told?.woods, wood)} onChange={anew(setWood)} />
          <Choice label="Finish" value={how} options={facets(told?.ways, how)} onChange={anew(setHow)} />
          <ColourEntry
            label="Similar colour"
            value={near}
            emptyAllowed
            onChange={anew(setNear)}
            error={near && !isColour(near) ? `Enter a colour code, for example ${startColours.sage}` : undefined}
          />
          <Choice label="Sort by" value={order} options={orders} onChange={anew(setOrder)} />
          <Choice
            label="Kept in"
            value={archived ? 'archive' : 'book'}
            options={[
              ['book', 'the book'],
              ['archive', 'the archive'],
            ]}
            onChange={(at) => {
              setChosen([]);
              anew(setArchived)(at === 'archive');
            }}
          />
        </Box>
      )}
      <TourOffer />
      <ClientLinks />
      {chosen.length > 0 && (
        <Box role="region" aria-label="Chosen" sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 2 }}>
          <Box sx={{ fontWeight: 650 }}>{chosen.length} chosen</Box>
          <Button variant="outlined" disabled={chosen.length > mostOffered} onClick={() => setOffering(true)}>
            {chosen.length > mostOffered ? `Show the client (${mostOffered} at most)` : 'Show the client'}
          </Button>
          <Button variant="outlined" href={`/api/bundles/recipes.zip?ids=${chosen.map((c) => c.id).join(',')}`}>
            Export
          </Button>
          <Button variant="outlined" onClick={() => archive.mutate(chosen)}>
            {archived ? 'Restore' : 'Archive'}
          </Button>
          <Button color="inherit" onClick={() => setChosen([])}>
            None
          </Button>
          <Box sx={{ color: 'text.secondary' }}>{chosen.map((c) => c.title).join(' · ')}</Box>
        </Box>
      )}
      {offering && (
        <OfferDialog
          looks={chosen.map((c) => ({ name: c.title, recipe: c.id }))}
          title={chosen[0]?.card.piece ?? ''}
          onClose={() => {
            setOffering(false);
            setChosen([]);
          }}
        />
      )}
      {failed && (
        <Alert severity="error" sx={{ mb: 2 }}>
          {failed.message}
        </Alert>
      )}
      {!list.data && <Loading what="the book" />}
      {empty && <EmptyBook onArchive={() => setArchived(true)} />}
      {!empty && list.data && list.data.recipes.length === 0 && (
        <Box sx={{ p: 5, textAlign: 'center', border: '2px dashed', borderColor: 'divider', borderRadius: 1 }}>
          {later !== ''
            ? `No recipe matches “${later}”${near ? ' and that colour' : ''}`
            : near
              ? 'No recipe close to that colour'
              : wood !== '' || how !== ''
                ? 'No recipe of that wood and finish'
                : 'Nothing archived'}
        </Box>
      )}
      <Box
        component="ul"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 2.5, gridTemplateColumns: 'repeat(auto-fill, minmax(270px, 1fr))' }}
      >
        {list.data?.recipes.map((r) => (
          <RecipeChip
            key={r.id}
            recipe={r}
            isChosen={chosen.some((c) => c.id === r.id)}
            onChoose={(isChosen) => setChosen((all) => [...all.filter((c) => c.id !== r.id), ...(isChosen ? [r] : [])])}
            onDuplicate={() => duplicate.mutate(r.id)}
            onArchive={() => archive.mutate([r])}
          />
        ))}
      </Box>
      {list.data && <Pages page={page} list={{ total: list.data.total, size: list.data.pageSize }} onPage={setPage} />}
      {list.data && list.data.total > 0 && (
        <Button sx={{ mt: 2 }} href={`/api/bundles/recipes.zip?${new URLSearchParams(asked)}`}>
          {list.data.total === 1 ? 'Export this recipe' : `Export these ${list.data.total} recipes`} (.zip, with boards and photos)
        </Button>
      )}
      <Snackbar
        open={putAway.length > 0}
        autoHideDuration={9000}
        onClose={() => setPutAway([])}
        message={putAway.length === 1 ? `“${putAway[0]?.title}” archived` : `${putAway.length} recipes archived`}
        action={
          <Button color="inherit" onClick={() => archive.mutate(putAway.map((r) => ({ ...r, archived: true })))}>
            Undo
          </Button>
        }
      />
    </Box>
  );
}
