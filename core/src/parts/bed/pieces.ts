import { called } from '../../item/called';
import { board, type WorkIn } from '../../piece/board';
import { plain } from '../../piece/plain';
import type { Link, Piece } from '../../piece/piece';
import type { SumLine } from '../../sizing/sum';
import { middleOf, span, type Bounds, type Range } from '../../solid/bounds';
import type { PartPieces } from '../contract/family';
import { betweenLinks, boughtPieces, heldBy, stayPlaces, type MovingLink } from '../kit/turning/pieces';
import { atPlane, fromAxis } from '../kit/turning/plane';
import { caseBrackets, type Bracketed } from '../kit/turning/works';
import { besideBay, isOn } from '../../carcass/beside';
import type { GroundWork } from '../../carcass/build';
import { bedWords, hasBars, isHigh, mattressOf, type LaidBed } from './lay';
import { barLinks, deskLinks, legLinks } from './hangingPieces';

/** A pull with its screws, kg. Common practice, no single source. */
const PULL_KG = 0.2;
const PULL_HIGH = 20;
/** From the far edge to the middle of its pull, mm. */
const PULL_IN = 60;

const ownerOf = (laid: LaidBed) => ({ item: laid.bed.id, key: laid.bed.id, words: bedWords(laid) });

/** What a mattress's weight is called among all that weighs, since it may be off. */
export const mattressKey = ({ bed }: LaidBed): string => `${bed.id}/mattress`;

/** All that moves of a bed, each link on its own way: the bed, its mattress with what lies on it, its legs, its struts and springs. */
export const bedLinks = (laid: LaidBed): MovingLink[] => [
  { link: bedLink(laid), motion: laid.motion },
  { link: mattressLink(laid), motion: laid.motion },
  ...legLinks(laid),
  ...deskLinks(laid),
  ...barLinks(laid),
  ...betweenLinks(laid.bed.help, laid.plane, laid.helpX, laid.place.hardware, ownerOf(laid)),
];

export const bedPieces = (laid: LaidBed): PartPieces => ({
  moving: bedLinks(laid).map(({ link }) => link),
  still: [],
  onGround: [...caseBrackets(bracketedOf(laid), laid.place.hardware), ...pivotWorks(laid)],
});

/** The bed with what stands on brackets between it and its cabinet. */
export const bracketedOf = (laid: LaidBed): Bracketed => ({
  key: laid.bed.id,
  words: bedWords(laid),
  plane: laid.plane,
  help: laid.bed.help,
  helpX: laid.helpX,
  stay: laid.bed.stay,
  stayX: stayPlaces(laid.bed.stay, laid.ends),
  built: laid.place.built,
  opening: laid.opening,
  thick: laid.rail,
});

/** The hole of a pivot's pin, wood left beyond it in a side, mm. Common practice. */
const PIN_LEFT = 4;

/** A hole for the pin of its pivot in either side of the cabinet. */
function pivotWorks({ bed, place, opening, plane }: LaidBed): GroundWork[] {
  const item = place.hardware.find(bed.pivot.hardware, 'pivot');
  if (!item) return [];
  const [y, z] = plane.axis;
  const half = item.pin / 2;
  return (['left', 'right'] as const).flatMap((which): GroundWork[] => {
    const beside = besideBay(place.built, opening, which);
    if (!beside || !isOn(beside, { y: [y, y], z: [z, z] })) return [];
    const deep = Math.max(0, span(beside.board.at.x) - PIN_LEFT);
    const x: Range = which === 'left' ? [beside.at - deep, beside.at] : [beside.at, beside.at + deep];
    return [
      {
        into: beside.board.key,
        work: {
          key: `${bed.id}/pivot`,
          kind: 'hole',
          side: beside.side,
          round: true,
          at: { x, y: [y - half, y + half], z: [z - half, z + half] },
          words: `the pivot of the ${called(bed.name)}`,
        },
      },
    ];
  });
}

function bedLink(laid: LaidBed): Link {
  const { bed, place, frame } = laid;
  const { help } = bed;
  return {
    key: bed.id,
    item: bed.id,
    words: bedWords(laid),
    pieces: [
      ...railsOf(laid),
      ...bearerPieces(laid),
      platformOf(laid),
      ...panelPieces(laid),
      ...headboardOf(laid),
      ...strapsOf(laid),
      ...pullOf(laid),
      ...boughtPieces(
        help,
        [{ role: 'hinge' as const, id: bed.pivot.hardware, count: 1, key: 'pivot' }, ...heldBy(bed)],
        place.hardware,
        frame,
        ownerOf(laid),
      ),
    ],
  };
}

const line = (words: string, mm: number): SumLine => ({ words, mm });
const twice = (words: string, mm: number): SumLine[] =>
  mm === 0 ? [] : [{ words, mm: 2 * mm, times: [2, mm] }];

