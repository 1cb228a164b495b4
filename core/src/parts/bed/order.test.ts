import { checkMover } from '../../clearance/checkMover';
import { orderOfOpening, type Order, type Parkable } from '../../clearance/order';
import { PairMaps } from '../../clearance/pairMaps';
import { parked } from '../../clearance/checkScene';
import { buildScene } from '../../plan/buildScene';
import type { Plan } from '../../plan/schema';
import { bedOf, cabinetOf, chestOf, flapCase, flapOf, lidOf } from '../../testing/partsOf';
import { mm, planWith } from '../../testing/planWith';

/** A bunk that lies 777 high once it is down; before it a chest with a lid, and beside it a desk whose front lets down at a height. */
function bunkOver(deskAt: number): Plan {
  const bunk = bedOf('at the side', { foot: mm(440) });
  return planWith({
    carcasses: [
      cabinetOf('at the side', { height: mm(1700) }),
      chestOf({ id: 'chest', name: 'Chest', x: mm(3500), y: mm(2440), height: mm(400) }),
      flapCase({ id: 'desk', name: 'Desk', x: mm(5240), y: mm(2940), z: mm(deskAt), faces: 'west', width: mm(500) }),
    ],
    parts: [
      { ...bunk, id: 'bunk', name: 'Bunk', pivot: { ...bunk.pivot, up: mm(590) } },
      { ...lidOf(), id: 'lid', name: 'Lid', mount: { on: 'top', carcass: 'chest' } },
      { ...flapOf('drop front'), id: 'front', name: 'Desk front', mount: { on: 'bay', carcass: 'desk', bay: 'all' } },
    ],
  });
} // prettier-ignore

function orderIn(plan: Plan, wanted: readonly string[]): Order {
  const { movers } = buildScene(plan);
  const maps = new PairMaps();
  const byId = new Map(movers.map((one) => [one.id, one]));
  return orderOfOpening(
    movers.map(({ id, from, to }): Parkable => ({ id, states: [from, to] })),
    Object.fromEntries(wanted.map((id) => [id, byId.get(id)!.to])),
    (a, b) => maps.of(byId.get(a.id)!, byId.get(b.id)!),
  );
}
/** Each of an order's moves, and whether it goes all the way with the others where they then stand. */
function played(plan: Plan, order: Order): unknown[] {
  if (order.kind !== 'order') return [order.kind];
  const { movers } = buildScene(plan);
  const stands = new Map(movers.map(({ id, from }) => [id, from]));
  return order.moves.map((move) => {
    if (move.kind !== 'one') return move.kind;
    const mover = movers.find(({ id }) => id === move.part)!;
    const others = movers.filter((one) => one !== mover).flatMap((one) => parked(one, stands.get(one.id)!));
    const { usable } = checkMover(mover, others);
    stands.set(move.part, move.to);
    return [move.part, move.to > mover.from ? 'opens' : 'shuts', usable === mover.to];
  });
}

describe('a bunk over a chest and a desk', () => {
  it('is let down first, then the desk over it: found and played', () => {
    const plan = bunkOver(820);
    const order = orderIn(plan, ['bunk', 'front']);
    expect(played(plan, order)).toEqual([
      ['bunk', 'opens', true],
      ['front', 'opens', true],
    ]);
    // Of the desk open as it is, the bunk meets it on its way: the other way about there is no going.
    const { movers } = buildScene(plan);
    const at = (id: string) => movers.find((one) => one.id === id)!;
    const { usable } = checkMover(at('bunk'), parked(at('front'), at('front').to));
    expect(usable).toBeLessThan(at('bunk').to);
  });

  it('and the desk open where it lies: proven that there is no order, so the desk is folded first', () => {
    const plan = bunkOver(560);
    expect(orderIn(plan, ['bunk', 'front']).kind).toBe('none');
    expect(played(plan, orderIn(plan, ['front']))).toEqual([['front', 'opens', true]]);
    expect(played(plan, orderIn(plan, ['bunk']))).toEqual([['bunk', 'opens', true]]);
  });

  it('and the lid of the chest beneath it: proven that there is no order for both', () => {
    const plan = bunkOver(820);
    expect(orderIn(plan, ['bunk', 'lid']).kind).toBe('none');
    expect(played(plan, orderIn(plan, ['lid', 'front']))).toHaveLength(2);
  });
});
