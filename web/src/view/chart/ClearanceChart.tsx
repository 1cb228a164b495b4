import { LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use as register, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import {
  partsOfMover,
  namedPartsOf,
  formatLength,
  MM_PER_INCH,
  travelText,
  type Encounter,
  type Mover,
  type PartReport,
  type Scene,
  type Units,
} from '@tarnpass/core';
import { useEffect, useMemo, useRef } from 'react';
import { DASHES } from './dashes';
import { PALETTE, type Sheet } from '../theme/palette';
import { FIGURES } from '../theme/theme';

register([LineChart, GridComponent, TooltipComponent, MarkLineComponent, AriaComponent, SVGRenderer]);

/** A pause in the edits this long, ms, draws the chart anew. */
const REST = 150;

interface Props {
  readonly mover: Mover;
  readonly report: PartReport;
  readonly scene: Scene;
  readonly units: Units;
  readonly sheet: Sheet;
}

/** Clearance over the travel, a line for each thing that comes near: the worst four. */
export default function ClearanceChart({ mover, report, scene, units, sheet }: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType>(null);
  const drawn = useRef(false);
  const worst = useMemo(
    () => report.check.encounters.filter(({ curve }) => curve.length > 0).slice(0, DASHES.length),
    [report],
  );

  useEffect(() => {
    const instance = init(holder.current!, undefined, { renderer: 'svg' });
    chart.current = instance;
    drawn.current = false;
    const observer = new ResizeObserver(() => instance.resize());
    observer.observe(holder.current!);
    return () => {
      observer.disconnect();
      instance.dispose();
    };
  }, []);

  useEffect(() => {
    const draw = () => {
      drawn.current = true;
      chart.current!.setOption(chartOption({ mover, report, scene, units, sheet }, worst), {
        notMerge: true,
      });
    };
    // Words and strips follow an edit at once; the chart once the hand rests.
    if (!drawn.current) return draw();
    const timer = setTimeout(draw, REST);
    return () => clearTimeout(timer);
  }, [mover, report, scene, units, sheet, worst]);

  const said = worst.map(({ still }) => namedPartsOf(scene).find(({ id }) => id === still)?.name).join(', ');
  return (
    <div
      ref={holder}
      role="img"
      aria-label={`Clearance of ${mover.name} from ${said || 'nothing near'} from shut to ${travelText(mover, mover.to, units)}`}
      style={{ height: 168 }}
    />
  );
}

/** What the chart is to show: axes in the units, and a line for each thing that comes near. */
function chartOption({ mover, report, scene, units, sheet }: Props, worst: readonly Encounter[]) {
  const c = PALETTE[sheet];
  const turn = mover.unit === 'rad';
  const label = { color: c.ink2, fontSize: 13.5 };
  return {
    animation: false,
    textStyle: { fontFamily: FIGURES, ...label },
    grid: { left: 34, right: 14, top: 28, bottom: 24 },
    tooltip: {
      trigger: 'axis',
      backgroundColor: c.ink,
      borderWidth: 0,
      textStyle: { color: c.paper, fontFamily: FIGURES },
      valueFormatter: (value: unknown) =>
        formatLength(Number(value) * (units.system === 'in' ? MM_PER_INCH : 1), units, true),
      axisPointer: { lineStyle: { color: c.ink } },
    },
    xAxis: {
      type: 'value',
      min: 0,
      max: across(mover, mover.to, units),
      axisLabel: { formatter: turn ? '{value}°' : '{value}', ...label },
      axisLine: { lineStyle: { color: c.ink, width: 1.25 } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min: 0,
      max: Math.ceil(inUnits(report.check.watch, units)),
      interval: units.system === 'in' ? 0.5 : 10,
      name: `clearance, ${units.system}`,
      nameLocation: 'end',
      nameTextStyle: { align: 'left', padding: [0, 0, 0, -28], ...label },
      axisLabel: label,
      splitLine: { lineStyle: { color: c.wash } },
    },
    series: linesOf({ mover, scene, units, sheet }, worst),
  };
}

/** A line for each thing that comes near; with the worst, what is needed from it. */
function linesOf({ mover, scene, units, sheet }: Omit<Props, 'report'>, worst: readonly Encounter[]) {
  const c = PALETTE[sheet];
  const words = new Map(namedPartsOf(scene).map(({ id, name }) => [id, name]));
  const bodies = new Map(partsOfMover(mover).map(({ id, name }, i) => [id, i === 0 ? '' : `${name} to `]));
  return worst.map((encounter, i) => ({
    type: 'line',
    name: `${bodies.get(encounter.moving) ?? ''}${words.get(encounter.still) ?? encounter.still}`,
    showSymbol: false,
    data: encounter.curve.map((point) => [
      across(mover, point.travel, units),
      inUnits(Math.max(0, point.clearance), units),
    ]),
    lineStyle: { color: encounter.verdict === 'hits' ? c.heather : c.tarn, width: 1.8, type: DASHES[i] },
    itemStyle: { color: encounter.verdict === 'hits' ? c.heather : c.tarn },
    ...(i === 0 && {
      markLine: {
        silent: true,
        symbol: 'none',
        lineStyle: { color: c.ink, type: [7, 3], width: 1.2 },
        label: { formatter: 'needed', position: 'insideEndTop', color: c.ink2, fontSize: 13.5 },
        data: [{ yAxis: inUnits(encounter.needed, units) }],
      },
    }),
  }));
}

/** A travel as it stands along the chart. */
const across = ({ unit }: Mover, value: number, units: Units): number =>
  unit === 'rad' ? (value * 180) / Math.PI : inUnits(value, units);

function inUnits(mm: number, units: Units): number {
  return units.system === 'in' ? mm / MM_PER_INCH : mm;
}
