import { pathText } from '../item/issue';
import { sceneReport, sceneReportText } from '../report/sceneReport';
import { readScene } from './readScene';

const door = {
  id: 'door', unit: 'rad', to: 1.6,
  bodies: [{ id: 'leaf', name: 'the leaf', pieces: [{ kind: 'box', least: [0, 0, 0], most: [600, 20, 2000] }], joints: [{ kind: 'turn', point: [0, 0, 0], axis: [0, 0, -2] }] }],
}; // prettier-ignore
const drawer = {
  id: 'drawer', unit: 'mm', to: 400,
  bodies: [{ id: 'box', name: 'the drawer', pieces: [{ kind: 'prism', axis: 'z', outline: [[20, 30], [500, 30], [500, 480], [20, 480]], from: 100, to: 300 }], joints: [{ kind: 'slide', direction: [0, -1, 0] }] }],
}; // prettier-ignore
const scene = (change: object = {}) => ({
  format: 'tarnpass-scene',
  version: 1,
  bodies: [
    { id: 'post', name: 'the post', pieces: [{ kind: 'box', least: [640, -40, 0], most: [700, 0, 2000] }] },
  ],
  movers: [door, drawer],
  ...change,
});
const refusal = (raw: unknown) => {
  const read = readScene(raw);
  return read.ok ? 'read' : `${pathText(read.issues[0]!.path)}: ${read.issues[0]!.message}`;
};
const withJoints = (joints: object[], to = 1, more: object = {}) =>
  scene({ movers: [{ ...door, to, bodies: [{ ...door.bodies[0], joints, ...more }] }] });
const withPiece = (piece: object) => scene({ bodies: [{ id: 'post', pieces: [piece] }] });

describe('a scene file', () => {
  it('is read, built and checked: what each meets, and what the two mean for each other', () => {
    const read = readScene(scene());
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const text = sceneReportText(read.scene, sceneReport(read.scene));
    // The leaf's corner passes the post's edge on a circle of sqrt(600^2 + 20^2), whose post is 640 away at its nearest.
    expect(text).toContain('Clears the post by 39.7 mm');
    expect(text).toContain('drawer: hits when shut'.replace('when shut', 'at'));
    expect(text).toContain('door and drawer: both open');
    expect(text).toContain('Open door first, then drawer: the other way round they meet.');
    expect(text).toContain('Open in this order: door to 91°; drawer to 400 mm.');
  });

  it.each<[string, unknown, RegExp]>([
    [
      'crossing',
      withPiece({
        kind: 'prism',
        axis: 'z',
        outline: [
          [0, 0],
          [9, 9],
          [9, 0],
          [0, 9],
        ],
        from: 0,
        to: 5,
      }),
      /^bodies\[0\]\.pieces\[0\]\.outline\[\d\]: An outline crosses/,
    ],
    [
      'a box of no thickness',
      withPiece({ kind: 'box', least: [0, 0, 0], most: [5, 0, 5] }),
      /^bodies\[0\]\.pieces\[0\]\.most\[1\]: A box needs a thickness/,
    ],
    [
      'a flat hull',
      withPiece({
        kind: 'hull',
        points: [
          [0, 0, 0],
          [1, 0, 0],
          [0, 1, 0],
          [1, 1, 0],
        ],
      }),
      /not all in one plane/,
    ],
    ['over 20 m', withPiece({ kind: 'box', least: [0, 0, 0], most: [20_001, 5, 5] }), /over 20 m/],
    ['no number', withPiece({ kind: 'box', least: [0, 0, Number.NaN], most: [5, 5, 5] }), /This must be/],
    ['infinite', withPiece({ kind: 'box', least: [0, 0, 0], most: [5, 5, Infinity] }), /finite number/],
    [
      'a linkage that cannot close',
      withJoints(
        [
          {
            kind: 'four-bar',
            link: 'coupler',
            axis: [0, 0, 1],
            first: [0, 0, 0],
            second: [100, 0, 0],
            crank: 50,
            coupler: 60,
            rocker: 60,
            assembly: 'open',
            start: 0,
          },
        ],
        2.5,
      ),
      /^movers\[0\]\.bodies\[0\]\.joints\[0\]: The linkage cannot close beyond 101\.0 degrees/,
    ],
    [
      'a track too short',
      withJoints(
        [
          {
            kind: 'track',
            start: [0, 0, 0],
            along: [1, 0, 0],
            axis: [0, 0, 1],
            stretches: [{ kind: 'line', length: 300 }],
            front: 200,
            spacing: 100,
          },
        ],
        500,
      ),
      /The track ends 400\.0 mm before/,
    ],
    [
      'a loop of parents',
      scene({
        movers: [
          {
            ...door,
            bodies: [
              { ...door.bodies[0], parent: 'b' },
              { ...door.bodies[0], id: 'b', parent: 'leaf' },
            ],
          },
        ],
      }),
      /carry each other in a loop/,
    ],
    ['a parent that is not there', withJoints([], 1, { parent: 'nobody' }), /no body “nobody”/],
    [
      'a moving half-space',
      scene({
        movers: [
          {
            ...door,
            bodies: [
              { ...door.bodies[0], pieces: [{ kind: 'half-space', point: [0, 0, 0], out: [0, 0, 1] }] },
            ],
          },
        ],
      }),
      /cannot move/,
    ],
    ['the same id twice', scene({ bodies: [{ id: 'leaf', pieces: [] }] }), /Two bodies have the id “leaf”/],
    [
      'a travel that ends first',
      scene({ movers: [{ ...door, to: -1 }] }),
      /^movers\[0\]\.to: The travel must end after it begins/,
    ],
    [
      '5,001 pieces',
      scene({
        bodies: Array.from({ length: 5001 }, (_, i) => ({
          id: `b${i}`,
          pieces: [{ kind: 'box', least: [0, 0, 0], most: [1, 1, 1] }],
        })),
      }),
      /up to 5000 convex pieces/,
    ],
    ['a later version', scene({ version: 2 }), /format version 2/],
  ])('with %s is refused with its path and a sentence', (_name, raw, said) =>
    expect(refusal(raw)).toMatch(said),
  );
});
