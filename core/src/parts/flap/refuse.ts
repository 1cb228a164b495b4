import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import { firstTrouble, refuse } from '../kit/issues';
import { frontFaults } from '../kit/turning/frontFit';
import { missingOfTurning, stayFaults, strutFaults } from '../kit/turning/refuse';
import type { LaidFlap } from './lay';
import { isTurning } from './lay';
import type { Flap } from './schema';

/** What a flap names and is not there. */
export function missingOfFlap(flap: Flap, place: PartPlace): Issue[] {
  const { stock, hardware, built } = place;
  const { way, mount } = flap;
  return firstTrouble([
    () =>
      built.layout.openings.has(mount.bay)
        ? []
        : refuse(['mount', 'bay'], `Its carcass has no bay “${mount.bay}”.`),
    () => (stock.has(flap.material) ? [] : refuse(['material'], `There is no material “${flap.material}”.`)),
    () =>
      way.kind === 'parallel arms' && !hardware.find(way.hardware, 'lift arms')
        ? refuse(['way', 'hardware'], `There are no lift arms “${way.hardware}”.`)
        : [],
    () => missingOfTurning(flap, isTurning(way) ? way.hinge : undefined, ['way', 'hinge'], hardware),
  ]);
}

/** A leaf lower than this nobody hinges, mm. Common practice. */
const LEAST_LEAF = 50;

export function refuseFlap(laid: LaidFlap): Issue[] {
  const { flap, opening, over, plane, place, whole } = laid;
  return firstTrouble([
    () => frontFaults(flap.fit, opening, over, laid.opens === 'down'),
    () =>
      span(whole.x) < LEAST_LEAF || span(whole.z) < LEAST_LEAF
        ? refuse(
            ['fit'],
            `Nothing is left of the flap. At least ${lengthMark(LEAST_LEAF)} each way is wanted.`,
          )
        : [],
    () => foldFaults(laid),
    () => trayFaults(laid),
    () => stayFaults(flap.stay, plane, place.hardware),
    () => strutFaults(flap.help, plane, place.hardware),
  ]);
}

function foldFaults({ flap, whole, fault }: LaidFlap): Issue[] {
  const { way } = flap;
  if (way.kind !== 'double fold') return [];
  const high = span(whole.z);
  const most = high - way.gap.mm - LEAST_LEAF;
  if (way.upper.mm > most)
    return refuse(
      ['way', 'upper'],
      `The upper leaf leaves nothing of the lower one. At most ${lengthMark(Math.max(0, most), 'most')} will do.`,
    );
  const lower = high - way.gap.mm - way.upper.mm;
  if (way.arm.onLeaf.mm > lower)
    return refuse(
      ['way', 'arm', 'onLeaf'],
      `The arm would hold the lower leaf beyond its edge. At most ${lengthMark(lower, 'most')} will do.`,
    );
  return fault === undefined ? [] : refuse(['limit'], fault);
}

function trayFaults({ flap, whole, opening }: LaidFlap): Issue[] {
  const { way } = flap;
  if (way.kind !== 'tilt-out' || !way.tray) return [];
  const { tray } = way;
  const most = span(whole.z) - tray.up.mm;
  if (tray.height.mm > most)
    return refuse(
      ['way', 'tray', 'height'],
      `The tray stands over the flap. At most ${lengthMark(Math.max(0, most), 'most')} high will do.`,
    );
  const deep = opening.inside.back - whole.y[1];
  return tray.depth.mm > deep
    ? refuse(
        ['way', 'tray', 'depth'],
        `The tray is deeper than its case. At most ${lengthMark(Math.max(0, deep), 'most')} will do.`,
      )
    : [];
}
