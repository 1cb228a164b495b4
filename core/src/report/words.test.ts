import { SceneChecker } from '../clearance/checkScene';
import { MILLIMETRES } from '../length/units';
import { box } from '../solid/prism';
import { mover } from '../testing/leaves';
import { encounterSentence, encounterWords } from './words';

describe('a clearance in words', () => {
  const at = (gap: number) => {
    const tray = {
      ...mover('tray', { kind: 'slide', direction: [1, 0, 0] }, 100, box([0, 0, 0], [50, 50, 50])),
      needs: { around: 2, of: {} },
    };
    const post = {
      id: 'post',
      name: 'the post',
      item: 'post',
      pieces: [box([60, 50 + gap, 0], [70, 90, 50])],
    };
    const [encounter] = new SceneChecker().check({ still: [post], movers: [tray] }).movers[0]!.encounters;
    return encounterSentence(
      encounterWords(tray, encounter!, { moving: '', still: 'the post' }, MILLIMETRES),
    );
  };

  it('of what comes short by less than is shown does not say that it has what it needs', () => {
    expect(at(1.96)).toMatch(/^Comes a hair nearer to the post than the 2 mm that is needed, at \d+/);
    expect(at(1.5)).toMatch(/^Comes within 1\.5 mm of the post at .*; 2 mm is needed\.$/);
    expect(at(2)).toMatch(/^Clears the post by 2 mm at .*; 2 mm is needed\.$/);
  });
});
