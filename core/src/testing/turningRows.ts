import { NO_MARGINS, USUAL_CUSHION, USUAL_HELP, USUAL_STAY } from '../parts/lid/fresh';
import type { Lid } from '../parts/lid/schema';
import { mm, type Made } from './planWith';
import { lidOf, withFlap, withLid } from './partsOf';
import type { TradeRow } from './tradeRows';

const lid = withLid;
const hinge = lidOf().hinge;
const WHOLE = {
  margins: NO_MARGINS,
  grip: { kind: 'edge' },
  hinge: { ...hinge, knuckle: 'beneath' },
} as const satisfies Partial<Lid>;
const SOLID_BACK = { back: { material: 'ply-18', set: 'between' } } as const;
const ofGlass = (pane: 'annealed' | 'toughened'): Made => ({
  ...lid({ material: 'pane-8' }),
  change: (plan) => ({
    ...plan,
    materials: [
      ...plan.materials,
      { id: 'pane-8', name: 'Glass 8 mm', kind: 'glass', nominal: mm(8), measured: mm(8), density: 2500, pane },
    ],
  }),
}); // prettier-ignore

/** What hurts hands, tears hinges out or shuts somebody in, of lids and flaps. */
export const TURNING_TRADE_ROWS: Readonly<Record<string, TradeRow>> = {
  // Glaziers' practice (CP).
  'lid: glass': { good: ofGlass('toughened'), bad: ofGlass('annealed'), said: 'A lid of glass must be safety glass: annealed, it breaks into blades' },
  // The other flap lies on the back strip, or on the back under a knuckle beneath: the one above a whole top has neither (DER).
  'lid: nothing behind its hinge': { good: lid(WHOLE, SOLID_BACK), bad: lid({ ...WHOLE, hinge }, SOLID_BACK), said: 'Nothing stands behind it where the other flap of its hinge would be' },
  // Less wood than 12 takes no screw into its edge (CP); the usual back is 6.
  'lid: what holds its screws': { good: lid(WHOLE, SOLID_BACK), bad: lid(WHOLE), said: 'What is behind it holds no screws: its back is 6 mm thick. A back of 12 mm will do, or a back strip.' },
  // T + p = 20 below the pin, a flap 14 wide whose screws are 7 down, a driver wants 5: 20 cos q = 2 at 84.3 (DER).
  'lid: a driver gets in': { good: lid({}), bad: lid({ limit: 80 }), said: 'A driver gets straight at the screws in the back strip from 85° on, and it opens 80°' },
  // A case 450 high less a bottom 18 and a plinth of 90 is 342: the brackets of struts 250 down reach 265, and leave 77 (DER).
  'lid: kept under its struts': { good: lid({ help: USUAL_HELP['gas struts'], within: mm(60) }, { height: mm(450) }), bad: lid({ help: USUAL_HELP['gas struts'], within: mm(120) }, { height: mm(450) }), said: 'and none under what is fixed beside it, which reaches 265 mm down.' },
  'lid: a bracket on nothing': { good: lid({ stay: USUAL_STAY }), bad: lid({ stay: { ...USUAL_STAY, onCase: { along: mm(-70), in: mm(130) } } }), said: 'The bracket of its stay finds no board on the right to be screwed to' },
  // Two springs wind 4 Nm each, 10 percent more at most: 8.8 Nm less 2.4 kg x 9.80665 x 0.229 m = 5.4 opens it, over 458.5 mm (DER).
  'lid: rises by itself': { good: lid({ help: USUAL_HELP['lid springs'] }), bad: lid({ help: { ...USUAL_HELP['lid springs'], count: 2 } }), said: 'Shut, it rises by itself, with up to 7.5 N at its edge: a catch that holds so much will do' },
  // A person who leans on an open desk: 20 kg at its edge (CP).
  'flap: leant on': { good: withFlap('drop front', { way: { kind: 'drop front', hinge: { ...hinge, knuckle: 'beneath', pin: mm(0) }, desk: 20 } }), bad: withFlap('drop front', { way: { kind: 'drop front', hinge: { ...hinge, knuckle: 'beneath', pin: mm(0) }, desk: 5 } }), said: '5 kg is reckoned with at its front edge: somebody who leans there brings 20 kg, 196 N.' },
  // Air of 1300 mm2 where nothing covers it: EN 71-1 and ASTM F963 on toy chests, MEM; named, not claimed.
  'chest: air': { good: lid({ ...WHOLE, air: 1300 }, { ...SOLID_BACK, height: mm(600) }), bad: lid({ ...WHOLE, air: 1299 }, { ...SOLID_BACK, height: mm(600) }), said: 'A child can get into it and be shut in: give it air, two holes 29 mm across (1300 mm²)' },
  // Seats 400 to 460 high and 400 to 450 deep (CP): 400 and 18 and a cushion of 50.
  'seat: height': { good: lid({ seat: { back: 10 }, cushion: { ...USUAL_CUSHION, thick: mm(40) } }, { height: mm(400) }), bad: lid({ seat: { back: 10 }, cushion: USUAL_CUSHION }, { height: mm(400) }), said: 'It is sat on 468 mm above the floor, on its cushion; 400 mm to 460 mm is usual.' },
}; // prettier-ignore
