import type { MoverCheck } from '../clearance/checkMover';
import { SceneChecker } from '../clearance/checkScene';
import { BLOCKED, FREE, type Ground } from '../clearance/ground';
import { relationOf, type PairRelation } from '../clearance/pairMap';
import { PairMaps } from '../clearance/pairMaps';
import { MILLIMETRES } from '../length/units';
import { bodiesOf, type Scene } from '../scene/scene';
import { encounterSentence, shortVerdict } from './words';

/** What the map of two movers says; pairs that never come near each other are left out. */
export interface PairReport extends PairRelation {
  readonly a: string;
  readonly b: string;
}

/** A scene checked as it stands in a file: each mover, and each pair whose swept air meets. */
export interface SceneReport {
  readonly movers: readonly MoverCheck[];
  readonly pairs: readonly PairReport[];
}

export function sceneReport(scene: Scene): SceneReport {
  const { movers } = new SceneChecker({ curves: true, meantAlways: true }).check(scene);
  const maps = new PairMaps();
  const pairs = scene.movers.flatMap((a, i) =>
    scene.movers.slice(i + 1).flatMap((b): PairReport[] => {
      const map = maps.of(a, b);
      return map ? [{ a: a.id, b: b.id, ...relationOf(map) }] : [];
    }),
  );
  return { movers, pairs };
}

const WORDS: Record<Ground, string> = { [FREE]: 'yes', [BLOCKED]: 'no', 2: 'not proven' };

/** The same as sentences, lengths in mm. */
export function sceneReportText(scene: Scene, { movers, pairs }: SceneReport): string {
  const names = new Map(bodiesOf(scene).map(({ id, name }) => [id, name]));
  const lines = movers.flatMap((check, i) => {
    const mover = scene.movers[i]!;
    const { word, amount, detail } = shortVerdict(mover, check, MILLIMETRES);
    const said = check.encounters.map((encounter) => {
      const moving = mover.bodies.length > 1 ? names.get(encounter.moving)! : '';
      return `  ${encounterSentence(mover, encounter, { moving, still: names.get(encounter.still)! }, MILLIMETRES)}`;
    });
    return [`${mover.name}: ${word} ${amount}, ${detail}`, ...said];
  });
  const pairLines = pairs.map(
    ({ a, b, bothOpen, aWithBShut, bWithAShut }) =>
      `${a} and ${b}: both open ${WORDS[bothOpen]}; ${a} with ${b} shut ${WORDS[aWithBShut]}; ${b} with ${a} shut ${WORDS[bWithAShut]}`,
  );
  return `${[...lines, ...pairLines].join('\n')}\n`;
}
