import { called } from '../../item/called';
import { frameOf } from '../../item/frame';
import { edgesOf, type Ground } from '../../item/ground';
import type { LaidTop } from './lay';

/** Its four edges, which go with it. */
export const topGrounds = ({ top, place, board: { x, y, z } }: LaidTop): Ground[] =>
  edgesOf(frameOf(place.carcass), [x[0], y[0], z[0]], [x[1], y[1], z[1]], `the ${called(top.name)}`, top.id);
