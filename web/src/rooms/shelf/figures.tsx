import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Fragment, type ReactNode } from 'react';
import type { Material } from '../../api/api';
import { Folded } from '../../ui/Folded';
import { type Figure, figuresOf } from './figuresOf';

/** What every group of a material's figures is given: the material as edited, how to change it, and what is wrong with a field. */
export type FiguresProps = {
  edited: Material;
  set: (patch: Partial<Material>) => void;
  wrong: (field: string) => string | undefined;
};

export function Grid({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section">
      <Typography variant="h3" sx={{ mb: 1.25 }}>
        {title}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.25, gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))' }}>{children}</Box>
    </Box>
  );
}

export const isSet = (value: unknown) => value !== null && value !== undefined;

/** Of each figure what it is, whether it is set, and its field. */
export type FigureField = { figure: Figure; isSet: boolean; field: ReactNode };

/** The figures that such a material has, and whatever is set; the others behind a line. */
export function Figures({
  title,
  of,
  fields,
  children,
}: {
  title: string;
  of: Material;
  fields: readonly FigureField[];
  children?: ReactNode;
}) {
  const usual = figuresOf(of);
  const isSeen = ({ figure, isSet }: FigureField) => isSet || usual.has(figure);
  const rest = fields.filter((f) => !isSeen(f));
  const grid = { display: 'grid', gap: 1.25, gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))' };
  const more = rest.length > 0 && (
    <Folded title={rest.length < fields.length || children ? `More: ${title.toLowerCase().split(' at ')[0]}` : title}>
      <Box sx={grid}>
        {rest.map(({ figure, field }) => (
          <Fragment key={figure}>{field}</Fragment>
        ))}
      </Box>
    </Folded>
  );
  if (rest.length === fields.length && !children) return <Box component="section">{more}</Box>;
  return (
    <Grid title={title}>
      {children}
      {fields.filter(isSeen).map(({ figure, field }) => (
        <Fragment key={figure}>{field}</Fragment>
      ))}
      {more}
    </Grid>
  );
}

/** To hundredths, for percentages. */
export function round(value: number): number {
  return Math.round(value * 100) / 100;
}
