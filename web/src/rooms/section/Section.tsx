import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { useMaterials } from '../../api/useMaterials';
import { useSettings } from '../../api/useSettings';
import { useVocabulary } from '../../api/useVocabulary';
import { askAgain, Failed, Loading } from '../../ui/Notice';
import { SectionRoom } from './SectionRoom';

/** Opens a recipe and everything its room needs. */
export default function Section() {
  const { id = '', room } = useParams();
  const recipe = useQuery({
    queryKey: keys.recipeOf(id),
    queryFn: () => answer(api.GET('/api/recipes/{id}', { params: { path: { id } } })),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const vocabulary = useVocabulary();
  const materials = useMaterials();
  const settings = useSettings();
  const error = recipe.error ?? vocabulary.error ?? materials.error ?? settings.error;
  if (error) {
    return <Failed error={error} retry={askAgain(recipe, vocabulary, materials, settings)} />;
  }
  if (!recipe.data || !vocabulary.data || !materials.data || !settings.data) return <Loading what="the recipe" />;
  return (
    <SectionRoom
      key={recipe.data.id}
      opened={recipe.data}
      vocabulary={vocabulary.data}
      shelf={materials.data}
      currency={settings.data.settings.currency}
      room={room === 'piece' ? 'piece' : 'section'}
    />
  );
}
