import { WHOLE } from '../carcass/kinds';
import type { Length } from '../length/length';
import { USUAL_MATERIALS, USUAL_SCHOOLS, type Material } from '../material/schema';
import { leafInFull, withLastingKeys, withLoadsUnsaid, withMount } from '../parts/olderParts';
import { STRENGTHS } from '../material/strengths';
import { eachObject, type Json } from '../item/json';

/** What most people reach standing, and a finger's room behind a handle, mm. Common practice, no single source. */
export const USUAL_REACH = { low: { mm: 400 }, high: { mm: 1800 }, fingers: { mm: 25 } };

/** One step a format version: `MIGRATIONS[0]` makes a version 2 plan of a version 1 plan, and so on. */
const MIGRATIONS: readonly ((old: object) => object)[] = [
  severalSlopes,
  carcassesInFull,
  lastingKeys,
  mountedParts,
  strongMaterials,
];

/** Bring a plan of an older format version up to the current one. What it holds is checked afterwards, not here. */
export function migrate(raw: object, version: number): object {
  return MIGRATIONS.slice(version - 1).reduce((plan, step) => step(plan), raw);
}

/** Version 1 knew one roof slope, nothing that moves already, no readings and no way in. */
function severalSlopes(old: object): object {
  const { space, ...rest } = old as { space?: unknown };
  const added = { measured: [], wayIn: [], existing: [] };
  if (typeof space !== 'object' || space === null || !('slope' in space))
    return { ...rest, ...added, space, version: 2 };
  const { slope, ...room } = space;
  return { ...added, ...rest, space: { ...room, slopes: slope === null ? [] : [slope] }, version: 2 };
}

/** Version 2 knew carcasses of one bay with a thickness of their own, and doors of one leaf on butt hinges. */
function carcassesInFull(old: object): object {
  const { carcasses, parts, ...rest } = old as { carcasses?: unknown; parts?: unknown };
  const materials = new Map<string, Material>(USUAL_MATERIALS.map((one) => [one.id, one]));
  /** The material of a thickness nobody named: it was typed, so it counts as measured. */
  const materialOf = (raw: unknown): string => {
    const mm = typeof raw === 'number' ? raw : (raw as { mm?: unknown } | null)?.mm;
    if (typeof mm !== 'number' || !(mm > 0)) return 'ply-18';
    const id = `sheet-${String(mm).replace(/[^0-9]/g, '-')}`.slice(0, 40);
    const length = typeof raw === 'number' ? { mm } : (raw as Length);
    materials.set(id, {
      id,
      name: `Sheet ${length.typed ?? mm} ${length.unit ?? 'mm'}`,
      kind: 'sheet',
      nominal: length,
      measured: length,
      density: 680,
    });
    return id;
  };
  const laid = eachObject(carcasses, ({ sheet, ...carcass }) => {
    const material = materialOf(sheet);
    return {
      ...carcass,
      kind: 'cupboard',
      sheet: material,
      back: { material, set: 'between' },
      top: 'between',
      frame: null,
      stands: { on: 'the floor' },
      banding: 0,
      carries: { inside: 0, front: 0 },
      ends: { left: null, right: null },
      fillers: { left: null, right: null },
      sides: { left: null, right: null },
      bay: WHOLE,
    };
  });
  const hung = eachObject(parts, ({ thickness, ...part }) =>
    leafInFull({ ...part, bay: WHOLE.id }, materialOf(thickness)),
  );
  return {
    ...rest,
    reach: USUAL_REACH,
    schools: USUAL_SCHOOLS,
    hardware: [],
    carcasses: laid,
    parts: hung,
    materials: [...materials.values()],
    version: 3,
  };
}

/** Version 3 counted drawers and told contents by their place: now each has an id of its own. */
function lastingKeys(old: object): object {
  const { parts, ...rest } = old as { parts?: unknown };
  return { ...rest, parts: eachObject(parts, withLastingKeys), version: 4 };
}

/** Version 4 named a carcass and a bay for every part, also for one that lies on top and is in none. */
function mountedParts(old: object): object {
  const { parts, ...rest } = old as { parts?: unknown };
  return { ...rest, parts: eachObject(parts, withMount), version: 5 };
}

/** What names of materials say of how they bend; the first that a name has. */
const MADE: readonly (readonly [RegExp, keyof typeof STRENGTHS])[] = [
  [/plywood|\bply\b/i, 'birch plywood'],
  [/mdf/i, 'MDF'],
  [/chipboard|particle/i, 'chipboard'],
  [/oak/i, 'oak'],
  [/pine|softwood/i, 'pine'],
];

const EASY_UNTIL_THEN = 1900;

/** Version 5 knew not how materials bend, nor that a load was nobody's word. */
function strongMaterials(old: object): object {
  const { materials, parts, reach, ...rest } = old as {
    materials?: unknown;
    parts?: unknown;
    reach?: { high?: { mm?: unknown } };
  };
  const withStrength = (material: Json): Json => {
    const made = MADE.find(([name]) => name.test(String(material['name'])))?.[1];
    return { ...material, ...(made && STRENGTHS[made]) };
  };
  return {
    ...rest,
    // What was called easy reach until then, and nobody had typed.
    reach: reach?.high?.mm === EASY_UNTIL_THEN ? { ...reach, high: USUAL_REACH.high } : reach,
    materials: eachObject(materials, withStrength),
    parts: eachObject(parts, withLoadsUnsaid),
    version: 6,
  };
}