/** Of the mattress and the room about it: what stands up, and what lies along the axis. */
function traySums(laid: LaidBed): { up: SumLine[]; along: SumLine[] } {
  const { bed } = laid;
  const { up, along } = mattressOf(bed);
  const play = bed.frame.play.mm;
  return {
    up: [line('mattress', up), ...twice('room about it', play)],
    along: [line('mattress', along), ...twice('room about it', play)],
  };
}

/** Two long rails that stand up beside the mattress, and one at either end between them. */
function railsOf(laid: LaidBed): Piece[] {
  const { bed, frame, tray, rail } = laid;
  const sums = traySums(laid);
  const deep = [line('as chosen', bed.frame.deep.mm)];
  const thick = [line('as the board', rail)];
  const side = (which: 'left' | 'right'): Piece => {
    const key = `${bed.id}/rail-${which}`;
    const x: Range = which === 'left' ? [tray.x[0], tray.x[0] + rail] : [tray.x[1] - rail, tray.x[1]];
    return board(frame, {
      key,
      item: bed.id,
      role: 'side',
      name: `${bed.name}, ${which} rail`,
      told: { key, words: `the ${which} rail of ${bedWords(laid)}` },
      at: { ...tray, x },
      way: ['z', 'y'],
      length: [...sums.up, ...twice('end rails', rail)],
      width: deep,
      thick,
      material: bed.frame.material,
      works: [...pivotOn(laid, which, x), ...strutsOn(laid, which, x)],
    });
  };
  const end = (which: 'near' | 'far'): Piece => {
    const key = `${bed.id}/rail-${which}`;
    return board(frame, {
      key,
      item: bed.id,
      role: 'side',
      name: `${bed.name}, ${which} rail`,
      told: { key, words: `the ${which} rail of ${bedWords(laid)}` },
      at: {
        x: [tray.x[0] + rail, tray.x[1] - rail],
        y: tray.y,
        z: which === 'near' ? [tray.z[0], tray.z[0] + rail] : [tray.z[1] - rail, tray.z[1]],
      },
      way: ['x', 'y'],
      length: sums.along,
      width: deep,
      thick,
      material: bed.frame.material,
    });
  };
  return [side('left'), side('right'), end('near'), end('far')];
}

/** The hole of its pin through a rail. */
function pivotOn({ bed, place, plane }: LaidBed, which: 'left' | 'right', x: Range): WorkIn[] {
  const item = place.hardware.find(bed.pivot.hardware, 'pivot');
  if (!item) return [];
  const [y, z] = plane.axis;
  const half = item.pin / 2;
  return [
    {
      key: 'pivot',
      kind: 'hole',
      side: which === 'left' ? 'back' : 'face',
      round: true,
      at: { x, y: [y - half, y + half], z: [z - half, z + half] },
      words: 'the pivot',
    },
  ];
}

const PLATE = 30;

/** Where a strut's bracket goes on a rail's outer side. */
function strutsOn(laid: LaidBed, which: 'left' | 'right', x: Range): WorkIn[] {
  const { bed, plane, helpX } = laid;
  const { help } = bed;
  if (!('onLeaf' in help) || (which === 'right' && helpX.length < 2)) return [];
  const [y, z] = atPlane(plane, ...fromAxis(plane, help.onLeaf));
  const at = which === 'left' ? x[0] : x[1];
  return [
    {
      key: 'bracket',
      kind: 'footprint',
      side: which === 'left' ? 'back' : 'face',
      at: { x: [at, at], y: [y - PLATE / 2, y + PLATE / 2], z: [z - PLATE / 2, z + PLATE / 2] },
      words: `the bracket of ${help.kind === 'gas struts' ? 'a strut' : 'a spring'}`,
    },
  ];
}

function platformOf(laid: LaidBed): Piece {
  const { bed, frame, platform, place } = laid;
  const sums = traySums(laid);
  const key = `${bed.id}/platform`;
  return board(frame, {
    key,
    item: bed.id,
    role: 'bottom',
    name: `${bed.name}, platform`,
    told: { key, words: `the platform of ${bedWords(laid)}` },
    at: platform,
    way: ['z', 'x'],
    length: sums.up,
    width: sums.along,
    thick: [line('as the board', place.stock.thickness(bed.platform.material))],
    material: bed.platform.material,
  });
}

function bearerPieces(laid: LaidBed): Piece[] {
  const { bed, frame, bearers, rail } = laid;
  const high = isHigh(laid.platform);
  const key = `${bed.id}/bearer`;
  return bearers.map((at, i) =>
    board(frame, {
      key: `${key}-${i + 1}`,
      item: bed.id,
      role: 'rail',
      name: `${bed.name}, bearer`,
      told: { key, words: `a bearer of ${bedWords(laid)}` },
      at,
      way: high ? ['x', 'y'] : ['z', 'y'],
      length: traySums(laid)[high ? 'along' : 'up'],
      width: [line('as chosen', bed.platform.deep.mm)],
      thick: [line('as the board', rail)],
      material: bed.frame.material,
    }),
  );
}

