import { useMutation } from '@tanstack/react-query';
import { answer, api, type Recipe } from '../../../api/api';

type Asked = { document: Recipe; finding: string; remedy: string };

/** Works out what a recipe would be after a remedy; nothing is changed by asking. An answer is for the recipe it was asked for. */
export function useRemedy(document: Recipe) {
  const { data, error, mutate, reset, variables } = useMutation({
    mutationFn: (asked: Asked) => answer(api.POST('/api/compute/remedy', { body: asked })),
  });
  const fresh = variables?.document === document;
  return {
    ask: (finding: string, remedy: string) => mutate({ document, finding, remedy }),
    asked: fresh ? variables.remedy : null,
    would: fresh ? data : undefined,
    error: fresh ? error : null,
    reset,
  };
}
