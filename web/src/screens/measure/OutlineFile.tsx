import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import {
  formatLength,
  outlineOfPoints,
  withOutline,
  type Loop,
  type Plan,
  type Point2,
} from '@tarnpass/core';
import { useState } from 'react';
import { editNow } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../../view/theme/palette';
import { FileBox, LARGEST, tooLarge } from '../../view/ui/FileBox';
import type { ImportAnswer } from '../../formats/import.worker';
import { LENGTH_UNITS } from '../../formats/units';
import { useImport } from './useImport';

type Drawing = Extract<ImportAnswer, { kind: 'drawing' }>;

/** The walls from a drawing: its largest closed outline, seen before it is taken, with what was passed over. */
export function OutlineFile({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const { busy, trouble, setTrouble, run, stop } = useImport();
  const [drawing, setDrawing] = useState<{ readonly name: string; readonly text: string }>();
  const [found, setFound] = useState<Drawing>();
  const trace = async (name: string, text: string, unit?: number) => {
    const answer = await run(name, { kind: 'drawing', name, text, ...(unit && { unit }) });
    // What each unit would make of it stays on show once one is chosen.
    setFound(
      (before) => answer && { ...answer, each: answer.each.length > 0 ? answer.each : (before?.each ?? []) },
    );
  };
  const open = async (file: File) => {
    setFound(undefined);
    setTrouble(tooLarge(file, LARGEST.drawing));
    if (file.size > LARGEST.drawing) return;
    const text = await file.text();
    setDrawing({ name: file.name, text });
    await trace(file.name, text);
  };
  const read = found?.read;
  const take = () => {
    if (!read?.ok) return;
    const made = outlineOfPoints(read.outline);
    if (!made.ok) return setTrouble(made.message);
    const issues = dispatch(
      editNow('Walls from a drawing', ({ space }) => [
        { path: ['space'], before: space, after: withOutline(space, made.corners) },
      ]),
    );
    setTrouble(issues[0]?.message);
    if (issues.length === 0) setFound(undefined);
  };
  const ignored = Object.entries(found?.ignored ?? {});
  const unit = found?.unit;
  const sizes = new Map(found?.each.map((one) => [one.unit, one.read]));
  const wordsOf = (word: string, by: number) => {
    const each = sizes.get(by);
    return each?.ok ? `${word}: ${sizeText(plan, each.outline)}` : word;
  };
  return (
    <FileBox
      title="Walls from a drawing"
      words="A DXF or SVG file; its largest closed outline becomes the walls."
      accept=".dxf,.svg,image/svg+xml"
      onFile={(file) => void open(file)}
      trouble={trouble ?? (read && !read.ok ? read.message : noneIn(found))}
      busy={busy}
      onStop={stop}
    >
      {found && drawing && (
        <Box sx={{ pt: 1 }}>
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
            <Typography sx={{ flex: 1 }}>
              {unit === undefined
                ? 'The file does not say its unit. How large is the room?'
                : 'One unit of it is'}
            </Typography>
            <NativeSelect
              value={unit === undefined ? '' : String(unit)}
              onChange={(event) => void trace(drawing.name, drawing.text, Number(event.target.value))}
              inputProps={{ 'aria-label': 'Unit of the drawing' }}
            >
              {unit === undefined && <option value="">choose</option>}
              {unit === undefined || LENGTH_UNITS.some(([, by]) => by === unit) ? null : (
                <option value={String(unit)}>{Number(unit.toPrecision(6))} mm, as the file says</option>
              )}
              {LENGTH_UNITS.map(([word, by]) => (
                <option key={word} value={String(by)}>
                  {wordsOf(word, by)}
                </option>
              ))}
            </NativeSelect>
          </Box>
          {read?.ok && (
            <>
              <Preview outline={read.outline} />
              <Typography>
                {read.outline.length} corners, {sizeText(plan, read.outline)}
                {read.others > 0 && `; ${read.others} smaller outlines left out`}.
              </Typography>
              <Typography variant="body2">{finenessText(plan, read)}</Typography>
            </>
          )}
          {ignored.length > 0 && (
            <Typography variant="body2">
              Passed over: {ignored.map(([kind, n]) => `${n} × ${kind}`).join(', ')}.
            </Typography>
          )}
          <Button variant="contained" disabled={!read?.ok} onClick={take} sx={{ mt: 1 }}>
            Draw these walls
          </Button>
        </Box>
      )}
    </FileBox>
  );
}

function sizeText({ units }: Plan, outline: readonly Point2[]): string {
  const size = (axis: 0 | 1) => Math.max(...outline.map((point) => point[axis]));
  return `${formatLength(size(0), units)} × ${formatLength(size(1), units, true)}`;
}

/** Why there is no outline, whatever the unit may be. */
function noneIn(found: Drawing | undefined): string | undefined {
  const [first] = found?.each ?? [];
  return found?.unit === undefined && first && !first.read.ok && found?.each.every(({ read }) => !read.ok)
    ? first.read.message
    : undefined;
}

/** How near the walls stay to what was drawn, and what that takes of the room. */
function finenessText({ units }: Plan, { drawnCorners, outline, tolerance, smaller }: Loop): string {
  if (drawnCorners <= outline.length && smaller < 1e-6) return 'Its corners are taken as they are drawn.';
  const within = `Curves are taken in straight walls, within ${formatLength(tolerance, units, true)} and never outside them`;
  return `${within}: the room is ${(100 * smaller).toFixed(2)} % smaller than drawn.`;
}

function Preview({ outline }: { outline: readonly Point2[] }) {
  const [wide, high] = [0, 1].map((axis) => Math.max(...outline.map((point) => point[axis]!))) as [
    number,
    number,
  ];
  const edge = 0.04 * Math.max(wide, high);
  return (
    <svg
      viewBox={`${-edge} ${-edge} ${wide + 2 * edge} ${high + 2 * edge}`}
      role="img"
      aria-label="The outline found"
      style={{ width: '100%', maxHeight: 220 }}
    >
      <polygon
        points={outline.map(([x, y]) => `${x},${high - y}`).join(' ')}
        fill={colour('tarnSoft')}
        stroke={colour('ink')}
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
