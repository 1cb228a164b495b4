import type { QuickCard, QuickNumbers } from '../kit/quick';
import { AISLE, carcass, mm, space } from '../kit/quickRoom';
import { USUAL_GRIP } from '../kit/turning/grip';
import { bedIn, roomFor, USUAL_BED_HELP, USUAL_FACE, USUAL_LEGS } from './fresh';
import type { Bed } from './schema';

const SHEET = 18;
const BACK = 6;
const USUAL_CEILING = 2400;

type Asks = QuickCard['asks'];
/** What a room is over: as high all over, or a slope from a knee wall behind the cabinet, mm and degrees. */
type Roof = (numbers: QuickNumbers, width: number, depth: number) => object;

/** A mattress weighs about so much, kg a cubic metre, with its cover. Common practice. */
const MATTRESS_DENSITY = 50;

/** A mattress in a cabinet that is made for it. */
function bedCard(
  turns: Bed['turns'],
  card: Pick<QuickCard, 'id' | 'title' | 'words'>,
  usual: { readonly long: number; readonly wide: number },
  asks: Asks,
  roof: Roof,
): QuickCard {
  return {
    ...card,
    asks: [
      { key: 'long', label: 'Mattress, long', input: 'length', usual: usual.long },
      { key: 'wide', label: 'Mattress, wide', input: 'length', usual: usual.wide },
      { key: 'thick', label: 'Mattress, thick', input: 'length', usual: 160 },
      ...asks,
    ],
    section: true,
    make: (numbers) => {
      const { long, wide, thick } = numbers;
      const room = roomFor(turns, { long: long!, wide: wide!, thick: thick! }, SHEET);
      const [width, depth] = [room.wide + 2 * SHEET, room.deep + BACK];
      const cabinet = {
        ...carcass('cabinet', 'Bed cabinet', 'north', [AISLE / 2 + width, depth], [width, depth, room.high + 2 * SHEET]),
        stands: { on: 'the floor' as const },
        height: mm(room.high + 2 * SHEET),
        // Nothing is put on it: it is above the bed's way, or under a slope.
        load: 0,
      };
      const sizes = bedIn(turns, { wide: room.wide, high: room.high, deep: room.deep, rail: SHEET, face: SHEET, board: SHEET });
      const kg = numbers['kg'] ?? Math.round((long! * wide! * thick! * MATTRESS_DENSITY) / 1e9);
      const bed: Bed = {
        id: 'bed',
        family: 'bed',
        name: turns === 'at the end' ? 'Bed' : 'Bunk',
        mount: { on: 'bay', carcass: cabinet.id, bay: cabinet.bay.id },
        turns,
        ...sizes,
        mattress: { long: mm(long!), wide: mm(wide!), thick: mm(thick!), kg },
        face: USUAL_FACE,
        legs: USUAL_LEGS['by hand'],
        limit: 90,
        grip: USUAL_GRIP.pull,
        stay: null,
        help: USUAL_BED_HELP.none,
        closer: null,
        latch: { hardware: 'bolt-80', reached: 'from outside' },
      };
      const out = turns === 'at the end' ? long! : wide!;
      return {
        space: roof(numbers, width + AISLE, depth + AISLE + out),
        carcasses: [cabinet],
        parts: [bed],
      };
    },
  };
} // prettier-ignore

/** What a fold-up bed most often is: from its mattress to its cabinet. */
export const BED_QUICK: readonly QuickCard[] = [
  bedCard(
    'at the end',
    {
      id: 'fold-up-bed',
      title: 'A bed that folds up into its cabinet',
      words:
        'From a mattress to platform, rails and cabinet: whether it turns under the ceiling, what a hand lifts, and what struts would do.',
    },
    { long: 2000, wide: 900 },
    [
      { key: 'kg', label: 'Mattress, kg', input: 'count', usual: 16 },
      { key: 'ceiling', label: 'Ceiling height', input: 'length', usual: USUAL_CEILING },
    ],
    ({ ceiling }, width, depth) => ({ ...(space(width, depth) as object), height: mm(ceiling!) }),
  ),
  bedCard(
    'at the side',
    {
      id: 'fold-up-bunk',
      title: 'A bunk that folds up on its side under a slope',
      words:
        'A low cabinet along the knee wall of a roof: whether cabinet and bunk clear the slope, how far it comes out, and what lifts it.',
    },
    { long: 1900, wide: 750 },
    [
      { key: 'knee', label: 'Knee wall behind it, high', input: 'length', usual: 1100 },
      { key: 'pitch', label: 'Pitch of the slope', input: 'degrees', usual: 40 },
    ],
    ({ knee, pitch }, width, depth) =>
      space(width, depth, [{ side: 'south', knee: mm(knee!), pitch: pitch! }]) as object,
  ),
];
