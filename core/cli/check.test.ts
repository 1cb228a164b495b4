import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));
const check = (args: string[], input?: string) =>
  spawnSync(process.execPath, ['scripts/check.mjs', ...args], { cwd: root, input, encoding: 'utf8' });

describe('npm run check', () => {
  const demo = readFileSync(`${root}/core/src/testing/room.json`, 'utf8');

  it('ends with 1 and the report as JSON where something hits', () => {
    const { status, stdout } = check(['core/src/testing/room.json']);
    expect(status).toBe(1);
    expect(JSON.parse(stdout).answer.verdict).toBe('hits');
  });

  it('reads standard input and ends with 0 and sentences where all is clear', () => {
    const plan = JSON.parse(demo);
    for (const part of plan.parts) part.limit = 60;
    // Raised by the plinth under each, as that is written since format 4.
    for (const carcass of plan.carcasses) {
      carcass.stands = { on: 'a plinth', height: carcass.z, setback: { mm: 40 } };
      carcass.height = { mm: carcass.height.mm + carcass.z.mm };
      carcass.z = { mm: 0 };
      carcass.fixing = { hardware: 'stud-screw', count: 2 };
    }
    // Where it is screwed to a wall, what cables and pipes run to is a caution.
    plan.things = plan.things.filter(
      ({ kind }: { kind: string }) => !/socket|valve|radiator|hand/.test(kind),
    );
    const { status, stdout } = check(['--text', '-'], JSON.stringify(plan));
    expect(status).toBe(0);
    expect(stdout).toMatch(/Both parts open fully/);
    expect(stdout).toMatch(
      /carcass width 600 - two sides 2 x 18 \+ hinge overlay 16 \+ free edge overlay 16 = 596/,
    );
  });

  it('ends with 2, a path and a sentence on bad input, and writes no report', () => {
    for (const [input, said] of [
      [
        demo.replace('"limit": 115', '"limit": 400'),
        'parts[0].limit: The opening limit must be between 5 and 270 degrees.',
      ],
      ['{', 'This is not JSON'],
      [' '.repeat(8_000_001), 'A plan file with its readings may have up to 8 MB.'],
    ] as const) {
      const { status, stdout, stderr } = check(['-'], input);
      expect([status, stdout]).toEqual([2, '']);
      expect(stderr).toContain(said);
    }
    expect(check(['no-such-file.json']).stderr).toMatch(/Cannot read no-such-file\.json: ENOENT/);
  });
});
