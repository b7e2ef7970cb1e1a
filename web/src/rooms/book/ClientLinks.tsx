import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { answer, api, nothing } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { day } from '../../ui/words';

/** What clients were shown, and what they chose: a line each. */
export function ClientLinks() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const offers = useQuery({ queryKey: keys.offers, queryFn: () => answer(api.GET('/api/offers')), staleTime: 0 }).data?.offers ?? [];
  const close = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/offers/{id}/revoke', { params: { path: { id } }, ...nothing })),
    onSuccess: (list) => queries.setQueryData(keys.offers, list),
  });
  const take = useMutation({
    mutationFn: ({ id, label }: { id: string; label: string }) =>
      answer(api.POST('/api/offers/{id}/recipes', { params: { path: { id } }, body: { label } })),
    onSuccess: (made) => navigate(`/recipes/${made.recipe}`),
  });
  if (offers.length === 0) return null;
  return (
    <Box component="section" aria-label="Shown to clients" data-testid="offers" sx={{ mb: 2.5 }}>
      <Box component="h2" sx={{ fontSize: 17, m: 0, mb: 0.5 }}>
        Shown to clients
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {offers.map((offer) => {
          const chosen = offer.looks.find((l) => l.label === offer.choice);
          return (
            <Box
              component="li"
              key={offer.id}
              sx={{ borderTop: `1px solid ${bench.line}`, py: 0.5, display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}
            >
              <Box sx={{ flex: '1 1 320px' }}>
                <b>{offer.title}</b>:{' '}
                {chosen
                  ? `${offer.choice}, ${chosen.name}, chosen ${day(offer.chosenAt ?? offer.createdAt)}`
                  : `${offer.looks.map((l) => l.name).join(' · ')}, nothing chosen yet`}
                {offer.comment && <> “{offer.comment}”</>}
                {offer.open ? `, open until ${day(offer.expiresAt)}` : ', closed'}
              </Box>
              {chosen && (
                <Button
                  onClick={() =>
                    chosen.recipe ? navigate(`/recipes/${chosen.recipe}`) : take.mutate({ id: offer.id, label: chosen.label })
                  }
                >
                  {chosen.recipe ? 'Open the recipe' : 'Make it a recipe'}
                </Button>
              )}
              {offer.open && (
                <Button color="secondary" onClick={() => close.mutate(offer.id)} aria-label={`Close link to ${offer.title}`}>
                  Close link
                </Button>
              )}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
