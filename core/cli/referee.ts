import { diceOf } from '../src/testing/referee/dice';
import { drawScene } from '../src/testing/referee/drawScene';
import { judge } from '../src/testing/referee/judge';
import { manifoldModule } from '../src/testing/manifoldGap';

const option = (name: string, fallback: number) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? fallback : Number(process.argv[at + 1]);
};
const scenes = option('scenes', 200);
const seed = option('seed', 1);
const api = await manifoldModule();
let wrongs = 0;
for (let i = 0; i < scenes; i += 1) {
  const dice = diceOf(seed * 1_000_003 + i);
  const drawn = drawScene(dice);
  const t0 = performance.now();
  const judged = judge(api, drawn, dice);
  const all = performance.now() - t0;
  if (judged.wrong.length > 0) {
    wrongs += 1;
    console.log(i, judged.verdicts.join(), judged.wrong.slice(0, 2).join(' | ').slice(0, 400));
  }
  if (judged.ms > 500)
    console.log(
      i,
      'slow',
      judged.ms.toFixed(0),
      drawn.file.movers
        .map((m) => m.bodies.map((b) => b.joints.map((j) => j.kind).join('+')).join(','))
        .join(' / '),
    );
  if (all > 5000) console.log(i, 'referee slow', all.toFixed(0));
}
console.log(wrongs, 'wrong of', scenes);
