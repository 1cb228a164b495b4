import { itemsOf, type Plan } from '@tarnpass/core';
import { planOf } from '../../testing/jobStore';
import { dimensionsOf } from './dimensions';
import { fitFrame } from './frame';
import type { Bounds } from './outline';
import { FROM_ABOVE, LOOKING, type Projection } from './projection';
import { cutOf, frontSight, planSight, sectionSight } from './views';

const plan = planOf('door');
const frameOf = (way: Projection, of: Plan = plan) =>
  fitFrame(way, of.space, [900, 700], 100, { left: 80, right: 80, top: 80, bottom: 80 });
const item = (id: string) => itemsOf(plan).find((one) => one.id === id);
const carcass = plan.carcasses[0]!;
const told = (way: Projection, id?: string) =>
  dimensionsOf(plan, id === undefined ? undefined : item(id), frameOf(way), 30).map(
    ({ name, mm, sets }) => [name, Math.round(mm), sets.kind] as const,
  );

describe('the dimensions of a view', () => {
  it('are the space’s own, those that the view looks at squarely', () => {
    expect(told(FROM_ABOVE)).toEqual([
      ["The space's width", 3000, 'space'],
      ["The space's depth", 2400, 'space'],
    ]);
    expect(told(LOOKING.east).map(([name]) => name)).toEqual(["The space's depth", "The space's height"]);
  });

  it('and of what is selected its size and how far it stands from west, south and floor', () => {
    const { x, y, width, depth } = carcass;
    // Its front faces north: its left front corner is its eastern one.
    expect(told(FROM_ABOVE, carcass.id).slice(2)).toEqual([
      [`Width of ${carcass.name}`, width.mm, 'size'],
      [`Depth of ${carcass.name}`, depth.mm, 'size'],
      [`${carcass.name} from the west`, x.mm - width.mm, 'offset'],
      ...(y.mm - depth.mm > 0.5 ? [[`${carcass.name} from the south`, y.mm - depth.mm, 'offset']] : []),
    ]);
    expect(told(LOOKING.south, carcass.id).map(([name]) => name)).toContain(`Height of ${carcass.name}`);
    expect(told(FROM_ABOVE, 'space')).toHaveLength(2);
  });

  it('and none of them lies under what rides on what is selected', () => {
    const frame = frameOf(FROM_ABOVE);
    const across = (shut?: Bounds) =>
      dimensionsOf(plan, item(carcass.id), frame, 30, shut).find(({ key }) => key === 'size 0')!.from[1];
    const bare = across();
    const shut = { x: 300, y: bare - 10, width: 40, height: 200 };
    expect(across(shut) < shut.y || across(shut) > shut.y + shut.height).toBe(true);
  });

  it.each(Object.entries({ above: FROM_ABOVE, ...LOOKING }))(
    '%s: each line is as long as its figure',
    (_, way) => {
      const frame = frameOf(way);
      for (const { from, to, mm } of dimensionsOf(plan, item(carcass.id), frame, 30))
        expect(Math.hypot(from[0] - to[0], from[1] - to[1]) / frame.scale).toBeCloseTo(mm, 6);
    },
  );
});

describe('the views of the sheet', () => {
  it('a plan is cut at about a worktop’s height, or half way up what is lower', () => {
    expect(planSight(plan)).toMatchObject({ cut: 1000, words: 'cut at 1000 mm' });
    const low = { ...plan, space: { ...plan.space, height: { mm: 1200 } } };
    expect(planSight(low).cut).toBe(600);
  });

  it('a front looks at what is selected, a section across it, through its middle until a hand puts it elsewhere', () => {
    // It faces north: one looks south to see it.
    expect(frontSight(plan, item(plan.parts[0]!.id)).look).toBe('south');
    expect(cutOf(plan, item(plan.parts[0]!.id), null)).toEqual({
      look: 'east',
      at: carcass.x.mm - carcass.width.mm / 2,
    });
    expect(cutOf(plan, undefined, { look: 'west', at: 77 })).toEqual({ look: 'west', at: 77 });
    expect(sectionSight(plan, { look: 'east', at: 500 })).toMatchObject({
      words: 'looking east, 500 mm from the west',
      cut: -500,
    });
  });
});
