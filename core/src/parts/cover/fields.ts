import { wordChoice, type Field } from '../../card/field';
import { FIXING_KINDS } from '../../hardware/schema';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { COVER_WAYS, type Cover } from './schema';

const board = lengthOf<Cover>('Cover');
const pin = lengthOf<Cover>('Turns');
const over = lengthOf<Cover>('Covers');
const place = lengthOf<Cover>('Place');
const onWall = ({ mount }: Cover) => mount.on === 'wall';
const onLeaf = ({ mount }: Cover) => mount.on === 'mover';
const onTop = ({ mount }: Cover) => mount.on === 'top';
const upright = ({ mount }: Cover) => mount.on !== 'top';

const FIELDS: readonly Field<Cover>[] = [
  { group: 'Cover', label: 'Made of', path: ['material'], input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] } },
  board('Wide', ['wide']),
  board('High', ['high'], upright),
  board('Front to back', ['high'], onTop),
  board('Stands off what it is on', ['off']),
  { group: 'Turns', label: 'Turns', path: ['way'], input: wordChoice(['way'], COVER_WAYS) },
  { group: 'Turns', label: 'Opening limit', path: ['limit'], input: 'degrees' },
  pin('Screw, from its left', ['pin', 'in']),
  pin('Screw, from its foot', ['pin', 'up'], upright),
  pin('Screw, from its front', ['pin', 'up'], onTop),
  { group: 'Turns', label: 'Screw', path: ['pin', 'hardware'], input: { pick: 'hardware', kinds: () => FIXING_KINDS } },
  over('From its left', ['over', 'in']),
  over('From its foot', ['over', 'up'], upright),
  over('From its front', ['over', 'up'], onTop),
  over('So wide', ['over', 'wide']),
  over('So high', ['over', 'high'], upright),
  over('So far to the back', ['over', 'high'], onTop),
  { group: 'Place', label: 'On the wall', path: ['mount', 'corner'], input: { pick: 'wall' }, when: onWall },
  place('Along the wall from its left', ['mount', 'from'], onWall),
  place('Foot, above the floor', ['mount', 'up'], onWall),
  place('Along the leaf from its left', ['mount', 'from'], onLeaf),
  place('Foot, above the leaf’s', ['mount', 'up'], onLeaf),
  { group: 'Place', label: 'On its', path: ['mount', 'face'], input: wordChoice(['mount', 'face'], ['outside', 'inside']), when: onLeaf },
  place('From the left of the top', ['mount', 'from'], onTop),
  place('From the front of the top', ['mount', 'back'], onTop),
]; // prettier-ignore

export const coverFields = (): readonly Field<Cover>[] => [
  ...FIELDS,
  ...schoolFields<Cover>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
