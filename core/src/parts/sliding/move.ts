import { rowOf } from '../../carcass/build';
import { motionOf } from '../../motion/motion';
import { bodyOnWay, idOnWay } from '../../scene/linkBody';
import type { IntendedContact, Mover } from '../../scene/scene';
import { frameOf } from '../../item/frame';
import type { PartPieces } from '../contract/family';
import type { LaidSliding, PanelAt } from './lay';
import { panelTitle } from './pieces';

/** Less travel than this is none: panels that touch on their track, mm. */
const NO_TRAVEL = 0.5;

/** Every panel, each way it can slide. */
export const moveSliding = (laid: LaidSliding, pieces: PartPieces): readonly Mover[] =>
  laid.panels.flatMap((panel) => moversOf(laid, panel, pieces));

function moversOf(laid: LaidSliding, panel: PanelAt, { moving, still }: PartPieces): Mover[] {
  const { sliding, place, panels } = laid;
  const { carcass, gaps } = place;
  const { key: id } = panel;
  const frame = frameOf(carcass);
  const row = rowOf(carcass);
  const title = panelTitle(sliding, panel.nth, panels.length);
  const link = moving.find(({ key }) => key === id)!;
  const ways = (['right', 'left'] as const).filter((side) => panel[side] > NO_TRAVEL);
  const beside = panels.filter(({ nth, track }) => nth !== panel.nth && track === panel.track);
  // It stands in its grooves and stops at its posts and at its neighbours: touching them is meant, pressing into them is not.
  const touched = [
    ...still.map(({ key }) => key),
    carcass.id,
    ...beside.flatMap(({ key }) => [`${key}/panel`, idOnWay(`${key}.left`, { key }, `${key}/panel`)]),
  ];
  const count = panels.length;
  const own = count > 1 ? `Panel ${panel.nth + 1}` : 'Panel';
  return ways.map((side, i): Mover => {
    const key = i === 0 ? id : `${id}.${side}`;
    const to = panel[side];
    const motion = motionOf({ kind: 'slide', direction: frame.turn([side === 'right' ? 1 : -1, 0, 0]) });
    return {
      id: key,
      item: sliding.id,
      name: ways.length > 1 ? `${title} ${side}` : title,
      ...((count > 1 || ways.length > 1) && { own: ways.length > 1 ? `${own} ${side}` : own }),
      heads: side,
      ...(ways.length > 1 && { thing: id }),
      ...(i > 0 && { goes: 'instead' as const }),
      bodies: [bodyOnWay(link, row, motion, key)],
      unit: 'mm',
      from: 0,
      to,
      contacts: touched.map((other): IntendedContact => ({
        moving: idOnWay(key, link, `${link.key}/panel`),
        still: other,
        from: 0,
        to,
        depth: 0,
      })),
      needs: {
        around: gaps.around,
        // Between panels that pass each other, and in the grooves, what their tracks leave is what is wanted.
        row: { of: row, gap: Math.min(gaps.running, spare(laid)) },
        of: Object.fromEntries(still.map((one) => [one.key, 0])),
      },
    };
  });
}

/** What grooves leave free beside a panel, on either face, mm. */
const spare = ({ grooves, thick }: LaidSliding): number =>
  grooves ? Math.max(0, (grooves.way.wide.mm - thick) / 2) : Infinity;
