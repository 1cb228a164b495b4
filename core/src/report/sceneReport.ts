import type { MoverCheck } from '../clearance/checkMover';
import { SceneChecker } from '../clearance/checkScene';
import { BLOCKED, FREE, UNKNOWN, type CellState } from '../clearance/cellState';
import { relationOf, type PairRelation } from '../clearance/pairMap';
import { PairMaps } from '../clearance/pairMaps';
import { facing } from '../clearance/riderSquare';
import { MILLIMETRES } from '../length/units';
import { partsOfMover, namedPartsOf, type Scene } from '../scene/scene';
import { fullestOpening, type Opening } from './opening';
import { neverWords } from './openingWords';
import type { PairLine } from './pass';
import { pairSentence, pairWord } from './pairWords';
import { encounterSentence, encounterWords, shortVerdict, travelText } from './words';

/** What the map of two movers says, and in words; pairs whose swept air never meets are left out. */
export interface PairReport extends PairRelation, PairLine {}

/** A scene checked as it stands in a file: each mover, each pair whose swept air meets, and an order that opens all as far as can be. */
export interface SceneReport {
  readonly movers: readonly MoverCheck[];
  readonly pairs: readonly PairReport[];
  readonly opening: Opening;
}

export function sceneReport(scene: Scene): SceneReport {
  const { movers } = new SceneChecker({ curves: true, charts: true, meantAlways: true }).check(scene);
  const maps = new PairMaps();
  const pairs = scene.movers.flatMap((a, i) =>
    scene.movers.slice(i + 1).flatMap((b): PairReport[] => {
      const map = maps.of(a, b, scene.still);
      if (!map) return [];
      const word = pairWord(a, b, map);
      const sentence = pairSentence(...facing(a, b, scene.still), word, map, MILLIMETRES);
      return [{ a: a.id, b: b.id, word, sentence, ...relationOf(map) }];
    }),
  );
  return { movers, pairs, opening: fullestOpening(scene, movers, maps) };
}

const WORDS: Record<CellState, string> = { [FREE]: 'yes', [BLOCKED]: 'no', [UNKNOWN]: 'not proven' };

/** The same as sentences, lengths in mm. */
export function sceneReportText(scene: Scene, { movers, pairs, opening }: SceneReport): string {
  const names = new Map(namedPartsOf(scene).map(({ id, name }) => [id, name]));
  const lines = movers.flatMap((check, i) => {
    const mover = scene.movers[i]!;
    const { word, amount, detail } = shortVerdict(mover, check, MILLIMETRES);
    const said = check.encounters.map((encounter) => {
      const moving = partsOfMover(mover).length > 1 ? names.get(encounter.moving)! : '';
      return `  ${encounterSentence(encounterWords(mover, encounter, { moving, still: names.get(encounter.still)! }, MILLIMETRES))}`;
    });
    return [`${mover.name}: ${word} ${amount}, ${detail}`, ...said];
  });
  const pairLines = pairs.flatMap(({ a, b, bothOpen, aWithBShut, bWithAShut, sentence }) => [
    `${a} and ${b}: both open ${WORDS[bothOpen]}; ${a} with ${b} shut ${WORDS[aWithBShut]}; ${b} with ${a} shut ${WORDS[bWithAShut]}`,
    `  ${sentence}`,
  ]);
  const all = [...lines, ...pairLines, ...openingLines(scene, opening)];
  return `${all.join('\n')}\n`;
}

function openingLines(scene: Scene, { order, never }: Opening): string[] {
  const moverOf = (id: string) => scene.movers.find((mover) => mover.id === id)!;
  const steps = order.kind === 'order' ? order.moves : [];
  if (scene.movers.length < 2) return [];
  const said = steps.map((move) =>
    move.kind === 'one'
      ? `${moverOf(move.part).name} to ${travelText(moverOf(move.part), move.to, MILLIMETRES)}`
      : `${move.parts.map((id) => moverOf(id).name).join(' and ')} together`,
  );
  return [
    ...(never ? [neverWords(never, (id) => moverOf(id).name)] : []),
    ...(said.length > 0 ? [`Open in this order: ${said.join('; ')}.`] : []),
  ];
}
