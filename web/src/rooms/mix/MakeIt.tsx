import Typography from '@mui/material/Typography';
import type { Ingredient, Settings } from '../../api/api';
import { Choice, TextEntry } from '../../ui/Field';
import type { MeasuredBy, Wanted } from './useMixWork';

type Props = {
  ingredients: readonly Ingredient[];
  wanted: Wanted;
  setWanted: (wanted: Wanted) => void;
  cups: Settings['cups'];
  cup: string;
  setCup: (name: string) => void;
  by: MeasuredBy;
  setBy: (by: MeasuredBy) => void;
  wrong: string | undefined;
};

/** How much is to be made, and in which cup. */
export function MakeIt({ ingredients, wanted, setWanted, cups, cup, setCup, by, setBy, wrong }: Props) {
  return (
    <>
      <Typography variant="h3" component="h2">
        Amount
      </Typography>
      <Choice
        label="Amount is"
        value={'amount' in wanted ? 'amount' : wanted.material}
        options={[['amount', 'of the mix'] as const, ...ingredients.map((l) => [l.materialId, `all of my ${l.name}`] as const)]}
        onChange={(key) => setWanted(key === 'amount' ? { amount: '150 ml' } : { material: key, have: '100 ml' })}
      />
      {'amount' in wanted ? (
        <TextEntry
          label="Amount of the mix"
          value={wanted.amount}
          onChange={(amount) => setWanted({ amount })}
          help="for example 150 ml, 1 1/2 cup, 12 drops"
          error={wrong}
        />
      ) : (
        <TextEntry
          label="Amount I have"
          value={wanted.have}
          onChange={(have) => setWanted({ ...wanted, have })}
          help="for example 80 ml or 80 g"
          error={wrong}
        />
      )}
      <Choice
        label="Cup"
        value={cup}
        options={[['fits', 'smallest that fits'] as const, ...cups.map((c) => [c.name, c.name] as const)]}
        onChange={setCup}
      />
      <Choice
        label="Measure with"
        value={by}
        options={[
          ['anything', 'any tool'],
          ['drops', 'drops only'],
          ['weight', 'scale only'],
        ]}
        onChange={setBy}
      />
    </>
  );
}
