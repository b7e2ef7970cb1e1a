/** The rooms one can go to, in the order they stand in the frame, each with the key that leads there after "g". */
export const rooms = [
  { to: '/', name: 'Book', key: 'b' },
  { to: '/mix', name: 'Mix', key: 'm' },
  { to: '/boards', name: 'Boards', key: 'o' },
  { to: '/days', name: 'Days', key: 'd' },
  { to: '/logbook', name: 'Logbook', key: 'l' },
  { to: '/shelf', name: 'Shelf', key: 's' },
  { to: '/settings', name: 'Settings', key: 't' },
] as const;
