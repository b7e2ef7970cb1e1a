import { useMutation } from '@tanstack/react-query';
import { answer, api, type Recipe } from '../../app/api';

type Asked = { finding: string; remedy: string };

/** Works out what a recipe would be after a remedy; nothing is changed by asking. */
export function useRemedy(document: Recipe) {
  return useMutation({ mutationFn: (asked: Asked) => answer(api.POST('/api/compute/remedy', { body: { document, ...asked } })) });
}
