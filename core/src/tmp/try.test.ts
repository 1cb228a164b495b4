import { writeFileSync } from "node:fs";
import { newPart } from '../plan/fresh';
import { caseOf, planWith, refusalOf, type Made } from '../testing/planWith';
import { reportOf } from '../report/report';
import { partsList, hardwareNeeded } from '../make/partsList';
import type { Drawer } from '../parts/drawer/schema';
import { USUAL_RUNS } from '../parts/runs/usual';
const drawer = (o: Partial<Drawer> = {}): Drawer => ({ ...(newPart(planWith({}), 'drawer', caseOf()) as Drawer), ...o });
const show = (m: Made) => {
  const r = refusalOf(m); if (r) return r;
  const plan = planWith(m);
  const rep = reportOf(plan);
  return [...rep.parts.map(p => `${p.name}: ${p.short} | ${p.findings.map(f=>f.sentence).join(' ; ')}`), ...rep.notes.map(n=>`${n.verdict} ${n.sentence}`),
   ...partsList(plan).filter(l=>l.item!=='case').map(l=>`${l.name} x${l.count} ${l.length.mm.toFixed(1)} x ${l.width.mm.toFixed(1)} ${l.notes.join(' ')}`), ...hardwareNeeded(plan).map(h=>`${h.name} ${h.count}`)].join('\n');
};
const out: string[] = [];
it("x", () => {
  out.push(show({ parts: [drawer()] }));
  out.push(show({ parts: [drawer({ runs: USUAL_RUNS['wooden runners'], bank: {kind:'graduated',count:4,step:{mm:30}} })] }));
  out.push(show({ parts: [drawer({ runs: USUAL_RUNS['under slides'] })] }));
writeFileSync("/tmp/try.txt", out.join("\n\n"));
});
