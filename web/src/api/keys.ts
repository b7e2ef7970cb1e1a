/**
 * The names under which answers are remembered. A shorter name stands for all that begin with it: what changes a job forgets `keys.job(id)`
 * and with it its report.
 */
export const keys = {
  calculation: (name: string, question: string) => ['calculation', name, question],
  vocabulary: ['vocabulary'],
  usualNext: ['usual-next'],
  settings: ['settings'],
  lock: ['lock'],
  feed: ['feed'],
  stock: ['stock'],
  personalFactors: ['personal-factors'],
  tour: ['tour'],
  climate: (place: string | null) => ['hygrometer', place],
  eye: ['eye'],
  names: (query: string) => ['names', query],
  offers: ['offers'],
  clientPieces: (secret: string) => ['choose', secret],
  clientBoard: (secret: string | undefined) => ['look', secret],

  recipes: ['recipes'],
  recipeList: (asked: Readonly<Record<string, string>>, page: number) => ['recipes', 'list', asked, page],
  recipeFacets: (archived: boolean) => ['recipes', 'facets', archived],
  recipeSearch: (query: string) => ['recipes', 'search', query],
  painting: (id: string, at: string) => ['recipes', 'painting', id, at],
  recipe: ['recipe'],
  recipeOf: (id: string | null | undefined, what = 'draft', ...more: readonly unknown[]) => ['recipe', id, what, ...more],

  materials: ['materials'],
  allMaterials: ['materials', 'all'],
  materialList: (query: string, archived: boolean, page: number) => ['materials', 'list', query, archived, page],
  material: (id: string) => ['materials', id],
  learned: (material: string, version: number) => ['materials', 'learned', material, version],

  pots: ['pots'],
  potSearch: (query: string) => ['pots', 'search', query],
  potList: (query: string, inStock: boolean, page: number) => ['pots', 'list', query, inStock, page],
  pot: (pot: string | null | undefined) => ['pots', pot],
  potHistory: (pot: string, holds: string | undefined) => ['pots', pot, 'history', holds],
  potLabel: (pot: string) => ['pots', pot, 'label'],
  shopping: ['shopping'],
  shoppingList: (recipes: readonly string[]) => ['shopping', recipes],

  boards: ['boards'],
  boardList: (archived: boolean, page: number) => ['boards', 'list', archived, page],
  boardLists: ['boards', 'list'],
  measuredBoards: ['boards', 'list', 'measured'],
  board: (id: string | undefined, ...what: readonly unknown[]) => ['boards', id, ...what],
  variables: (recipe: unknown) => ['variables', recipe],

  days: ['days'],
  schedule: (asked: unknown) => ['days', asked],
  jobs: ['runs'],
  jobList: (...what: readonly unknown[]) => ['runs', ...what],
  job: (id: string | null | undefined, ...what: readonly unknown[]) => ['run', id, ...what],
};
