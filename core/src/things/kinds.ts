import type { Shape, Thing } from './schema';

/** What a kind of thing usually is: width, depth, height, height above the floor, mm, what fills its box, and whether it can be moved. */
export interface Usual {
  readonly size: readonly [number, number, number, number];
  readonly shape?: Shape;
  /** What is part of the building does not move for a cupboard; what takes somebody licensed, or a wall opened, moves dearly. */
  readonly moved?: 'never' | 'dearly';
}

const mm = (value: number) => ({ mm: value });

/** A side that bellies out in the middle, as a hull does: stations and depths, mm. Invented, to be measured over. */
const BELLY = [
  [0, 60],
  [400, 140],
  [800, 200],
  [1200, 235],
  [1600, 250],
] as const;

/** Sizes to start from. Common practice, no single source: each is there to be measured over. */
export const USUAL: Record<Thing['kind'], Usual> = {
  sill: { moved: 'dearly', size: [900, 160, 30, 900] },
  skirting: { size: [2000, 18, 120, 0] },
  architrave: { size: [70, 20, 2100, 0] },
  pipe: { moved: 'dearly', size: [22, 22, 2400, 0], shape: { kind: 'round', along: 'upright' } },
  valve: { moved: 'dearly', size: [60, 90, 130, 100] },
  socket: {
    moved: 'dearly',
    size: [146, 12, 86, 300],
    shape: { kind: 'plug', faces: 'south', plug: mm(48), bend: mm(35), cable: mm(1500) },
  },
  switch: { moved: 'dearly', size: [86, 12, 86, 1050] },
  handle: { size: [140, 60, 25, 1000] },
  'bolt head': { size: [22, 14, 22, 400], shape: { kind: 'round', along: 'south to north' } },
  beam: { moved: 'never', size: [3000, 100, 200, 2200] },
  post: { moved: 'never', size: [120, 120, 2400, 0] },
  lamp: { size: [300, 300, 150, 2150], shape: { kind: 'round', along: 'upright' } },
  radiator: { moved: 'dearly', size: [800, 110, 600, 140] },
  appliance: {
    size: [600, 600, 850, 0],
    shape: { kind: 'aired', faces: 'south', back: mm(50), sides: mm(5), top: mm(50) },
  },
  // A hob in its worktop, a stove or a room heater, and a pipe that gas runs in.
  hob: { moved: 'dearly', size: [580, 510, 50, 870] },
  heater: { moved: 'dearly', size: [500, 350, 650, 0] },
  'gas pipe': { moved: 'dearly', size: [22, 22, 2400, 0], shape: { kind: 'round', along: 'upright' } },
  furniture: { size: [1200, 600, 750, 0] },
  'wheel arch': {
    moved: 'never',
    size: [800, 250, 350, 0],
    shape: { kind: 'arch', along: 'south to north' },
  },
  'curved side': {
    moved: 'never',
    size: [1600, 300, 700, 0],
    shape: {
      kind: 'offsets',
      back: 'north',
      seen: 'in plan',
      curve: 'smooth',
      table: BELLY.map(([station, depth]) => ({ station: mm(station), depth: mm(depth) })),
    },
  },
  'sloping face': {
    moved: 'never',
    size: [1500, 500, 1200, 0],
    shape: { kind: 'leaning', back: 'north', foot: mm(60), head: mm(420) },
  },
  'lowered ceiling': { moved: 'never', size: [1200, 900, 250, 2150] },
  compartment: {
    moved: 'never',
    size: [1100, 520, 450, 0],
    shape: { kind: 'compartment', mouth: 'south', wall: mm(18), lip: mm(50), head: mm(30), cheeks: mm(40) },
  },
  recess: {
    moved: 'never',
    size: [900, 250, 1800, 100],
    shape: { kind: 'void', into: 'north', through: false },
  },
  opening: {
    moved: 'never',
    size: [800, 120, 2000, 0],
    shape: { kind: 'void', into: 'north', through: true },
  },
  flooring: { moved: 'never', size: [2000, 2000, 14, 0] },
  studs: {
    moved: 'never',
    size: [3000, 90, 2400, 0],
    shape: { kind: 'framing', first: mm(400), spacing: mm(400), wide: mm(45), holds: 300 },
  },
  joists: {
    moved: 'never',
    size: [3000, 2000, 200, 2400],
    shape: { kind: 'framing', first: mm(400), spacing: mm(400), wide: mm(45), holds: 300 },
  },
  'wall rail': {
    moved: 'never',
    size: [3000, 90, 95, 1900],
    shape: { kind: 'framing', first: mm(0), spacing: mm(0), wide: mm(95), holds: 300 },
  },
  'hollow wall': {
    moved: 'never',
    size: [3000, 90, 2400, 0],
    shape: { kind: 'framing', first: mm(0), spacing: mm(0), wide: mm(12), holds: 100 },
  },
  'thin wall': {
    moved: 'never',
    size: [3000, 50, 2400, 0],
    shape: { kind: 'framing', first: mm(0), spacing: mm(0), wide: mm(50), holds: 50 },
  },
  box: { size: [400, 400, 400, 0] },
  'shaped piece': {
    size: [600, 400, 500, 0],
    shape: {
      kind: 'prism',
      along: 'upright',
      outline: [
        [0, 0],
        [1, 0],
        [1, 0.5],
        [0.5, 1],
        [0, 1],
      ],
    },
  },
  'imported piece': { size: [400, 400, 400, 0] },
  'keep-clear zone': { size: [600, 300, 1000, 0] },
  'hand reach': { size: [200, 200, 200, 100], shape: { kind: 'reach', hand: mm(100), arm: mm(450) } },
  'air path': { size: [600, 100, 100, 0] },
  'standing room': { size: [700, 600, 1900, 0] },
  walkway: { size: [1800, 600, 1900, 0] },
  // The middle of its box is an eye's: of who stands, unless it is set lower.
  'place to see from': { moved: 'never', size: [100, 100, 100, 1550] },
  'kept from sight': { moved: 'never', size: [600, 400, 1200, 400] },
};

/** Kinds a menu offers together. */
export const KIND_GROUPS: readonly { readonly words: string; readonly kinds: readonly Thing['kind'][] }[] = [
  {
    words: 'On the walls',
    kinds: [
      'skirting',
      'architrave',
      'sill',
      'radiator',
      'pipe',
      'gas pipe',
      'valve',
      'socket',
      'switch',
      'handle',
      'bolt head',
      'lamp',
    ],
  },
  {
    words: 'Of the building',
    kinds: [
      'beam',
      'post',
      'lowered ceiling',
      'sloping face',
      'curved side',
      'wheel arch',
      'recess',
      'opening',
      'compartment',
      'flooring',
    ],
  },
  { words: 'Behind the lining', kinds: ['studs', 'joists', 'wall rail', 'hollow wall', 'thin wall'] },
  { words: 'Standing in it', kinds: ['appliance', 'hob', 'heater', 'furniture', 'box', 'shaped piece'] },
  {
    words: 'Air that is spoken for',
    kinds: ['keep-clear zone', 'hand reach', 'air path', 'standing room', 'walkway'],
  },
  { words: 'Sight', kinds: ['place to see from', 'kept from sight'] },
];
