import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { QRCodeSVG } from 'qrcode.react';
import { useParams } from 'react-router';
import { answer, api } from '../../api/api';
import { keys } from '../../api/keys';
import { bench } from '../../theme/theme';
import { Failed, Loading } from '../../ui/Notice';
import { PrintPage } from '../../ui/PrintPage';
import { day, deferring } from '../../ui/words';

/** A label for a pot, to be printed: what is in it in words, when, until when, what for, and a code that opens it. */
export default function PotLabel() {
  const { id = '' } = useParams();
  const label = useQuery({
    queryKey: keys.potLabel(id),
    queryFn: async () => {
      const pot = await answer(api.GET('/api/pots/{id}', { params: { path: { id } } }));
      const recipe = pot.recipe ? await answer(api.GET('/api/recipes/{id}', { params: { path: { id: pot.recipe } } })) : null;
      return { pot, recipe };
    },
  });
  if (label.error) return <Failed error={label.error} retry={() => void label.refetch()} />;
  if (!label.data) return <Loading what="the label" />;
  const { pot, recipe } = label.data;
  const step = recipe?.document.steps.find((s) => s.id === pot.step);
  const cautions = [...new Set(pot.materials.flatMap((m) => m.cautions))];
  return (
    <PrintPage to={`/shelf/pots/${id}`} back="Back to pot">
      <Box
        data-testid="label"
        sx={{
          width: '100mm',
          minHeight: '62mm',
          border: `0.6mm solid ${bench.black}`,
          p: '4mm',
          display: 'grid',
          gridTemplateColumns: '1fr 26mm',
          gap: '4mm',
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ fontFamily: 'h1.fontFamily', fontWeight: 700, fontSize: '6.4mm', lineHeight: 1.1 }}>{pot.name}</Box>
          <Box sx={{ fontSize: '4mm', mt: '1.5mm', lineHeight: 1.25 }}>{pot.holds?.words ?? 'empty'}</Box>
          <Box sx={{ fontSize: '4mm', mt: '2mm' }}>
            mixed <b>{day(pot.madeAt)}</b>
            {pot.useBy && (
              <>
                , use by <b>{day(pot.useBy)}</b>
              </>
            )}
          </Box>
          {recipe && (
            <Box sx={{ fontSize: '3.8mm', mt: '1mm' }}>
              for {recipe.document.title}
              {step && `, “${step.title ?? step.technique}”`}
            </Box>
          )}
          {cautions.length > 0 && (
            <Box sx={{ fontSize: '3.2mm', mt: '2mm', lineHeight: 1.2 }}>
              {cautions.join(' ')} {deferring}
            </Box>
          )}
        </Box>
        <QRCodeSVG
          value={`${window.location.origin}/shelf/pots/${pot.id}`}
          size={256}
          title={`Opens ${pot.name}`}
          style={{ width: '26mm', height: '26mm' }}
        />
      </Box>
    </PrintPage>
  );
}
