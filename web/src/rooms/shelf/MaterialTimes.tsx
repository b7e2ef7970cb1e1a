import Button from '@mui/material/Button';
import type { Material } from '../../api/api';
import { Choice, NumberEntry, TimeEntry } from '../../ui/Field';
import { type FigureField, Figures, type FiguresProps, isSet } from './figures';

/** How a material dries and for how long it can be worked, as its label says. */
export function MaterialTimes({ edited, set, wrong }: FiguresProps) {
  const handling = (patch: Partial<Material['handling']>) => set({ handling: { ...edited.handling, ...patch } });
  const times = edited.handling.times;
  const time = (patch: Partial<NonNullable<Material['handling']['times']>>) => times && handling({ times: { ...times, ...patch } });
  const fields: readonly FigureField[] = [
    ...(times
      ? ([
          {
            figure: 'touch',
            isSet: false,
            field: (
              <TimeEntry label="Touch-dry" value={times.touch} onChange={(v) => time({ touch: v ?? 0 })} error={wrong('handling/times')} />
            ),
          },
          {
            figure: 'recoat',
            isSet: false,
            field: (
              <TimeEntry
                label="Recoat after"
                value={times.recoat}
                onChange={(v) => time({ recoat: v ?? 0 })}
                error={wrong('handling/times')}
              />
            ),
          },
          {
            figure: 'window',
            isSet: isSet(times.recoatMost),
            field: (
              <TimeEntry label="Recoat window ends" emptyAllowed value={times.recoatMost} onChange={(recoatMost) => time({ recoatMost })} />
            ),
          },
          {
            figure: 'through',
            isSet: false,
            field: (
              <TimeEntry
                label="Through-dry"
                value={times.through}
                onChange={(v) => time({ through: v ?? 0 })}
                error={wrong('handling/times')}
              />
            ),
          },
          {
            figure: 'cure',
            isSet: false,
            field: <TimeEntry label="Cured" value={times.cure} onChange={(v) => time({ cure: v ?? 0 })} error={wrong('handling/times')} />,
          },
        ] as const)
      : []),
    {
      figure: 'open',
      isSet: isSet(edited.handling.openTime),
      field: (
        <TimeEntry
          label="Open time"
          emptyAllowed
          value={edited.handling.openTime}
          onChange={(openTime) => handling({ openTime })}
          error={wrong('handling')}
        />
      ),
    },
    {
      figure: 'pot',
      isSet: isSet(edited.handling.potLife),
      field: (
        <TimeEntry
          label="Pot life"
          emptyAllowed
          value={edited.handling.potLife}
          onChange={(potLife) => handling({ potLife })}
          error={wrong('handling')}
        />
      ),
    },
    {
      figure: 'lowest',
      isSet: false,
      field: (
        <NumberEntry
          label="Minimum temperature"
          unit="°C"
          least={-30}
          value={edited.handling.lowestTemperature}
          onChange={(v) => handling({ lowestTemperature: v ?? 8 })}
          error={wrong('handling/lowestTemperature')}
        />
      ),
    },
    {
      figure: 'dries',
      isSet: false,
      field: (
        <Choice
          label="Dries by"
          value={edited.handling.dries}
          options={[
            ['losing-water', 'evaporation (water)'],
            ['losing-spirit', 'evaporation (solvent)'],
            ['oxidising', 'oxidation'],
            ['setting', 'setting'],
          ]}
          onChange={(dries) => handling({ dries })}
        />
      ),
    },
    {
      figure: 'rewets',
      isSet: false,
      field: (
        <Choice
          label="Re-wets when dry"
          value={edited.handling.rewets ? 'yes' : 'no'}
          options={[
            ['yes', 'yes'],
            ['no', 'no'],
          ]}
          onChange={(v) => handling({ rewets: v === 'yes' })}
        />
      ),
    },
  ];
  return (
    <Figures title="Drying times at 21 °C, 50 % humidity, normal coat" of={edited} fields={fields}>
      {!times && (
        <Button variant="outlined" onClick={() => handling({ times: { touch: 60, recoat: 240, through: 1440, cure: 20160 } })}>
          Add drying times
        </Button>
      )}
    </Figures>
  );
}
