import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '../../api/api';
import { useLines } from '../../api/useLines';
import { useSettings } from '../../api/useSettings';
import { useVocabulary } from '../../api/useVocabulary';
import { type Zone, zoneNames, zones } from '../../recipe/face/panel';
import { mostOffered, OfferDialog } from '../../recipe/OfferDialog';
import { FromBoard } from '../../recipe/TakeColour';
import { twoColumns } from '../../theme/theme';
import { ColourEntry } from '../../ui/ColourEntry';
import { Choice, NumberEntry } from '../../ui/Field';
import { Failed, Loading } from '../../ui/Notice';
import { startColours } from '../../ui/startColours';
import { isColour } from '../../ui/words';
import { Answer, Searching } from './Answer';
import { GroundPick } from './GroundPick';
import { firstGround, newPiece } from './newPiece';
import { PhotoZones } from './PhotoZones';
import { asked, noWish, type Proposal, type SearchLine } from './wish';

const photo = 'image/jpeg,image/png,image/webp';

/** A look is asked for; the finishes that come near it are found, each as a whole recipe. */
export default function AskForLook() {
  const navigate = useNavigate();
  const { data: vocabulary, error, refetch } = useVocabulary();
  const currency = useSettings().data?.settings.currency ?? '';
  const [ground, setGround] = useState(firstGround);
  const [wish, setWish] = useState(noWish);
  const [file, setFile] = useState<File | null>(null);
  const [taking, setTaking] = useState<Zone | null>(null);
  const [looking, setLooking] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const results = useRef<HTMLDivElement>(null);
  const piece = useMemo(() => vocabulary && newPiece(ground, vocabulary), [ground, vocabulary]);
  const search = useLines<SearchLine>('/api/finishes/search');
  const soFar = search.lines.findLast((l) => l.soFar)?.soFar ?? [];
  const answered = search.lines.findLast((l) => l.answer)?.answer ?? null;
  const [shown, setShown] = useState<readonly Proposal[]>([]);
  const [searchedOn, setSearchedOn] = useState(false);
  const [offering, setOffering] = useState(false);
  const open = useMutation({
    mutationFn: (proposal: Proposal) => answer(api.POST('/api/recipes', { body: { document: proposal.document } })),
    onSuccess: (made) => navigate(`/recipes/${made.id}`),
  });
  if (error && !vocabulary) return <Failed error={error} retry={() => void refetch()} />;
  if (!vocabulary || !piece) return <Loading what="the finishes" />;
  const give = (zone: Zone, colour: string | null) => setWish((w) => ({ ...w, colours: { ...w.colours, [zone]: colour } }));
  const question = asked(wish, piece);
  const find = (thorough: boolean) => {
    search.ask({ ...question, thorough });
    setSearchedOn(thorough);
    setShown([]);
  };
  return (
    <>
      <Box sx={twoColumns('400px')}>
        <Box
          component="form"
          onSubmit={(e) => {
            e.preventDefault();
            if (!question) return;
            find(false);
            results.current?.scrollIntoView({ block: 'start' });
          }}
          sx={{ display: 'grid', gap: 1.25, alignContent: 'start', p: 2, overflowY: { md: 'auto' }, bgcolor: 'background.paper' }}
        >
          <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
            <Typography variant="h1" sx={{ flex: 1, fontSize: 24 }}>
              The look
            </Typography>
            <Button component={Link} to="/recipes/new" size="small">
              All finishes
            </Button>
          </Box>
          {zones.map((zone) => (
            <Box key={zone} sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
              <Box sx={{ flex: 1 }}>
                <ColourEntry
                  label={zoneNames[zone]}
                  value={wish.colours[zone]}
                  emptyAllowed
                  onChange={(colour) => give(zone, colour)}
                  error={
                    wish.colours[zone] && !isColour(wish.colours[zone] ?? '')
                      ? `Enter a colour code, for example ${startColours.sage}`
                      : undefined
                  }
                />
              </Box>
              <Button onClick={() => setTaking(zone)} aria-label={`From a board for ${zoneNames[zone]}`}>
                Board
              </Button>
            </Box>
          ))}
          <Box>
            <input
              ref={input}
              type="file"
              accept={photo}
              hidden
              data-testid="look-photo"
              onChange={(e) => {
                const chosen = e.target.files?.[0];
                if (!chosen) return;
                setFile(chosen);
                setLooking(true);
                e.target.value = '';
              }}
            />
            <Button variant="outlined" onClick={() => input.current?.click()}>
              {file ? 'Another photo' : 'From a photo'}
            </Button>
            {file && (
              <Button sx={{ ml: 1 }} onClick={() => setLooking(true)}>
                Rings on the photo
              </Button>
            )}
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            <Choice
              label="The flat is"
              value={wish.lively}
              options={[
                ['any', 'as it comes'],
                ['even', 'even'],
                ['soft', 'soft, with a little movement'],
                ['broken', 'broken, well alive'],
              ]}
              onChange={(lively) => setWish({ ...wish, lively })}
            />
            <Choice
              label="Sheen"
              value={wish.sheen}
              options={[
                ['any', 'any'],
                ['matt', 'matt'],
                ['satin', 'satin'],
                ['gloss', 'gloss'],
              ]}
              onChange={(sheen) => setWish({ ...wish, sheen })}
            />
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            <GroundPick ground={ground} vocabulary={vocabulary} onChange={setGround} />
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            <FormControlLabel
              control={<Switch checked={wish.woodShows} onChange={(e) => setWish({ ...wish, woodShows: e.target.checked })} />}
              label="The wood shows"
            />
            <FormControlLabel
              control={<Switch checked={!wish.mayBuy} onChange={(e) => setWish({ ...wish, mayBuy: !e.target.checked })} />}
              label="Only from the shelf"
            />
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
            <NumberEntry
              label="Work at most"
              unit="h"
              emptyAllowed
              value={wish.hours}
              placeholder="any"
              onChange={(hours) => setWish({ ...wish, hours })}
            />
            <NumberEntry
              label="Cost at most"
              unit={currency}
              emptyAllowed
              value={wish.cost}
              placeholder="any"
              onChange={(cost) => setWish({ ...wish, cost })}
            />
          </Box>
          <Button type="submit" variant="contained" size="large" disabled={!question}>
            Find recipes
          </Button>
          {!question && <Box sx={{ color: 'text.secondary' }}>Give the flat areas a colour first.</Box>}
        </Box>
        <Box ref={results} sx={{ p: { xs: 1.5, sm: 2.5 }, overflowY: { md: 'auto' }, scrollMarginTop: '60px' }}>
          {(search.failed ?? open.error) && <Alert severity="error">{(search.failed ?? open.error)?.message}</Alert>}
          {search.busy && <Searching soFar={soFar} onStop={search.stop} />}
          {shown.length > 0 && (
            <Button variant="outlined" sx={{ mb: 1.5 }} onClick={() => setOffering(true)}>
              Show the client ({shown.length})
            </Button>
          )}
          {answered && !searchedOn && question && (
            <Button sx={{ mb: 1.5, mr: 1.5 }} onClick={() => find(true)}>
              Search on
            </Button>
          )}
          {answered && (
            <Answer
              answer={answered}
              colours={wish.colours}
              currency={currency}
              shown={shown.map((p) => p.family)}
              onShow={(proposal, isShown) =>
                setShown((all) => [...all.filter((p) => p.family !== proposal.family), ...(isShown ? [proposal] : [])].slice(-mostOffered))
              }
              onOpen={(proposal) => open.mutate(proposal)}
            />
          )}
          {!search.busy && !answered && !search.failed && (
            <Box sx={{ p: 5, textAlign: 'center', border: '2px dashed', borderColor: 'divider', borderRadius: 1 }}>
              Enter the colours of the look, or take them from a photo or a board. Then up to six whole recipes are found that are close to
              it.
            </Box>
          )}
        </Box>
      </Box>
      {offering && (
        <OfferDialog
          looks={shown.map(({ name, document }) => ({ name, document }))}
          title={piece.name}
          onClose={() => setOffering(false)}
        />
      )}
      {taking && (
        <FromBoard
          onClose={() => setTaking(null)}
          onTake={({ colour }) => {
            give(taking, colour);
            setTaking(null);
          }}
        />
      )}
      {looking && file && <PhotoZones file={file} colours={wish.colours} onGive={give} onClose={() => setLooking(false)} />}
    </>
  );
}
