import type { Lever, Trouble } from '../../item/lever';
import { lengthMark } from '../../length/lengthMark';
import type { PartPieces } from '../contract/family';
import { choiceLever, cost, lengthLever } from '../../item/leverOf';
import type { LaidSliding } from './lay';

/** What of sliding panels may be changed: what one slides them by, and what is left between them and what stands near. */
export function slidingLevers({ sliding }: LaidSliding, _pieces: PartPieces, { about }: Trouble): Lever[] {
  const { pull, way } = sliding;
  if (about !== undefined && about !== 'fingers') return [];
  return [
    ...(pull?.kind === 'knob'
      ? [
          ...choiceLever(
            sliding,
            ['pull'],
            { ...pull, kind: 'let in', projection: { mm: 0 } },
            {
              key: 'let in',
              what: 'pulls let in',
              cost: cost('cups are let into the panels', 6),
              words: 'let the pulls in, so that panels pass them',
            },
          ),
          ...lengthLever(sliding, ['pull', 'projection'], {
            key: 'pull',
            what: 'its pulls',
            to: Math.min(2, pull.projection.mm),
            cost: cost('flatter pulls', 4, 0.8),
            words: (mm) => `take pulls that stand out ${lengthMark(mm, 'most')}`,
          }),
        ]
      : []),
    ...(pull
      ? (['both', 'outward'] as const).flatMap((at) =>
          choiceLever(sliding, ['pull', 'at'], at, {
            key: `pull.${at}`,
            what: 'where its pulls are',
            cost: cost('pulls at other edges', 8),
            words:
              at === 'both' ? 'put a pull at both edges of each panel' : 'put the pulls at the outer edges',
          }),
        )
      : []),
    ...(way.kind === 'hung'
      ? lengthLever(sliding, ['way', 'gap'], {
          key: 'gap',
          what: 'its gap to the case',
          to: way.gap.mm + 60,
          cost: cost('it hangs farther out', 5, 0.6),
          words: (mm) => `hang it ${lengthMark(mm, 'least')} before its case`,
        })
      : lengthLever(sliding, ['way', 'fin'], {
          key: 'fin',
          what: 'what is left between its grooves',
          to: Math.min(80, way.fin.mm + 40),
          moves: way.tracks + 1,
          cost: cost('deeper rails', 10, 1.5),
          words: (mm) => `leave ${lengthMark(mm, 'least')} between the grooves`,
        })),
  ];
}
