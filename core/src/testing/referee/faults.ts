/**
 * Faults that the engine once had, each as a change of its source that puts it back: what `npm run -s referee -- --prove` tries
 * one by one, to show that the referee would find it again.
 */
export interface Fault {
  readonly letter: string;
  readonly what: string;
  readonly file: string;
  /** What finds it: scenes looked at mover by mover, or orders, ways and words. */
  readonly by?: 'orders';
  /** Code as it stands, and as the fault has it. A change that no longer fits is told, not passed over. */
  readonly changes: readonly (readonly [now: string, faulty: string])[];
}

export const FAULTS: readonly Fault[] = [
  {
    letter: 'A',
    what: 'beyond the watch distance by what is attained, not by what is proven',
    file: 'clearance/leastClearance.ts',
    changes: [
      ['if (watch < attained - UNDECIDED) return watch;', ''],
      ['beyondWatch: lower >= watch }', 'beyondWatch: best!.clearance > watch }'],
    ],
  },
  {
    letter: 'B, track',
    what: 'knots and legs of a track only where its travel is above 0',
    file: 'motion/track.ts',
    changes: [
      [
        'carriage.joints.map((s) => s - front)',
        'carriage.joints.map((s) => s - front).filter((knot) => knot > 0)',
      ],
      ['const ends = [back, ...knots, ahead];', 'const ends = [0, ...knots, ahead];'],
    ],
  },
  {
    letter: 'B, linkage',
    what: 'the crank of a linkage turns the other way where the travel ends below 0',
    file: 'motion/fourBar.ts',
    changes: [
      [
        'const onCrank = { joint: turn(first), drive: ratio(1) };',
        'const onCrank = { joint: turn(first), drive: ratio(to < 0 ? -1 : 1) };',
      ],
    ],
  },
  {
    letter: 'C',
    what: 'a linkage is looked at for closing only towards the end of its travel',
    file: 'motion/fourBar.ts',
    changes: [
      ['for (const end of [Math.min(from, 0), Math.max(to, 0)]) {', 'for (const end of [Math.max(to, 0)]) {'],
      [
        'if (!(Math.abs(cosB) <= 1 && Math.abs(cosC) <= 1))\n      throw new Error(`The linkage does not close at a crank angle of ${crank} rad.`);',
        '',
      ],
    ],
  },
  {
    letter: 'D',
    what: 'what is unbounded times what does not move is no number, and nobody says so',
    file: 'motion/chainSweep.ts',
    changes: [
      ['if (!(most + bend < Infinity)) return false;', ''],
      ['if (!this.bound(at, t, back, ahead)) return Infinity;', 'this.bound(at, t, back, ahead);'],
    ],
  },
  {
    letter: 'F, beyond',
    what: 'a touch that is meant is tried beyond the travel',
    file: 'clearance/touches.ts',
    changes: [
      ['const from = Math.max(contact.from, mover.from);', 'const { from } = contact;'],
      ['const to = Math.min(contact.to, mover.to);', 'const { to } = contact;'],
    ],
  },
  {
    letter: 'F, first',
    what: 'of several touches of one pair only the first counts',
    file: 'clearance/touches.ts',
    changes: [['if (meant.length < 2) return meant;', 'if (meant.length > 0) return meant.slice(0, 1);']],
  },
  {
    letter: 'F, order',
    what: 'a touch that is meant is found in one order of its two bodies only',
    file: 'clearance/touches.ts',
    changes: [
      [
        'moving === one.id ? still === other.id : moving === other.id && still === one.id',
        'moving === one.id && still === other.id',
      ],
    ],
  },
  {
    letter: 'G',
    what: 'a tetrahedron nearly flat is taken at its signs',
    file: 'clearance/gjk.ts',
    changes: [['if (holds && makesOrigin()) return true;', 'makesOrigin();\n  if (holds) return true;']],
  },
  {
    letter: 'H',
    what: 'a follower is looked for on less than half a turn of a bend',
    file: 'motion/trackPath.ts',
    changes: [['Math.round((turn - middle) / (2 * Math.PI))', 'Math.round(foot / (2 * Math.PI))']],
  },
  {
    letter: 'I, axis',
    what: 'axes that are not square to their plane are read',
    file: 'motion/squareTo.ts',
    changes: [['if (!(Math.abs(off) <= SQUARE)) throw new Error(fault);', '']],
  },
  {
    letter: 'I, hole',
    what: 'a hole across the edge of its outline is read',
    file: 'solid/outline.ts',
    changes: [
      ["if (edge >= 0) return { hole, at: edge, message: 'A hole crosses the edge of its outline.' };", ''],
      ['if (!(Math.abs(areaOf(parts) - (outer - areaOf(holes))) <= SAME_AREA * outer))', 'if (!(outer > 0))'],
    ],
  },
  {
    letter: 'I, past',
    what: 'a hair past the end of a travel is no stretch of an edge, and so free',
    file: 'clearance/pairMap.ts',
    changes: [['Math.min(to, Math.max(from, travel));', 'travel + 0 * (from + to);']],
  },
  {
    letter: 'O, ways',
    what: 'a way sees from one middle of a cell to another, and its ends are put in their places afterwards',
    file: 'clearance/freeGround.ts',
    by: 'orders',
    changes: [
      [
        'if (this.sees(places[here]!, places[far]!, least)) next = far;',
        'if (this.sees(here === 0 ? places[1]! : places[here]!, far === places.length - 1 ? places[far - 1]! : places[far]!, least)) next = far;',
      ],
    ],
  },
  {
    letter: 'O, goal',
    what: 'shut neighbours cut the goal of opening in order',
    file: 'report/opening.ts',
    by: 'orders',
    changes: [[' || (moving.get(still) ?? mover.id) !== mover.id', '']],
  },
  {
    letter: 'O, advice',
    what: 'one is to be shut before the other opens, where it does not open then either',
    file: 'report/pairWords.ts',
    by: 'orders',
    changes: [
      [
        "if (aWithBShut === FREE && bWithAShut === FREE) return 'one at a time';",
        "if (aWithBShut !== bWithAShut || aWithBShut === FREE) return 'one at a time';",
      ],
    ],
  },
  {
    letter: 'O, none',
    what: 'what no way leads to is told as what cannot stand there',
    file: 'clearance/neverBoth.ts',
    by: 'orders',
    changes: [
      ["blocked(start) ? 'shut' : blocked(end) ? 'there' : 'parted'", "blocked(start) ? 'shut' : 'there'"],
    ],
  },
  {
    letter: 'O, meant touch',
    what: 'a touch that is meant over a part of the travel is held to be meant where a part is parked beside it',
    file: 'clearance/couple.ts',
    by: 'orders',
    changes: [['return [least < Infinity && covered', 'return [covered']],
  },
  {
    letter: 'O, own half',
    what: 'what a part meets of its own is told of its neighbour',
    file: 'clearance/freeBeside.ts',
    by: 'orders',
    changes: [['encounters.filter(({ neighbour }) => neighbour === other.id)', 'encounters']],
  },
  {
    letter: 'O, apart',
    what: 'never near is told wherever the swept air does not meet',
    file: 'report/pairWords.ts',
    by: 'orders',
    changes: [['if (air > WATCH)', 'if (air > 0)']],
  },
];