function panelPieces(laid: LaidBed): Piece[] {
  const { bed, frame, panels, opening, tray } = laid;
  const { face } = bed;
  if (!face) return [];
  const gap = face.reveal.mm;
  const gaps = (many: number): SumLine =>
    many === 1 ? line('gap', -gap) : { words: 'gaps', mm: -many * gap, times: [many, gap] };
  const width: SumLine[] = hasBars(bed)
    ? [
        ...traySums(laid).along,
        ...twice('side rails', laid.rail),
        ...(face.panels > 1 ? [gaps(face.panels - 1)] : []),
      ]
    : [...opening.width.lines, gaps(face.panels + 1)];
  const all = width.reduce((sum, { mm }) => sum + mm, 0);
  const over = tray.z[1] > opening.inside.top - gap;
  return panels.map((at, i): Piece => {
    const key = `${bed.id}/panel-${i + 1}`;
    return board(frame, {
      key,
      item: bed.id,
      role: 'front',
      name: face.panels > 1 ? `${bed.name}, panel ${i + 1}` : `${bed.name}, panel`,
      told: { key, words: `a panel of ${bedWords(laid)}` },
      at,
      way: ['z', 'x'],
      length: over
        ? [line('to the far end of its frame', span(at.z))]
        : [...opening.height.lines, line('above the bay’s foot', -face.foot.mm), line('gap', -gap)],
      width:
        face.panels > 1
          ? [...width, { words: 'the others', mm: -(all * (face.panels - 1)) / face.panels }]
          : width,
      thick: [line('as the board', span(at.y))],
      material: face.material,
    });
  });
}

function headboardOf(laid: LaidBed): Piece[] {
  const { bed, frame, headboard: at, rail } = laid;
  if (!at) return [];
  const key = `${bed.id}/headboard`;
  return [
    board(frame, {
      key,
      item: bed.id,
      role: 'panel',
      name: `${bed.name}, headboard`,
      told: { key, words: `the headboard of ${bedWords(laid)}` },
      at,
      way: ['x', 'y'],
      length: [...traySums(laid).along, ...twice('side rails', rail)],
      width: [line('as chosen', bed.headboard.mm)],
      thick: [line('as the board', rail)],
      material: bed.frame.material,
    }),
  ];
}

/** A strap with its buckle, kg. Common practice. */
const STRAP_KG = 0.15;

function strapsOf(laid: LaidBed): Piece[] {
  const { bed, frame, mattress } = laid;
  const key = `${bed.id}/strap`;
  return Array.from({ length: bed.straps }, (_, i) =>
    plain(frame, {
      key: `${key}-${i + 1}`,
      item: bed.id,
      role: 'stay',
      is: 'bought',
      name: 'Webbing strap with a buckle',
      told: { key, words: `a strap of ${bedWords(laid)}` },
      mass: {
        kg: STRAP_KG,
        centre: frame.toSpace([middleOf(mattress.x), mattress.y[1], middleOf(mattress.z)]),
      },
    }),
  );
}

function pullOf(laid: LaidBed): Piece[] {
  const { bed, frame, tray, opening } = laid;
  const { grip } = bed;
  if (grip.kind !== 'pull') return [];
  const middle = middleOf(tray.x);
  const front = opening.inside.front;
  const up = tray.z[1] - PULL_IN;
  const at: Bounds = {
    x: [middle - grip.wide.mm / 2, middle + grip.wide.mm / 2],
    y: [front - grip.projection.mm, front],
    z: [up - PULL_HIGH / 2, up + PULL_HIGH / 2],
  };
  const key = `${bed.id}/pull`;
  return [
    plain(frame, {
      key,
      item: bed.id,
      role: 'handle',
      is: 'bought',
      name: 'Pull',
      told: { key, words: `the pull of ${bedWords(laid)}` },
      at: [at],
      mass: { kg: PULL_KG, centre: frame.toSpace([middle, middleOf(at.y), up]) },
    }),
  ];
}

function mattressLink(laid: LaidBed): Link {
  const { bed, frame, mattress, bedding } = laid;
  const middle = ({ x, y, z }: Bounds) => frame.toSpace([middleOf(x), middleOf(y), middleOf(z)]);
  const lying = (own: string, name: string, at: Bounds, kg: number): Piece => {
    const key = `${bed.id}/${own}`;
    return plain(frame, {
      key,
      item: bed.id,
      role: 'cushion',
      is: 'content',
      name,
      told: { key, words: `the ${called(name)} of ${bedWords(laid)}` },
      at: [at],
      mass: { kg, centre: middle(at) },
    });
  };
  return {
    key: mattressKey(laid),
    item: bed.id,
    words: `the mattress of ${bedWords(laid)}`,
    pieces: [
      lying('mattress-1', 'Mattress', mattress, bed.mattress.kg),
      ...(bedding ? [lying('bedding', 'Bedding', bedding, bed.bedding.kg)] : []),
    ],
  };
}
