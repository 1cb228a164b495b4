import { EXISTING_KINDS } from '../existing/kinds';
import { newExisting, newPlan, newThing } from '../plan/fresh';
import type { Plan } from '../plan/schema';
import { SIGHT_KINDS, THING_KINDS, ZONE_KINDS } from '../things/schema';
import { dimensionsOf } from './dimensions';

const room = newPlan('A room');
const of = (plan: Plan, item: string) => dimensionsOf(plan).filter((one) => one.item === item);

describe('which reading governs, by what the dimension does', () => {
  it.each(EXISTING_KINDS)('a %s moves: its farthest reach', (kind) => {
    const made = newExisting(room, kind);
    const sizes = of({ ...room, existing: [made] }, made.id);
    for (const field of ['width', 'height'])
      expect(sizes.find(({ key }) => key === `${made.id}/${field}`)).toMatchObject({
        rule: 'largest',
        why: expect.stringMatching(/^it moves/),
      });
    const place = sizes.find(({ key }) => key === `${made.id}/x`);
    expect(place?.rule).toBe('mean');
  });

  it.each(THING_KINDS.map((kind) => [kind] as const))('a %s', (kind) => {
    const made = newThing(room, kind);
    const width = of({ ...room, things: [made] }, made.id).find(({ key }) => key.endsWith('/width'))!;
    const goesIn = ['recess', 'opening', 'compartment'].includes(kind);
    const zone = ([...ZONE_KINDS, ...SIGHT_KINDS] as readonly string[]).includes(kind);
    expect(width.rule).toBe(goesIn ? 'smallest' : 'largest');
    expect(width.why).toMatch(goesIn ? /goes in/ : zone ? /must stay clear/ : /built over or round/);
  });

  it('the room and its openings are gone into, what stands out of a wall takes room', () => {
    expect(of(room, 'space').find(({ key }) => key === 'space/width')).toMatchObject({ rule: 'smallest' });
    const socket = newThing(room, 'socket');
    const plug = of({ ...room, things: [socket] }, socket.id).find(({ key }) => key.endsWith('shape.plug'));
    expect(plug).toMatchObject({ rule: 'largest', why: expect.stringMatching(/takes room/) });
  });
});
