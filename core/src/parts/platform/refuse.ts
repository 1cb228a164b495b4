import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import { firstTrouble, missingNamed, refuse } from '../kit/issues';
import type { LaidPlatform } from './lay';
import type { FrameBears, Platform } from './schema';

export const missingOfPlatform = ({ material, bears, hinge }: Platform, place: PartPlace): Issue[] =>
  firstTrouble([
    () => missingNamed({ materials: [[['material'], material], [['bears', 'material'], bears.material]] }, place),
    () =>
      place.hardware.find(hinge.hardware, 'continuous hinge')
        ? []
        : refuse(['hinge', 'hardware'], `There is no continuous hinge “${hinge.hardware}”.`),
  ]); // prettier-ignore

/** A leaf narrower, or a platform shorter, holds no hinge, mm. */
const LEAST = 60;
/** Between two legs, or two ledgers, mm. */
const BETWEEN = 20;

export function refusePlatform(laid: LaidPlatform): Issue[] {
  const { platform, across, leaves, place, legLong } = laid;
  const { bears } = platform;
  return firstTrouble([
    () =>
      span(across) < LEAST
        ? refuse(['over', 'left'], `Nothing is left of the platform. At least ${lengthMark(LEAST)} is wanted across.`)
        : [],
    () =>
      leaves
        .filter(({ wide }) => wide < LEAST)
        .slice(0, 1)
        .flatMap(({ nth }) =>
          refuse(['leaves', nth - 1], `A leaf so narrow holds no hinge. At least ${lengthMark(LEAST)} will do.`),
        ),
    () => {
      const knuckle = place.hardware.find(platform.hinge.hardware, 'continuous hinge')!.knuckle;
      return platform.gap.mm < knuckle
        ? refuse(['gap'], `Folded, its leaves would bind on the knuckle of their hinge. At least ${lengthMark(knuckle, 'least')} between them will do.`)
        : [];
    },
    () => {
      if (bears.kind === 'ledgers') {
        const most = (span(across) - BETWEEN) / 2;
        return bears.bears.mm > most
          ? refuse(['bears', 'bears'], `Its ledgers meet in the middle. At most ${lengthMark(Math.max(0, most), 'most')} will do.`)
          : [];
      }
      if (bears.kind === 'frame') return frameFaults(laid, bears);
      const most = (span(across) - 2 * bears.in.mm - BETWEEN * bears.count) / (2 * bears.count);
      if (bears.wide.mm > most)
        return refuse(['bears', 'wide'], `Its legs do not lie beside each other. At most ${lengthMark(Math.max(0, most), 'most')} wide will do.`);
      if (legLong <= 0)
        return refuse(['bears'], 'On the floor it wants no legs: take ledgers.');
      return leaves
        .filter(({ nth, wide }) => nth > 1 && wide < bears.in.mm + laid.legThick)
        .slice(0, 1)
        .flatMap(({ nth }) =>
          refuse(['leaves', nth - 1], `Its legs stand ${lengthMark(bears.in.mm)} in from the edge of this leaf. At least ${lengthMark(bears.in.mm + laid.legThick, 'least')} wide will do.`),
        );
    },
  ]);
} // prettier-ignore

/** A frame stands off the floor, its ledgers beside each other, its bolts beside each other and with wood about them. */
function frameFaults({ across, up, bearers, place }: LaidPlatform, bears: FrameBears): Issue[] {
  const thick = place.stock.thickness(bears.material);
  const most = (span(across) - BETWEEN) / 2;
  const deep = up - thick;
  const shortest = bearers ? span(bearers.ledgers[0]!.y) : 0;
  return firstTrouble([
    () =>
      bears.bears.mm > most
        ? refuse(['bears', 'bears'], `Its ledgers meet in the middle. At most ${lengthMark(Math.max(0, most), 'most')} will do.`)
        : [],
    () =>
      bears.deep.mm > deep
        ? refuse(['bears', 'deep'], `Its frame would stand in the floor: its top is ${lengthMark(up, 'most')} above that. Bearers at most ${lengthMark(Math.max(0, deep), 'most')} deep will do.`)
        : [],
    () =>
      bears.bolts.in.mm > most
        ? refuse(['bears', 'bolts', 'in'], `Its bolts meet in the middle. At most ${lengthMark(Math.max(0, most), 'most')} will do.`)
        : [],
    () =>
      shortest < 3 * thick
        ? refuse(['bears', 'sections'], 'Nothing is left between the bearers of a section: fewer sections will do.')
        : [],
  ]);
} // prettier-ignore
