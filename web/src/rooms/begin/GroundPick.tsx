import type { Vocabulary } from '../../api/api';
import { Choice } from '../../ui/Field';
import type { Ground } from './newPiece';

/** What it is made of, what lies on it and what it has to stand. */
export function GroundPick({
  ground,
  vocabulary,
  onChange,
}: {
  ground: Ground;
  vocabulary: Vocabulary;
  onChange: (ground: Ground) => void;
}) {
  return (
    <>
      <Choice
        label="Wood"
        value={ground.species}
        options={vocabulary.species.map((s) => [s.name, s.name] as const)}
        onChange={(species) => onChange({ ...ground, species })}
      />
      <Choice
        label="On it now"
        value={ground.old}
        options={[
          ['bare', 'bare wood'],
          ['varnish', 'sound varnish'],
          ['paint', 'sound paint'],
        ]}
        onChange={(old) => onChange({ ...ground, old })}
      />
      <Choice
        label="Wear"
        value={ground.wear}
        options={[
          ['light', 'light'],
          ['daily', 'daily use'],
          ['hard', 'hard use'],
        ]}
        onChange={(wear) => onChange({ ...ground, wear })}
      />
    </>
  );
}
