import { LATCH_KINDS } from '../../hardware/schema';
import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import type { GroundPlace } from '../contract/family';
import { firstTrouble, missingMaterials, refuse } from '../kit/issues';
import type { LaidHidden } from './lay';
import type { Hidden } from './schema';

const HUNG_KINDS = { pivots: 'pivot', butts: 'butt hinge', castors: 'castor' } as const;

export function missingOfHidden(
  { body, facing, hung, latch }: Hidden,
  { stock, hardware }: GroundPlace,
): Issue[] {
  const named: (readonly [Issue['path'], string])[] = [
    [['body', 'material'], body.material],
    ...(body.kind === 'case' && body.back !== null ? [[['body', 'back'], body.back] as const] : []),
    ...(facing === null ? [] : [[['facing'], facing] as const]),
  ];
  return firstTrouble([
    () => missingMaterials(named, stock),
    () => {
      if (hung.kind === 'track') return [];
      if (hung.kind === 'door')
        return hardware.find(hung.brackets.hardware, 'bracket')
          ? []
          : refuse(['hung', 'brackets', 'hardware'], `There is no bracket “${hung.brackets.hardware}”.`);
      return hardware.find(hung.hardware, HUNG_KINDS[hung.kind])
        ? []
        : refuse(['hung', 'hardware'], `There is no ${HUNG_KINDS[hung.kind]} “${hung.hardware}”.`);
    },
    () =>
      latch.hardware === null ||
      (LATCH_KINDS as readonly string[]).includes(hardware.named(latch.hardware)?.kind ?? '')
        ? []
        : refuse(['latch', 'hardware'], `There is no latch “${latch.hardware}”.`),
  ]);
}

/** Narrower than this no leaf is of use, mm. */
export const LEAST_WIDE = 40;
const LEAST_HIGH = 200;

export function refuseHidden(laid: LaidHidden): Issue[] {
  const { hidden, leaves, thick, deep, backThick, away } = laid;
  const { hung, body, relief, shape, mount } = hidden;
  const [leaf] = leaves;
  const { wide, z, cut } = leaf!;
  const onLeaf = mount.on === 'mover';
  return firstTrouble([
    () =>
      onLeaf !== (hung.kind === 'door')
        ? refuse(['hung', 'kind'], onLeaf ? 'What is mounted on a leaf is carried by that.' : 'In a wall no leaf carries it: mount it on a door that is there, or give it pivots.')
        : [],
    () =>
      onLeaf && !laid.host
        ? refuse(['mount', 'host'], 'Only a leaf that turns on an upright axis carries a hidden door.')
        : [],
    () =>
      wide < LEAST_WIDE || z[1] - z[0] < LEAST_HIGH
        ? refuse(['opening', wide < LEAST_WIDE ? 'width' : 'height'], `Its leaf would be ${lengthMark(wide)} by ${lengthMark(z[1] - z[0])}. At least ${lengthMark(LEAST_WIDE)} by ${lengthMark(LEAST_HIGH)} will do.`)
        : [],
    () => {
      if (!cut) return [];
      if (shape.kind === 'tapered' && body.kind === 'leaf')
        return refuse(['relief'], 'A leaf whose head slopes is not cut at its corner as well: choose one.');
      const ends = cut.both ? 2 : 1;
      const most = body.kind === 'case' ? (wide - LEAST_WIDE) / ends : wide / ends;
      if (cut.along > most)
        return refuse(reliefPath(relief.kind, 'along'), `So much is cut off that nothing of it is left. At most ${lengthMark(Math.max(0, most), 'most')} will do.`);
      return cut.deep > deep + 1e-9
        ? refuse(reliefPath(relief.kind, 'deep'), `It is ${lengthMark(deep)} deep: at most as much is cut off.`)
        : [];
    },
    () => {
      if (body.kind !== 'case') return [];
      if (deep - backThick < 2 * thick)
        return refuse(['body', 'deep'], `At least ${lengthMark(2 * thick + backThick, 'least')} deep will do.`);
      const pitch = (z[1] - z[0] - thick) / (body.shelves + 1);
      return pitch < 3 * thick
        ? refuse(['body', 'shelves'], `So many shelves stand ${lengthMark(pitch)} apart. Fewer will do.`)
        : [];
    },
    () => {
      if (shape.kind !== 'tapered') return [];
      const most = z[1] - z[0] - LEAST_HIGH;
      return shape.by.mm > most
        ? refuse(['shape', 'by'], `Its lower edge would be ${lengthMark(z[1] - z[0] - shape.by.mm)} high. At most ${lengthMark(Math.max(0, most), 'most')} lower will do.`)
        : [];
    },
    () =>
      hung.kind === 'pivots' && hung.in.mm > wide
        ? refuse(['hung', 'in'], `Its axis would stand past its free edge. At most ${lengthMark(wide)} in will do.`)
        : [],
    () =>
      away && body.kind === 'case' && cut && body.back !== null && cut.deep >= deep - thick
        ? refuse(reliefPath(relief.kind, 'deep'), 'It swings away: what is cut off its back must leave its front side. Less deep will do.')
        : [],
  ]);
} // prettier-ignore

const reliefPath = (kind: Hidden['relief']['kind'], which: 'along' | 'deep'): Issue['path'] =>
  kind === 'round' ? ['relief', 'radius'] : kind === 'slope' ? ['relief', 'along'] : ['relief', which];
