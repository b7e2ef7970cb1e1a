/** What a stop needs to know of the studio: a recipe to look into, and a piece on the bench. */
export type Known = { recipe: string | null; run: string | null };
export type Stop = { to: (known: Known) => string | null; at?: string; title: string; words: string };

/** Where the tour leads; a stop that this studio has nothing for is left out. */
export const stops: readonly Stop[] = [
  {
    to: () => '/',
    at: 'main ul',
    title: 'The book',
    words: 'Each card shows a recipe as the finished piece: flat areas, edges and pores. The look is calculated from the layers.',
  },
  {
    to: ({ recipe }) => recipe && `/recipes/${recipe}`,
    at: '[role=listbox]',
    title: 'A recipe in cross-section',
    words:
      'Bare wood is at the bottom, the last coat on top, each in its true thickness. Select a step to edit it. Amounts, ' +
      'drying, schedule and cost follow at once.',
  },
  {
    to: ({ recipe }) => recipe && `/recipes/${recipe}`,
    at: 'main canvas',
    title: 'How it will look',
    words:
      'The preview shows the look after each step. Move through the coats with [ and ]. You see what each step adds, and ' +
      'which later step buries it.',
  },
  {
    to: ({ recipe }) => recipe && `/recipes/${recipe}/piece`,
    at: 'main svg',
    title: 'The piece',
    words:
      'Measurements give areas, field tests identify an old finish, and clearance is tracked at every moving joint. The ' +
      'preparation follows from all of it, with reasons.',
  },
  {
    to: () => '/mix',
    at: 'main svg',
    title: 'The cup',
    words:
      'Any mix for the amount you want or have, in measures you own. Pour to the marks. If a measure can’t be that exact, you' +
      ' see the difference.',
  },
  {
    to: () => '/boards',
    title: 'Sample boards',
    words:
      'Try variants before you work on the piece: one variable for the columns, one for the rows. Read the colours, compare, ' +
      'and add the chosen patch to the recipe.',
  },
  {
    to: () => '/days',
    at: '[data-testid=next]',
    title: 'The days',
    words:
      'All jobs together over your hours: what to do now, what is drying, when each is ready, and what a fan or a Saturday would change.',
  },
  {
    to: ({ run }) => run && `/bench/${run}`,
    at: '[data-testid=act]',
    title: 'At the bench',
    words: 'One step at a time, for wet gloves. Space starts a step and marks it done. You can undo any entry. It works offline.',
  },
  {
    to: () => '/logbook',
    title: 'The logbook',
    words: 'As made against as planned. Use the lesson in the next revision, and your own pace and drying times in the next schedule.',
  },
  {
    to: () => '/shelf',
    title: 'The shelf',
    words: 'Figures are typical of their class. Enter those of your labels: the label always decides.',
  },
  {
    to: () => '/settings',
    title: 'Make it yours',
    words:
      'Your hours, your measuring tools and cups, and your practices. Press h for help on a page and ? for all shortcuts. ' +
      'That was the tour.',
  },
];
