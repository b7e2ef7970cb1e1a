export type RoomHelp = { at: RegExp; name: string; for: string; lines: readonly string[] };

/** What each room is for and what one does there first; the first whose address fits is the room. */
export const texts: readonly RoomHelp[] = [
  {
    at: /^\/recipes\/[^/]+\/piece$/,
    name: 'Piece',
    for: 'Survey the piece: what it is made of, what is on it, and what moves.',
    lines: [
      'Add a part from the shapes and enter its measurements. Faces and areas follow, and every amount follows from them.',
      'Do not guess an old finish. Enter the results of the field tests; the page identifies the finish, or names the test ' +
        'that helps most.',
      'Repairs and fields are places of their own: steps can be for them, and their look is compared with the rest.',
      'Drawers and doors have a clearance. The page tracks how much of it each coat takes.',
      'The preparation is on the right, each line with its reason. Add one line or all of them to the recipe.',
    ],
  },
  {
    at: /^\/recipes\/new\/look$/,
    name: 'From a look',
    for: 'From a look to whole recipes that are close to it.',
    lines: [
      'Give the flat areas a colour, and edges, recesses and pores where they are to differ: typed, from a photo, or from a board.',
      'On a photo put a ring on each place, and one on white paper or a grey card in it, so that its light is corrected. Or take ' +
        'the few colours that make up most of it.',
      'Each proposal is a whole recipe with its preparation. Slide between it and the look wanted; zones say in words how near they come.',
      '“If the glaze is left twice as long …” is what could go wrong. Of recipes that look the same the surest comes first.',
      'Tick up to four for the client: they get a link, see them painted, choose one and say why. The Book shows what they chose.',
    ],
  },
  {
    at: /^\/recipes\/new$/,
    name: 'New recipe',
    for: 'A wall of finishes, painted on the wood you choose.',
    lines: [
      'Choose the wood, what is on it now, and the wear it has to stand: only finishes that suit are shown.',
      'Press one: it becomes a whole recipe, with the preparation this wood needs and a clear coat where the finish needs one.',
      '“From a look or a photo” goes the other way: from what you want to see to the recipe.',
    ],
  },
  {
    at: /^\/recipes\//,
    name: 'Section',
    for: 'A recipe in cross-section: bare wood at the bottom, the last coat on top.',
    lines: [
      'Select a step to edit it on the right. “Add above” adds a step. Drag, or press Alt with the arrows, to move one. Delete ' +
        'removes it; undo is unlimited.',
      'A step can be for some parts, edges or recesses only, or for a share of them: a touch-up takes a tenth of the paint and the time.',
      'The preview shows flat areas, edges, recesses and pores after each step. Hold b for the step before, t for the target.',
      'Enter a ratio the way you write it: 1:3, 25 %, 40 ml to a litre. If it can mean two things, you choose.',
      'Findings show what will go wrong, the most serious first, each with a fix.',
      'The draft saves itself. A revision with a reason can’t change later, so you can always return to it.',
    ],
  },
  {
    at: /^\/mix/,
    name: 'Mix',
    for: 'Any mix, in measures you own, with the pour marks on your cup.',
    lines: [
      'Enter the ingredients and the ratio, and how much you want, or how much you have of one of them.',
      'The cup has a mark for each pour. If your measures can’t be that exact, you see the nearest whole measures and the difference.',
      'Correct a pot with the smallest addition, use up leftovers, make a strength ladder, match a colour, or pour on a scale.',
      'Nobody measured? Paint a stripe on a black-and-white card: the page says the ratio and what to add.',
    ],
  },
  {
    at: /^\/boards/,
    name: 'Boards',
    for: 'Try a recipe on small patches before you apply it to the piece.',
    lines: [
      'Choose what you want to find out, then one variable for the columns and one for the rows. Patches share pots, and rounds are ' +
        'timed.',
      'Apply the patches by the clock. A photo next to a grey card then gives their colours and the difference from the target.',
      'Send a client a link that shows only this board. Add the chosen patch to the recipe with one click.',
    ],
  },
  {
    at: /^\/days/,
    name: 'Days',
    for: 'All jobs on the bench, scheduled together over your working hours.',
    lines: [
      'Put a recipe on the bench. Enter its place, the earliest start and the day it is due.',
      'Your next tasks are at the top, each day with its free time below. Drying overnight follows the climate of the place.',
      'See what a helper, a Saturday, heat, a fan or one more coat would change. Nothing of that is saved.',
      '“Bench” opens a job one step at a time, for wet gloves.',
    ],
  },
  {
    at: /^\/bench\//,
    name: 'Bench',
    for: 'One step at a time, large enough for a wet glove.',
    lines: [
      'Space starts a step and marks it done. u undoes, n adds a note, e is for something else, c changes the plan, x skips the ' +
        'step, r logs a coat that is ready to recoat.',
      'Press “Ready to recoat” only if you saw the coat get dry: your drying times are learned from it. If you find it dry in' +
        ' the morning, don’t press it.',
      'Something else: choose what, where and with what. You see its look and amount before you apply it, and the recipe can ' +
        'take it later.',
      'After each pass of a repeated step you answer: done, or once more.',
      'The bench works offline. Entries wait on this device and sync when you are back online.',
    ],
  },
  {
    at: /^\/logbook\/eye$/,
    name: 'Train your eye',
    for: 'Five minutes of questions with your own paints, and what they say about your eye.',
    lines: [
      'Press an answer or its number. You see at once what it was; Enter goes on.',
      'From eight answers on you see whether you err to one side, and by how much. The Mix page reminds you where you read a pot by eye.',
    ],
  },
  {
    at: /^\/logbook\//,
    name: 'Job',
    for: 'How the job went, against its plan.',
    lines: [
      'Tick the changes that the recipe should adopt. They go into its draft.',
      'Write down the lesson and rate the result. You see both before you repeat the job.',
      'Compare it with another job, print the care sheet for the client, or repeat it with what is left in pots.',
    ],
  },
  {
    at: /^\/logbook/,
    name: 'Logbook',
    for: 'Every job, the latest first.',
    lines: [
      'Open a job to see what changed from its plan.',
      'Your figures are below: pace, drying times and consumption, learned from your log. Each has its own switch.',
      '“Train your eye” asks what you see: how thin, how many coats, which is closer.',
    ],
  },
  {
    at: /^\/shelf\/pots/,
    name: 'Pots',
    for: 'Mixed paint on the shelf, and how much is left.',
    lines: [
      'Every amount taken, added or discarded is recorded for good.',
      'A pot has a label with a code that opens it. Steps with the same mix find it.',
    ],
  },
  {
    at: /^\/shelf\/buy/,
    name: 'To buy',
    for: 'What several recipes need together, less what you have.',
    lines: ['Tick the recipes. Packs are chosen for the least waste. Export the list to a spreadsheet.'],
  },
  {
    at: /^\/shelf/,
    name: 'Shelf',
    for: 'Your materials with all their figures.',
    lines: [
      'Figures are typical of their class until you enter density, spread rate and times from your label. The label always decides.',
      'Enter what is left of an opened pack. It is used before you buy one. To count the whole shelf, paste a table from a spreadsheet.',
      'Each kind of material asks for what its label says. The other figures are behind “More”.',
      'What your boards show about a paint is next to its label data. A switch uses it.',
    ],
  },
  {
    at: /^\/settings/,
    name: 'Settings',
    for: 'Everything that applies to the whole studio.',
    lines: [
      'Start with your hours, your units, and the measuring tools and cups you own. All amounts are shown in those.',
      'Practices: where the trade disagrees, choose one. Each gives its reason, and a recipe can differ.',
      'Changes are saved as you make them, and Undo takes them back one by one.',
      'Export or import the whole studio at the bottom.',
    ],
  },
  {
    at: /^\/$/,
    name: 'Book',
    for: 'All recipes, each shown as the finished piece.',
    lines: [
      'Search by title, wood, technique or material. / moves to the search. Narrow the list by wood, finish or a similar colour.',
      'Open a recipe to see its layers. Copy one to start another from it. Tick several to archive, export or show them together.',
      'A new recipe starts with bare wood. “Import” adds recipes, and shows first what would change.',
    ],
  },
];

export const helpFor = (path: string) => texts.find((t) => t.at.test(path));
