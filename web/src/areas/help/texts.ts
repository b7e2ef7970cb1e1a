export type RoomHelp = { at: RegExp; name: string; for: string; lines: readonly string[] };

/** What each room is for and what one does there first; the first whose address fits is the room. */
export const texts: readonly RoomHelp[] = [
  {
    at: /^\/recipes\/[^/]+\/piece$/,
    name: 'Piece',
    for: 'The survey: what the piece is made of, what is on it already, and what moves.',
    lines: [
      'Add a part from the shapes and give its measures; its faces and areas are reckoned, and everything that is poured follows from them.',
      'Do not guess an old finish: say what the field tests showed, and the room tells what it is, or which test is still missing.',
      'A drawer or door that moves has a gap. The room keeps account of how much of it every coat takes.',
      'On the right is the preparation it asks for. Take a line into the recipe, or all of it; each has its reason.',
    ],
  },
  {
    at: /^\/recipes\//,
    name: 'Section',
    for: 'A recipe as a cut through its layers: bare wood below, the last coat on top.',
    lines: [
      'Press a step to open it on the right. “+ above” puts one in, dragging or Alt with the arrows moves it, Delete takes it out, and undo has no bottom.',
      'The face beside the cut shows how flat, edges, recesses and pores look after each step. Hold b for the step before, t for the target.',
      'Write a ratio as you say it: 1:3, 25 %, 40 ml to a litre. Where that can mean two things, both are shown and you choose.',
      '“To mind” lists what will go wrong, the gravest first, each with something that mends it at a press.',
      'The draft saves itself. “Keep as revision” fixes it, with a reason, so that you can come back to it.',
    ],
  },
  {
    at: /^\/mix/,
    name: 'Mix',
    for: 'Any mixture, in measures you own, with the cup to pour to.',
    lines: [
      'Say what goes in and in which ratio, and how much you want, or how much you have of one of them.',
      'The cup shows a mark for each pour. Where a spoon cannot be that exact, the nearest whole measures are found and it is said how far off they are.',
      'Put a pot right with the least that can be added, use leftovers up, make a ladder of shades, match a colour, or pour on a scale.',
    ],
  },
  {
    at: /^\/boards/,
    name: 'Boards',
    for: 'Sample boards: try a recipe on small patches before you do it on the piece.',
    lines: [
      'Choose a recipe and what is varied along and down: one thing each. The pots are shared and the rounds timed.',
      'Lay it by the clock, then read it: a photo beside a grey card gives the colours, and the target tells how far off they are.',
      'Send a client a link that shows this board and nothing else. The chosen patch goes into the recipe at a press.',
    ],
  },
  {
    at: /^\/days/,
    name: 'Days',
    for: 'All pieces on the bench, planned together over your working hours.',
    lines: [
      'Put a recipe on the bench and say where it stands, from when, and by when it is wanted.',
      'On top is what to do now. Below, each day line by line with its free gaps; what dries overnight dries by the air of its place.',
      'Try what a helper, a Saturday, heat, a fan or one coat more would change. Nothing is kept of that.',
      '“At the bench” opens the piece one step at a time, for wet gloves.',
    ],
  },
  {
    at: /^\/bench\//,
    name: 'Bench',
    for: 'One step at a time, big enough for a wet glove.',
    lines: [
      'Space begins a step and says it is done; u undoes, n notes, c does otherwise than planned, x leaves out, r says that a coat has just become dry.',
      'Press “Just become dry” only when you saw it become so: from that the program learns how things dry here. If you find it dry in the morning, leave it.',
      'A step that is repeated asks after each round whether it is so.',
      'Without a connection it goes on. What you note waits on this device and is kept later, once each.',
    ],
  },
  {
    at: /^\/logbook\//,
    name: 'A run',
    for: 'What was made, against what was planned.',
    lines: [
      'Tick what shall be planned so from now on, and it goes into the draft of the recipe.',
      'Write down the lesson and how it came out; both are told before it is done again.',
      'Look at another run beside it, print the care sheet for the client, or do it again from what is left.',
    ],
  },
  {
    at: /^\/logbook/,
    name: 'Logbook',
    for: 'Everything that was on the bench, the latest first.',
    lines: [
      'Open a run to see what was made otherwise than planned.',
      'Below is what your own log tells: how long you take, how things dry here, how far they go. Each can be reckoned with at a switch.',
    ],
  },
  {
    at: /^\/shelf\/pots/,
    name: 'Pots',
    for: 'What stands mixed on the shelf, and how much is left in it.',
    lines: [
      'Whatever is taken, added or thrown away is written down and never over.',
      'A pot has a label with a code that opens it. Steps that are laid with just its mix find it by themselves.',
    ],
  },
  {
    at: /^\/shelf\/buy/,
    name: 'To buy',
    for: 'What several recipes need together, less what is there.',
    lines: ['Tick the recipes; packs are chosen so that the least is left over. The list goes to a spreadsheet.'],
  },
  {
    at: /^\/shelf/,
    name: 'Shelf',
    for: 'Your materials with all their figures.',
    lines: [
      'The figures are typical of their class until you put in what your label says: density, spread rate, times. The label always decides.',
      'Say what is left of an opened pack; it is used before one is bought.',
      'What your boards say of a paint stands beside its label, and is used at a switch.',
    ],
  },
  {
    at: /^\/settings/,
    name: 'Settings',
    for: 'What holds in the whole studio.',
    lines: [
      'First your hours, your units, and the measures and cups you own: everything is told in those.',
      'Where the trade disagrees there are schools. Each says why, and a recipe can hold to another.',
      'At the bottom the whole studio is saved as one file, and taken in again.',
    ],
  },
  {
    at: /^\/$/,
    name: 'Book',
    for: 'All recipes, each a chip painted as it will look in the end.',
    lines: [
      'Search by title, wood, technique or material, or by a colour it is to come near. / leads to the search.',
      'Open one to see its layers; copy one to begin another from it; put away what is done with.',
      'A new recipe begins with bare wood. “Open a file” takes recipes in, and says first what it would do.',
    ],
  },
];

export const helpFor = (path: string) => texts.find((t) => t.at.test(path));
