import {
  buildScene,
  Look,
  newCarcass,
  newOnWall,
  newPart,
  newPlan,
  readPlan,
  sightOf,
  type Carcass,
  type Plan,
} from '@tarnpass/core';
import { median, timed, type Figures } from './figures';

const mm = (value: number) => ({ mm: value });
const CASES = 30;

/** A room of thirty cupboards with a door each along two walls, and a hidden door in a third. */
function roomWithHidden(): Plan {
  const empty: Plan = {
    ...newPlan('A room'),
    space: { width: mm(9600), depth: mm(6000), height: mm(2600), slopes: [] },
  };
  const carcasses = Array.from({ length: CASES }, (_, i): Carcass => {
    const north = i < CASES / 2;
    return {
      ...newCarcass(empty),
      id: `case-${i}`,
      name: `Case ${i + 1}`,
      faces: north ? 'south' : 'east',
      x: mm(north ? 100 + i * 620 : 600),
      y: mm(north ? 5500 : 5300 - (i - CASES / 2) * 330),
      width: mm(north ? 600 : 320),
      height: mm(1900),
    };
  });
  const withCases = { ...empty, carcasses };
  const parts = carcasses.map((on, i) => ({
    ...newPart(withCases, 'door', on),
    id: `door-${i}`,
    name: `Door ${i + 1}`,
  }));
  const read = readPlan({ ...withCases, parts: [...parts, newOnWall(withCases, 'hidden')] });
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.plan;
}

/** All that is seen past a hidden door of such a room, from where one stands and sits, nothing of it known before. */
export function measureSight(figures: Figures): void {
  const plan = roomWithHidden();
  const looks = sightOf(plan, buildScene(plan));
  if (looks.length < 2) throw new Error('Somebody stands and somebody sits before it.');
  const once = () => {
    for (const { eye, corners, bodies } of looks) Look.at(eye, corners)!.slits(bodies);
  };
  once();
  figures.note('sightMs', median(Array.from({ length: 9 }, () => timed(once))));
}
