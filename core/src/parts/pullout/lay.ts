import { boundsOfGuide } from './guide';
import { layDrawn, type LaidDrawn } from '../kit/drawn/lay';
import type { DrawnOut } from '../kit/drawn/schema';
import type { Bounds } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import { pulloutConstruction } from './construction';
import type { Pullout } from './schema';

/** A pull-out as it is laid out, with the guide over its top. */
export interface LaidPullout extends LaidDrawn {
  readonly pullout: Pullout;
  readonly guide: Bounds | undefined;
}

/** A pull-out runs, is fronted and is laid out as a bank of one drawer; only what comes out is made otherwise. */
export const asDrawn = (pullout: Pullout): DrawnOut => ({
  ...pullout,
  single: true,
  bank: SINGLE,
  old: null,
  twoSided: false,
});

export function layPullout(pullout: Pullout, place: PartPlace): LaidPullout {
  const laid = layDrawn(asDrawn(pullout), place, pulloutConstruction(pullout, place));
  return { ...laid, pullout, guide: pullout.guide ? boundsOfGuide(laid, pullout.guide.play.mm) : undefined };
}

const SINGLE: DrawnOut['bank'] = { kind: 'even', drawers: [{ id: 'only' }] };
