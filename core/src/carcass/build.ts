import { called } from '../item/called';
import type { Stock } from '../material/stock';
import type { Body } from '../scene/scene';
import { frameOf } from './frame';
import { layOut, type Layout } from './layout';
import { panelsOf, type Panel } from './panels';
import type { Carcass } from './schema';

/** A carcass with all that follows from its numbers. */
export interface BuiltCarcass {
  readonly layout: Layout;
  readonly panels: readonly Panel[];
  /** Each panel a body of its own, so that a finding can say which. Ids are `carcass-id/panel`. */
  readonly bodies: readonly Body[];
}

/** The plane its front stands in and the way it looks, as text: carcasses of one row have the same. */
export function rowOf({ faces, x, y }: Pick<Carcass, 'faces' | 'x' | 'y'>): string {
  const plane = faces === 'north' || faces === 'south' ? y.mm : x.mm;
  return `${faces} ${plane.toFixed(1)}`;
}

/** Throws where the carcass cannot be: `layOut` tells why in its issues. */
export function buildCarcass(
  carcass: Carcass,
  stock: Stock,
  layout: Layout = layOut(carcass, stock),
): BuiltCarcass {
  if (layout.issues.length > 0)
    throw new Error(`The carcass ${carcass.id} cannot be: ${layout.issues[0]!.message}`);
  const panels = panelsOf(carcass, layout, stock);
  const frame = frameOf(carcass);
  const name = called(carcass.name);
  return {
    layout,
    panels,
    bodies: panels.map(({ id, words, quads, front, back }) => ({
      id: `${carcass.id}/${id}`,
      name: `${words} of the ${name}`,
      item: carcass.id,
      row: rowOf(carcass),
      pieces: quads.map((quad) => frame.frontal(quad, front, back)),
    })),
  };
}
