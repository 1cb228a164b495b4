import { refusalOf, caseOf, doorOf, mm, planWith, inBay } from '../../testing/planWith';
import { hingeOf, USUAL_FIT } from '../door/fresh';
import { buildScene } from '../../plan/buildScene';
import { checkMover } from '../../clearance/checkMover';
import { parked } from '../../clearance/checkScene';
import { holesOf, type ReusedBoard } from './reused';

const old = (other: Partial<ReusedBoard>): ReusedBoard => ({
  width: mm(596),
  height: mm(716),
  thickness: mm(18),
  holes: [{ x: mm(22), z: mm(616), wide: mm(35), deep: mm(12) }],
  lock: null,
  turned: 'as it was',
  becomes: 'cleared',
  ...other,
});

describe('an old leaf', () => {
  it('brings its holes along as it is turned: left for right, or end over end', () => {
    const at = (turned: ReusedBoard['turned']) => holesOf(old({ turned })).map(({ x, z }) => [x, z])[0];
    expect(at('as it was')).toEqual([22, 616]);
    expect(at('left for right')).toEqual([574, 616]);
    expect(at('upside down')).toEqual([574, 100]);
  });

  it('clears an old hole by being turned, or by plugging it', () => {
    // A cup at 22.5 and 616 above the foot: upon the hole as it was; on the other edge once it is turned.
    const refused = (other: Partial<ReusedBoard>) =>
      refusalOf({ parts: [doorOf({ old: old(other), fit: USUAL_FIT.overlay })] });
    expect(refused({})).toContain('Cup 2 would come upon old hole 1');
    expect(refused({ turned: 'left for right' })).toBe('');
    expect(refused({ becomes: 'plugged' })).toBe('');
    expect(refused({ holes: [{ x: mm(10), z: mm(300), wide: mm(35), deep: mm(12) }] })).toContain(
      'runs off the piece: its middle must be at least 17.5 mm from each edge.',
    );
  });
});

it('leaves of one row of fronts run in the running gap, what stands off it keeps the wider one', () => {
  // Two cases side by side, their leaves 3 mm apart: enough in a row, tight once the second is 1 mm back.
  const verdict = (back: number) => {
    const plan = planWith({
      carcasses: [caseOf(), caseOf({ id: 'next', name: 'Next', x: mm(3600), y: mm(3000 + back) })],
      parts: [
        doorOf({ hinge: hingeOf('cup', 'right') }),
        doorOf({ id: 'other', name: 'Other', mount: inBay('all', 'next'), hinge: hingeOf('cup', 'right') }),
      ],
    });
    const { movers, still } = buildScene(plan);
    const beside = [...still.filter(({ item }) => item === 'next'), ...parked(movers[1]!, 0)];
    return checkMover(movers[0]!, beside).verdict;
  };
  expect(verdict(0)).toBe('clear');
  expect(verdict(1)).toBe('tight');
});
