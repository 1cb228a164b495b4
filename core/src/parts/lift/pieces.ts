import { called } from '../../item/called';
import { board } from '../../piece/board';
import type { Link, Piece } from '../../piece/piece';
import { plain } from '../../piece/plain';
import { LEVEL_SIDES } from '../../piece/work';
import { middleOf } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import type { LaidLift, LiftArm, LiftMember } from './lay';

/** A column with its plates and its lock, kg for a metre of tube. Common practice, no single source. */
const TUBE_KG_A_M = 4;
const MM_A_M = 1000;

export const liftWords = ({ table }: LaidLift): string => `the ${called(table.name)}`;

/** The top with what lies on it; each tube or pair of arms; the foot, which stays. */
export function liftPieces(laid: LaidLift): PartPieces {
  const { table, foot, frame } = laid;
  const key = `${table.id}/foot`;
  return {
    moving: [topLink(laid), ...laid.members.map((member) => memberLink(laid, member))],
    still:
      foot.length > 0
        ? [
            {
              key,
              item: table.id,
              words: `the foot of ${liftWords(laid)}`,
              pieces: [
                plain(frame, {
                  key: `${key}-1`,
                  item: table.id,
                  role: 'leg',
                  is: 'bought',
                  name: 'Column with its foot',
                  told: { key, words: `the foot of ${liftWords(laid)}` },
                  at: foot,
                }),
              ],
            },
          ]
        : [],
    onGround: [],
  };
}

function topLink(laid: LaidLift): Link {
  const { table, frame, top, place } = laid;
  const middle = frame.toSpace([middleOf(top.x), middleOf(top.y), middleOf(top.z)]);
  return {
    key: table.id,
    item: table.id,
    words: `the top of ${liftWords(laid)}`,
    pieces: [
      board(frame, {
        key: `${table.id}/top`,
        item: table.id,
        role: 'top',
        name: `${table.name}, top`,
        told: { key: `${table.id}/top`, words: `the top of ${liftWords(laid)}` },
        at: top,
        way: ['x', '-y'],
        length: [{ words: 'as chosen', mm: table.wide.mm }],
        width: [{ words: 'as chosen', mm: table.deep.mm }],
        thick: [{ words: 'as the board', mm: place.stock.thickness(table.material) }],
        material: table.material,
        sides: LEVEL_SIDES,
      }),
      ...(table.carries > 0
        ? [
            plain(frame, {
              key: `${table.id}/load`,
              item: table.id,
              role: 'load',
              is: 'content',
              name: 'What lies on it',
              told: { key: `${table.id}/load`, words: `what lies on ${liftWords(laid)}` },
              mass: { kg: table.carries, centre: middle },
            }),
          ]
        : []),
    ],
  };
}

/** Arms are boards, each from its pins and half its width past them; tubes come with the column. */
function memberLink(laid: LaidLift, member: LiftMember): Link {
  const { table, frame, members, top } = laid;
  const { key, words, tube } = member;
  const said = `${/^[aeiou]/.test(words) ? 'an' : 'a'} ${words} of ${liftWords(laid)}`;
  const shared = (i: number) => ({ key: `${key}-${i + 1}`, item: table.id, told: { key, words: said } });
  const pieces: Piece[] = tube
    ? [
        plain(frame, {
          ...shared(0),
          role: 'leg',
          is: 'bought',
          name: 'Tube of the column',
          at: [tube],
          mass: {
            kg: (TUBE_KG_A_M * (top.z[0] / MM_A_M)) / members.length,
            centre: frame.toSpace([middleOf(tube.x), middleOf(tube.y), middleOf(tube.z)]),
          },
        }),
      ]
    : member.arms.map((arm, i) => armPiece(laid, words, arm, shared(i)));
  return { key, item: table.id, words: said, pieces };
}

function armPiece(
  { table, place }: LaidLift,
  words: string,
  { frame, y }: LiftArm,
  shared: Pick<Piece, 'key' | 'item' | 'told'>,
): Piece {
  const { lifts } = table;
  if (lifts.kind === 'pedestal') throw new Error(`A column has no ${words}.`);
  const half = lifts.wide.mm / 2;
  return board(frame, {
    ...shared,
    role: 'arm',
    name: `${table.name}, ${words}`,
    at: { x: [-half, lifts.long.mm + half], y, z: [-half, half] },
    way: ['x', 'z'],
    length: [
      { words: 'from pin to pin', mm: lifts.long.mm },
      { words: 'past both pins', mm: 2 * half, times: [2, half] },
    ],
    width: [{ words: 'as chosen', mm: lifts.wide.mm }],
    thick: [{ words: 'as the board', mm: place.stock.thickness(lifts.material) }],
    material: lifts.material,
    notes: ['Its pins turn in bushes: bore all arms of a pair clamped together.'],
  });
}
