import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import { formatLength, freshName, type MeshHulls, type Plan, type Thing } from '@tarnpass/core';
import { useState } from 'react';
import { selected } from '../../state/slices/viewSlice';
import { editNow } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { FileBox, LARGEST, tooLarge } from '../../view/ui/FileBox';
import { LENGTH_UNITS } from '../../formats/units';
import { useImport } from './useImport';

/** An obstacle from an STL or OBJ file, as the hulls of its parts, with how much they cover more than it. */
export function MeshFile({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const [file, setFile] = useState<File>();
  const [unit, setUnit] = useState(1);
  const [mesh, setMesh] = useState<MeshHulls>();
  const { busy, trouble, setTrouble, run, stop } = useImport();
  const open = async (chosen: File, by: number) => {
    setFile(chosen);
    setMesh(undefined);
    setTrouble(tooLarge(chosen, LARGEST.mesh));
    if (chosen.size > LARGEST.mesh) return;
    const bytes = await chosen.arrayBuffer();
    const answer = await run(chosen.name, { kind: 'mesh', name: chosen.name, bytes, unit: by });
    if (answer?.read.ok) setMesh(answer.read.mesh);
    else if (answer && !answer.read.ok) setTrouble(answer.read.message);
  };
  const say = (mm: number, withUnit = false) => formatLength(mm, plan.units, withUnit);
  const size = (axis: 0 | 1 | 2) => (mesh ? mesh.greatest[axis] - mesh.least[axis] : 0);
  const put = () => {
    if (!mesh || !file) return;
    const bare = file.name.replace(/\.[^.]*$/, '').slice(0, 60) || 'Obstacle';
    let id = '';
    const issues = dispatch(
      editNow(`Put in ${bare}`, (now) => {
        const names = freshName(now, 'imported', bare);
        id = names.id;
        const middle = (all: number, own: number) => ({ mm: Math.max(0, (all - own) / 2) });
        const thing: Thing = {
          ...names,
          kind: 'imported piece',
          x: middle(now.space.width.mm, size(0)),
          y: middle(now.space.depth.mm, size(1)),
          z: { mm: 0 },
          width: { mm: size(0) },
          depth: { mm: size(1) },
          height: { mm: size(2) },
          shape: {
            kind: 'hulls',
            hulls: mesh.hulls.map((hull) => hull.map(([x, y, z]): [number, number, number] => [x, y, z])),
            deviation: mesh.deviation.atMost,
            source: file.name.slice(0, 80),
          },
        };
        return [{ path: ['things', now.things.length], after: thing }];
      }),
    );
    setTrouble(issues[0]?.message);
    if (issues.length === 0) dispatch(selected(id));
  };
  return (
    <FileBox
      title="An obstacle"
      words="An STL or OBJ file; each loose part of it is taken to fill its hull, so it is never smaller than it is."
      accept=".stl,.obj"
      onFile={(chosen) => void open(chosen, unit)}
      trouble={trouble}
      busy={busy}
      onStop={stop}
    >
      {file && !busy && (mesh || trouble) && (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, pt: 1 }}>
          <Typography sx={{ flex: 1 }}>One unit of {file.name} is</Typography>
          <NativeSelect
            value={String(unit)}
            onChange={(event) => {
              setUnit(Number(event.target.value));
              void open(file, Number(event.target.value));
            }}
            inputProps={{ 'aria-label': 'Unit of the file' }}
          >
            {LENGTH_UNITS.map(([word, by]) => (
              <option key={word} value={String(by)}>
                {word}
              </option>
            ))}
          </NativeSelect>
        </Box>
      )}
      {mesh && (
        <Box sx={{ pt: 1 }}>
          <Typography>
            {say(size(0))} × {say(size(1))} × {say(size(2), true)}, {mesh.triangles} triangles in{' '}
            {mesh.hulls.length} {mesh.hulls.length === 1 ? 'part' : 'parts'}
            {mesh.left > 0 && `; ${mesh.left} flat parts left out`}.
          </Typography>
          <Typography sx={mesh.deviation.atMost > 1 ? { color: 'error.main' } : {}}>
            {mesh.deviation.atMost < 0.05
              ? 'The hulls are the very shape.'
              : `Hollows are filled: the hulls stand up to ${say(mesh.deviation.atMost, true)} out from it.`}
          </Typography>
          <Button variant="contained" onClick={put} sx={{ mt: 1 }}>
            Put it in
          </Button>
        </Box>
      )}
    </FileBox>
  );
}
