import { called } from '../../item/called';
import type { Lever, Trouble } from '../../item/lever';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import { lengthMark } from '../../length/lengthMark';
import { materialLevers } from '../../material/levers';
import type { PartPieces } from '../contract/family';
import { platformDoes } from './advice';
import type { LaidPlatform } from './lay';

/** A leaf narrower than this is of no use, mm. */
const LEAST_USEFUL = 120;

/** What of a folding platform may be changed: its leaves, how far it lies over, its legs, its mat. */
export function platformLevers(laid: LaidPlatform, _pieces: PartPieces, { about }: Trouble): Lever[] {
  const { platform, place } = laid;
  const { bears } = platform;
  if (about === 'strength')
    return [
      ...materialLevers(platform, ['material'], place.stock.materials, `the ${called(platform.name)}`, (one) =>
        platformDoes(laid, one),
      ),
      ...frameLevers(laid),
    ];
  if (about === 'fixing') return frameLevers(laid);
  const leaves = platform.leaves.flatMap((wide, i) =>
    lengthLever(platform, ['leaves', i], {
      key: `leaf-${i + 1}`,
      what: `leaf ${i + 1}`,
      to: Math.min(LEAST_USEFUL, wide.mm),
      cost: cost('a narrower leaf', 6, 0.3),
      words: (mm) => `make leaf ${i + 1} ${lengthMark(mm, 'most')} wide`,
    }),
  );
  if (about === 'fit') return [...matLever(laid), ...leaves];
  if (about !== undefined) return [];
  return [
    ...leaves,
    ...(['left', 'right', 'front'] as const).flatMap((edge) =>
      lengthLever(platform, ['over', edge], {
        key: `over.${edge}`,
        what: `how far it lies over at the ${edge}`,
        to: Math.max(-200, platform.over[edge].mm - 150),
        cost: cost('a smaller platform', 6, 0.4),
        words: (mm) => `let it lie ${lengthMark(mm, 'most')} over at the ${edge}`,
      }),
    ),
    ...(bears.kind === 'legs'
      ? lengthLever(platform, ['bears', 'in'], {
          key: 'legs',
          what: 'its legs',
          to: bears.in.mm + 150,
          // They go in from two edges at once.
          moves: 2,
          cost: cost('its legs stand farther in', 4, 0.1),
          words: (mm) => `set its legs ${lengthMark(mm, 'least')} in`,
        })
      : []),
    ...matLever(laid),
  ];
} // prettier-ignore

/** Of a frame: how far apart its bearers are, either way, and how deep. */
function frameLevers({ platform }: LaidPlatform): Lever[] {
  const { bears } = platform;
  if (bears.kind !== 'frame') return [];
  const apart = (to: number, words: string, dear: string) =>
    lengthLever(platform, ['bears', 'apart'], {
      key: `bearers.apart.${words}`,
      what: 'how far apart its bearers are',
      to,
      cost: cost(dear, 4, 0.02),
      words: (mm) => `set its bearers at most ${lengthMark(mm, words === 'nearer' ? 'most' : 'least')} apart`,
    });
  return [
    ...apart(Math.max(120, bears.apart.mm / 2), 'nearer', 'more bearers'),
    ...apart(Math.min(1000, bears.apart.mm * 2), 'farther', 'fewer bearers'),
    ...lengthLever(platform, ['bears', 'deep'], {
      key: 'bearers.deep',
      what: 'its bearers',
      to: Math.min(300, bears.deep.mm + 80),
      cost: cost('deeper bearers', 4, 0.1),
      words: (mm) => `make its bearers ${lengthMark(mm, 'least')} deep`,
    }),
    ...(bears.sections > 1
      ? choiceLever(platform, ['bears', 'sections'], bears.sections - 1, {
          key: 'sections',
          what: 'how many sections it has',
          cost: cost('longer sections', 5),
          words: `make it of ${bears.sections - 1} ${bears.sections === 2 ? 'section' : 'sections'}`,
        })
      : []),
  ];
}

const matLever = ({ platform }: LaidPlatform): Lever[] =>
  platform.mat.thick.mm > 0
    ? lengthLever(platform, ['mat', 'thick'], {
        key: 'mat',
        what: 'its mat',
        to: 0,
        // Every leaf over the first lies on the mats of all beneath it.
        moves: 2 * platform.leaves.length,
        cost: cost('a thinner mat', 3, 0.5),
        words: (mm) => `take a mat ${lengthMark(mm, 'most')} thick`,
      })
    : [];
