import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { lazy, Suspense, useEffect, useState, useSyncExternalStore } from 'react';
import { Link, NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { bench } from '../theme/theme';
import { Mark } from '../ui/Mark';
import { Loading } from '../ui/Notice';
import { onTour, stopNow } from '../ui/tourState';
import { isTyping } from '../ui/typing';
import { Boundary } from './Boundary';
import { rooms } from './rooms';
import { Shortcuts } from './Shortcuts';

const Palette = lazy(() => import('./Palette'));
const HelpDialog = lazy(() => import('./help/HelpDialog'));
const Tour = lazy(() => import('./tour/Tour'));

/** The frame around every room: the way between them, and the keys that lead there. */
export function Shell() {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [help, setHelp] = useState(false);
  const [about, setAbout] = useState(false);
  const tour = useSyncExternalStore(onTour, stopNow);
  const [reaching, setReaching] = useState(false);
  useEffect(() => {
    let going = false;
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        setReaching(true);
      }
      if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return;
      if (going) {
        const room = rooms.find((r) => r.key === event.key);
        going = false;
        if (room) {
          event.preventDefault();
          navigate(room.to);
        }
      } else if (event.key === 'g') going = true;
      else if (event.key === '?') setHelp(true);
      else if (event.key === 'h') setAbout(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate]);

  return (
    <Box sx={{ minHeight: '100vh', display: 'flex', flexDirection: 'column' }}>
      <Box
        component="header"
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: { xs: 0.5, sm: 2 },
          px: 2,
          height: 52,
          bgcolor: bench.ink,
          color: bench.paper,
          flexShrink: 0,
        }}
      >
        <Box
          component={Link}
          to="/"
          aria-label="Inlaid Recipe, go to Book"
          sx={{ display: 'flex', gap: 1.2, alignItems: 'center', color: 'inherit', textDecoration: 'none' }}
        >
          <Mark />
          <Box
            component="span"
            sx={{ fontFamily: 'h1.fontFamily', fontWeight: 650, fontSize: 18, whiteSpace: 'nowrap', display: { xs: 'none', md: 'inline' } }}
          >
            Inlaid Recipe
          </Box>
        </Box>
        <Box component="nav" aria-label="Rooms" sx={{ display: { xs: 'none', md: 'flex' }, height: '100%', ml: 2 }}>
          {rooms.map((room) => (
            <Box
              key={room.to}
              component={NavLink}
              to={room.to}
              end={room.to === '/'}
              sx={{
                color: bench.sand,
                textDecoration: 'none',
                px: { md: 1.5, lg: 2 },
                display: 'flex',
                alignItems: 'center',
                borderBottom: '4px solid transparent',
                borderTop: '4px solid transparent',
                '&.active': { borderBottomColor: bench.ochre, color: bench.white, fontWeight: 650 },
                '&:hover': { color: bench.white },
              }}
            >
              {room.name}
            </Box>
          ))}
        </Box>
        <RoomOf pathname={pathname} onGo={navigate} />
        <Box sx={{ flex: 1 }} />
        <Button color="inherit" onClick={() => setReaching(true)} aria-keyshortcuts="Control+K" sx={{ minWidth: 0, whiteSpace: 'nowrap' }}>
          Search
        </Button>
        <Button color="inherit" onClick={() => setAbout(true)} aria-keyshortcuts="h" sx={{ minWidth: 0, whiteSpace: 'nowrap' }}>
          Help
        </Button>
        <Button color="inherit" onClick={() => setHelp(true)} sx={{ minWidth: 0, display: { xs: 'none', sm: 'inline-flex' } }}>
          Shortcuts
        </Button>
      </Box>
      <Box component="main" sx={{ flex: 1, minHeight: 0, display: 'flex', flexDirection: 'column' }}>
        <Boundary at={pathname}>
          <Suspense fallback={<Loading what="the page" />}>
            <Outlet />
          </Suspense>
        </Boundary>
      </Box>
      {reaching && (
        <Suspense>
          <Palette onClose={() => setReaching(false)} />
        </Suspense>
      )}
      {about && (
        <Suspense>
          <HelpDialog onClose={() => setAbout(false)} />
        </Suspense>
      )}
      {tour !== null && (
        <Suspense>
          <Tour at={tour} />
        </Suspense>
      )}
      <Shortcuts open={help} onClose={() => setHelp(false)} />
    </Box>
  );
}

/** Where there is little room, on a phone or magnified: the room one is in, and by a press all others. */
function RoomOf({ pathname, onGo }: { pathname: string; onGo: (to: string) => void }) {
  const at = pathname.startsWith('/bench') ? '/days' : pathname;
  const here = rooms.find((room) => room.to !== '/' && at.startsWith(room.to)) ?? rooms[0];
  return (
    <Box
      component="select"
      aria-label="Go to"
      value={here.to}
      onChange={(e) => onGo((e.target as unknown as HTMLSelectElement).value)}
      sx={{
        display: { xs: 'block', md: 'none' },
        font: 'inherit',
        fontSize: 18,
        fontWeight: 650,
        color: bench.paper,
        bgcolor: bench.ink,
        border: `1.5px solid ${bench.stone}`,
        borderRadius: '3px',
        height: 44,
        px: 1,
        ml: 1,
      }}
    >
      {rooms.map((room) => (
        <option key={room.to} value={room.to}>
          {room.name}
        </option>
      ))}
    </Box>
  );
}
