/** What a stop needs to know of the studio: a recipe to look into, and a piece on the bench. */
export type Known = { recipe: string | null; run: string | null };
export type Stop = { to: (known: Known) => string | null; at?: string; title: string; words: string };

/** Where the tour leads; a stop that this studio has nothing for is left out. */
export const stops: readonly Stop[] = [
  {
    to: () => '/',
    at: 'main ul',
    title: 'The book',
    words:
      'Every recipe is a chip, painted as it will look in the end: flat, edges and pores. Nothing is typed in to have it so; it is reckoned from the layers.',
  },
  {
    to: ({ recipe }) => recipe && `/recipes/${recipe}`,
    at: '[role=listbox]',
    title: 'A recipe is a cut',
    words:
      'Bare wood lies below, the last coat on top, each as thick as it really is. Press a step to change it; amounts, drying, days and cost follow at once.',
  },
  {
    to: ({ recipe }) => recipe && `/recipes/${recipe}`,
    at: 'main canvas',
    title: 'How it will look',
    words:
      'Beside the cut is the face. Go back and on through the coats with [ and ], and see what each adds, and what a later one buries.',
  },
  {
    to: ({ recipe }) => recipe && `/recipes/${recipe}/piece`,
    at: 'main svg',
    title: 'The piece',
    words:
      'Measures give areas, tests tell an old finish, and every moving joint keeps account of its gap. From all of it comes the preparation, with reasons.',
  },
  {
    to: () => '/mix',
    at: 'main svg',
    title: 'The cup',
    words:
      'Any mixture for what you want or have, in measures you own. Pour to the marks. What cannot be measured that exactly is said, and by how much.',
  },
  {
    to: () => '/boards',
    title: 'Sample boards',
    words:
      'Before the piece, the board: one thing varied along, one down. Read the colours, compare, and the patch you choose goes into the recipe.',
  },
  {
    to: () => '/days',
    at: '[data-testid=next]',
    title: 'The days',
    words:
      'All pieces together over your hours: what to do now, what dries meanwhile, when each is ready, and what a fan or a Saturday would change.',
  },
  {
    to: ({ run }) => run && `/bench/${run}`,
    at: '[data-testid=act]',
    title: 'At the bench',
    words:
      'One step at a time, for wet gloves: space begins it and says it is done. Whatever is noted can be undone, and is kept even without a connection.',
  },
  {
    to: () => '/logbook',
    title: 'The logbook',
    words:
      'What was made against what was planned. The lesson goes into the next revision, and your own pace and drying into the next plan.',
  },
  {
    to: () => '/shelf',
    title: 'The shelf',
    words: 'The figures are typical of their class. Put in what your labels say: the label always decides.',
  },
  {
    to: () => '/settings',
    title: 'Make it yours',
    words:
      'Your hours, your measures and cups, and the schools you hold to. h tells what a room is for, ? shows all keys. That was the tour.',
  },
];
