import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import { firstTrouble, missingNamed, refuse } from '../kit/issues';
import { BEHIND, type LaidSlats } from './lay';
import type { Slats } from './schema';

export const missingOfSlats = ({ material, rail }: Slats, place: PartPlace): Issue[] =>
  missingNamed({ materials: [[['material'], material], [['rail', 'material'], rail.material]] }, place); // prettier-ignore

/** A slat narrower takes no screw, mm. Common practice. */
const LEAST = 18;
/** A slat shorter is none, mm. */
const SHORTEST = 60;

export function refuseSlats({ slats, wide, across, rail, legs, place }: LaidSlats): Issue[] {
  const { clearance } = slats;
  const high = place.carcass.height.mm;
  return firstTrouble([
    () => {
      if (wide >= LEAST) return [];
      const most = Math.floor((span(across) + 2 * clearance.mm + LEAST) / (2 * (LEAST + clearance.mm)));
      return refuse(['count'], `So many slats would be ${lengthMark(Math.max(0, wide))} wide. At most ${Math.max(2, most)} will do.`);
    },
    () => {
      const { behind } = slats;
      const most = place.carcass.depth.mm - BEHIND - SHORTEST;
      const deep = behind && (['left', 'middle', 'right'] as const).find((at) => behind[at].mm > most);
      return deep
        ? refuse(['behind', deep], `Nothing is left of the slats there. At most ${lengthMark(Math.max(0, most), 'most')} will do.`)
        : [];
    },
    () =>
      slats.rail.deep.mm >= high
        ? refuse(['rail', 'deep'], `The rail is deeper than its carcass is high. Less than ${lengthMark(high)} will do.`)
        : [],
    () => {
      if (!slats.legs) return [];
      if (legs.some(({ z }) => span(z) <= 0))
        return refuse(['legs'], 'Its rail reaches the floor: it wants no legs.');
      const most = span(rail.x) / slats.legs.count;
      return slats.legs.wide.mm > most
        ? refuse(['legs', 'wide'], `So wide its legs do not stand beside each other. At most ${lengthMark(most, 'most')} will do.`)
        : [];
    },
  ]);
} // prettier-ignore
