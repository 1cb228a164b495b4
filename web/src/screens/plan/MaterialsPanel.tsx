import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  freshId,
  MATERIAL_PRESETS,
  PANES,
  WEAKEST,
  type Change,
  type Material,
  type Plan,
  type Units,
} from '@tarnpass/core';
import { useState } from 'react';
import { makeEdit } from '../../state/job/edits';
import { Choice } from '../../view/numbers/Choice';
import { LengthField, NumberField, OptionalLengthField, TextField } from '../../view/numbers/Field';
import { useAppDispatch } from '../../state/slices/app';
import { AddMenu } from '../../view/ui/AddMenu';
import { Wrong } from '../../view/ui/Wrong';

/** What the job is cut from: each with the thickness of its name and the one that was measured. */
export function MaterialsPanel({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const [wrong, setWrong] = useState<string>();
  const change = (name: string, one: Change) => {
    const issues = dispatch(makeEdit({ name, changes: [one] }));
    const [first] = issues;
    // A material that something is made of is missed by that, not by the list.
    setWrong(
      first &&
        (/^There is no material/.test(first.message)
          ? 'Something is made of it: give that another material first.'
          : first.message),
    );
  };
  const add = (preset: Omit<Material, 'id'>) => {
    const id = freshId(preset.name, new Set(plan.materials.map((one) => one.id)));
    change(`Add ${preset.name}`, { path: ['materials', plan.materials.length], after: { ...preset, id } });
  };
  return (
    <Box sx={{ py: 1 }}>
      <Typography variant="body2" sx={{ pb: 1 }}>
        A name is off by up to a millimetre. Measure a sheet once, and all that is cut from it follows.
      </Typography>
      {plan.materials.map((material, i) => (
        <OneMaterial
          key={material.id}
          {...{ material, i }}
          units={plan.units}
          onTakeOut={() => change(`Take out ${material.name}`, { path: ['materials', i], before: material })}
        />
      ))}
      <Wrong>{wrong}</Wrong>
      <AddMenu
        words="Add a material"
        groups={[
          { words: 'Sheet', choices: presetsOf('sheet', add) },
          { words: 'Solid wood', choices: presetsOf('solid wood', add) },
          { words: 'Glass and mirror', choices: [...presetsOf('glass', add), ...presetsOf('mirror', add)] },
        ]}
      />
    </Box>
  );
}

interface MaterialProps {
  readonly material: Material;
  /** Its place in the plan. */
  readonly i: number;
  readonly units: Units;
  onTakeOut(): void;
}

const OneMaterial = ({ material, i, units, onTakeOut }: MaterialProps) => (
  <Box component="section" aria-label={material.name} sx={{ pb: 1.5 }}>
    <Box sx={{ display: 'flex', alignItems: 'center' }}>
      <Typography variant="h3" sx={{ color: 'text.secondary', flex: 1 }}>
        {material.name}
      </Typography>
      <Button size="small" aria-label={`Take out ${material.name}`} onClick={onTakeOut}>
        Take out
      </Button>
    </Box>
    <Box sx={{ columnWidth: 260, columnGap: 3 }}>
      <TextField
        label="Name"
        path={['materials', i, 'name']}
        name={`${material.name}: name`}
        value={material.name}
      />
      <LengthField
        label="Thick by its name"
        path={['materials', i, 'nominal']}
        name={`${material.name}: thickness by its name`}
        value={material.nominal}
        units={units}
      />
      <OptionalLengthField
        label="Thick as measured"
        path={['materials', i, 'measured']}
        name={`${material.name}: measured thickness`}
        value={material.measured}
        none={null}
        units={units}
      />
      <NumberField
        label="Density, kg/m³"
        path={['materials', i, 'density']}
        name={`${material.name}: density`}
        value={material.density}
        suffix=""
      />
      {material.kind === 'glass' || material.kind === 'mirror' ? (
        <Choice
          label="Made as"
          path={['materials', i, 'pane']}
          name={`${material.name}: made as`}
          value={material.pane ?? 'annealed'}
          options={PANES}
          meaning={(word) => word}
        />
      ) : (
        <>
          <NumberField
            label="Stiffness, GPa"
            path={['materials', i, 'stiffness']}
            name={`${material.name}: stiffness`}
            value={material.stiffness ?? WEAKEST[material.kind].stiffness}
            suffix=""
          />
          <NumberField
            label="Bears for years, MPa"
            path={['materials', i, 'strength']}
            name={`${material.name}: strength`}
            value={material.strength ?? WEAKEST[material.kind].strength}
            suffix=""
          />
        </>
      )}
    </Box>
  </Box>
);

const presetsOf = (kind: Material['kind'], add: (preset: Omit<Material, 'id'>) => void) =>
  MATERIAL_PRESETS.filter((one) => one.kind === kind).map((preset) => ({
    words: preset.name,
    act: () => add(preset),
  }));
