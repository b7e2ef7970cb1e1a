import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Snackbar from '@mui/material/Snackbar';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api, nothing, type RecipeSummary } from '../../api/api';
import { keys } from '../../api/keys';
import { mostOffered, OfferDialog } from '../../recipe/OfferDialog';
import { ColourEntry } from '../../ui/ColourEntry';
import { Failed, Loading } from '../../ui/Notice';
import { Pages } from '../../ui/Pages';
import { SearchField } from '../../ui/SearchField';
import { startColours } from '../../ui/startColours';
import { useLater } from '../../ui/useLater';
import { isColour } from '../../ui/words';
import { ClientLinks } from './ClientLinks';
import { OpenFile } from './OpenFile';
import { RecipeChip } from './RecipeChip';
import { TourOffer } from './TourOffer';

/** All recipes as painted chips. */
export default function Book() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [query, setQuery] = useState('');
  const [near, setNear] = useState<string | null>(null);
  const [archived, setArchived] = useState(false);
  const [page, setPage] = useState(1);
  const [chosen, setChosen] = useState<readonly RecipeSummary[]>([]);
  const [offering, setOffering] = useState(false);
  const [putAway, setPutAway] = useState<RecipeSummary | null>(null);
  const later = useLater(query);
  const list = useQuery({
    queryKey: keys.recipeList(later, near, archived, page),
    queryFn: () =>
      answer(api.GET('/api/recipes', { params: { query: { query: later, archived, page, ...(near && isColour(near) ? { near } : {}) } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  const done = () => queries.invalidateQueries({ queryKey: keys.recipes });
  const duplicate = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/recipes/{id}/duplicate', { params: { path: { id } }, ...nothing })),
    onSuccess: (made) => navigate(`/recipes/${made.id}`),
  });
  const archive = useMutation({
    mutationFn: (r: RecipeSummary) =>
      answer(
        api.POST(r.archived ? '/api/recipes/{id}/restore' : '/api/recipes/{id}/archive', { params: { path: { id: r.id } }, ...nothing }),
      ),
    onSuccess: (_, r) => {
      setPutAway(r.archived ? null : r);
      void done();
    },
  });
  const failed = duplicate.error ?? archive.error;
  if (list.error && !list.data) return <Failed error={list.error} retry={() => void list.refetch()} />;

  return (
    <Box sx={{ p: { xs: 1.5, sm: 3 }, maxWidth: 1320, width: '100%', mx: 'auto' }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 2.5 }}>
        <Typography variant="h1" sx={{ mr: 1 }}>
          Book
        </Typography>
        <SearchField
          label="Search title, wood, technique or material"
          value={query}
          onChange={(text) => {
            setQuery(text);
            setPage(1);
          }}
        />
        <Box sx={{ width: 210 }}>
          <ColourEntry
            label="Similar colour"
            value={near}
            emptyAllowed
            onChange={(colour) => {
              setNear(colour);
              setPage(1);
            }}
            error={near && !isColour(near) ? `Enter a colour code, for example ${startColours.sage}` : undefined}
          />
        </Box>
        <FormControlLabel control={<Switch checked={archived} onChange={(e) => setArchived(e.target.checked)} />} label="Show archived" />
        <Box sx={{ flex: 1 }} />
        <OpenFile onTaken={(id) => (id ? navigate(`/recipes/${id}`) : done())} />
        <Button variant="contained" component={Link} to="/recipes/new">
          New recipe
        </Button>
      </Box>
      <TourOffer />
      <ClientLinks />
      {chosen.length > 0 && (
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 2 }}>
          <Button variant="outlined" onClick={() => setOffering(true)}>
            Show the client ({chosen.length})
          </Button>
          <span>{chosen.map((c) => c.title).join(' · ')}</span>
          <Button color="inherit" onClick={() => setChosen([])}>
            None
          </Button>
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
      {list.data && list.data.recipes.length === 0 && (
        <Box sx={{ p: 5, textAlign: 'center', border: '2px dashed', borderColor: 'divider', borderRadius: 1 }}>
          {later !== ''
            ? `No recipe matches “${later}”${near ? ' and that colour' : ''}`
            : near
              ? 'No recipe close to that colour'
              : archived
                ? 'Nothing archived'
                : 'No recipes yet. Create one or import a file.'}
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
            onChoose={(isChosen) => setChosen((all) => [...all.filter((c) => c.id !== r.id), ...(isChosen ? [r] : [])].slice(-mostOffered))}
            onDuplicate={() => duplicate.mutate(r.id)}
            onArchive={() => archive.mutate(r)}
          />
        ))}
      </Box>
      {list.data && <Pages page={page} list={{ total: list.data.total, size: list.data.pageSize }} onPage={setPage} />}
      {list.data && list.data.total > 0 && !near && (
        <Button sx={{ mt: 2 }} href={`/api/bundles/recipes.zip?${new URLSearchParams({ query: later, archived: String(archived) })}`}>
          {list.data.total === 1 ? 'Export this recipe' : `Export these ${list.data.total} recipes`} (.zip, with boards and photos)
        </Button>
      )}
      <Snackbar
        open={putAway !== null}
        autoHideDuration={9000}
        onClose={() => setPutAway(null)}
        message={`“${putAway?.title}” archived`}
        action={
          <Button color="inherit" onClick={() => putAway && archive.mutate({ ...putAway, archived: true })}>
            Undo
          </Button>
        }
      />
    </Box>
  );
}
