import { LineChart } from 'echarts/charts';
import {
  AriaComponent,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
} from 'echarts/components';
import { init, use as register, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { NEWTONS_A_POUND, type HandCurve, type StandStretch, type Units } from '@tarnpass/core';
import { useEffect, useEffectEvent, useRef } from 'react';
import { PALETTE, type Sheet } from '../theme/palette';
import { FIGURES } from '../theme/theme';

register([
  LineChart,
  GridComponent,
  TooltipComponent,
  MarkLineComponent,
  MarkAreaComponent,
  AriaComponent,
  SVGRenderer,
]);

/** A curve besides the one that is looked at: another day, or struts that are offered. */
export interface Beside {
  readonly name: string;
  readonly curve: HandCurve;
  /** It is tried on the sheet, or held against: drawn stronger than what is only offered. */
  readonly strong: boolean;
}

interface Props {
  readonly curve: HandCurve;
  readonly stands: readonly StandStretch[];
  readonly beside: readonly Beside[];
  readonly what: 'hand' | 'torque';
  /** A hand gives so much with ease, N. */
  readonly comfortable: number;
  /** Where it stands just now, rad. */
  readonly travel: number;
  readonly units: Units;
  readonly sheet: Sheet;
  readonly words: string;
  onMove(travel: number): void;
}

const DEGREES = 180 / Math.PI;
const NEWTON_METRES_A_POUND_FOOT = NEWTONS_A_POUND * 0.3048;

/** Forces over the travel, from the least to the most they may be, under the same rider as the strip: drag along it and the part moves. */
export default function ForceChart(props: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType>(null);
  const moveTo = useEffectEvent((x: number) => {
    const point = chart.current!.convertFromPixel({ xAxisIndex: 0, yAxisIndex: 0 }, [x, 0]);
    const last = props.curve.travels[props.curve.travels.length - 1]!;
    props.onMove(Math.min(last, Math.max(0, Number(point[0]) / DEGREES)));
  });

  useEffect(() => {
    const instance = init(holder.current!, undefined, { renderer: 'svg' });
    chart.current = instance;
    const observer = new ResizeObserver(() => instance.resize());
    observer.observe(holder.current!);
    let dragging = false;
    const ink = instance.getZr();
    ink.on('mousedown', ({ offsetX }) => {
      dragging = true;
      moveTo(offsetX);
    });
    ink.on('mousemove', ({ offsetX }) => dragging && moveTo(offsetX));
    const end = () => {
      dragging = false;
    };
    ink.on('mouseup', end);
    ink.on('globalout', end);
    return () => {
      observer.disconnect();
      instance.dispose();
    };
  }, []);

  useEffect(() => {
    chart.current!.setOption(chartOption(props), { notMerge: true });
  });

  return (
    <div
      ref={holder}
      role="img"
      aria-label={props.words}
      style={{ height: 224, cursor: 'ew-resize', touchAction: 'none' }}
    />
  );
}

/** What is shown of a curve: in the reader's units. */
function scaleOf({ what, units }: Pick<Props, 'what' | 'units'>): number {
  if (units.system !== 'in') return 1;
  return what === 'hand' ? 1 / NEWTONS_A_POUND : 1 / NEWTON_METRES_A_POUND_FOOT;
}

type Pair = readonly [number, number];

function chartOption(props: Props) {
  const { curve, stands, beside, what, travel, sheet } = props;
  const c = PALETTE[sheet];
  const label = { color: c.ink2, fontSize: 13.5 };
  const scale = scaleOf(props);
  const pairs = what === 'hand' ? [...curve.lift, ...downward(curve)] : curve.torque;
  const { least, most, step } = boundsOf(pairs, props, scale);
  const last = curve.travels[curve.travels.length - 1]! * DEGREES;
  return {
    animation: false,
    textStyle: { fontFamily: FIGURES, ...label },
    grid: { left: 40, right: 14, top: 38, bottom: 26 },
    tooltip: { show: false },
    xAxis: {
      type: 'value',
      min: 0,
      max: last,
      axisLabel: { formatter: '{value}°', ...label, showMaxLabel: false },
      axisLine: { onZero: false, lineStyle: { color: c.ink, width: 1.25 } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min: least,
      max: most,
      interval: step,
      axisLabel: label,
      splitLine: { lineStyle: { color: c.wash } },
    },
    series: [
      ...linesOf(props, scale),
      ...beside.map(({ name, curve: other, strong }) => ({
        type: 'line',
        name,
        showSymbol: false,
        silent: true,
        data: line(other.travels, what === 'hand' ? other.lift : other.torque, 1, scale),
        lineStyle: { color: strong ? c.ink : c.line, width: strong ? 1.4 : 0.9, type: [1.5, 3] },
        ...(strong && {
          endLabel: {
            show: true,
            formatter: name,
            color: c.ink2,
            fontSize: 13,
            align: 'right',
            offset: [-6, -9],
          },
        }),
      })),
      standsAt(stands, least, most, sheet),
      {
        type: 'line',
        data: [],
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: c.ink, type: 'solid', width: 2 },
          label: {
            formatter: `${Math.round(travel * DEGREES * 10) / 10}°`,
            position: 'end',
            distance: 6,
            color: c.paper,
            backgroundColor: c.ink,
            padding: [2, 6],
            lineHeight: 20,
            fontSize: 15,
            fontWeight: 700,
          },
          data: [{ xAxis: Math.min(last, travel * DEGREES) }],
        },
      },
    ],
  };
}

/** To push it shut, and to hold it back: less than nothing is held back. */
const downward = ({ shut }: HandCurve): Pair[] => shut.map(([least, most]) => [-most, -least]);

/** The axis: whole steps about all that is drawn, with room for words at its foot. */
function boundsOf(pairs: readonly Pair[], { what, comfortable }: Props, scale: number) {
  const all = pairs.flat().map((value) => value * scale);
  const ease = what === 'hand' ? comfortable * scale : 0;
  const [low, high] = [Math.min(...all, -ease * 0.6), Math.max(...all, ease * 1.1)];
  const step = niceStep((high - low) / 4);
  return {
    step,
    least: Math.floor((low - step * 0.3) / step) * step,
    most: Math.ceil(high / step - 1e-9) * step,
  };
}

/** 1, 2 or 5 times a power of ten, no less than asked. */
function niceStep(asked: number): number {
  const power = 10 ** Math.floor(Math.log10(asked));
  return [1, 2, 5, 10].map((one) => one * power).find((one) => one >= asked)!;
}

const line = (travels: readonly number[], pairs: readonly Pair[], which: 0 | 1, scale: number) =>
  travels.map((travel, i) => [travel * DEGREES, pairs[i]![which] * scale]);

/** The strong lines, with the thin ones of what else they may be; and the band of what is given with ease. */
function linesOf({ curve, what, comfortable, sheet }: Props, scale: number) {
  const c = PALETTE[sheet];
  const of = (pairs: readonly Pair[], which: 0 | 1, width: number, dash?: number[]) => ({
    type: 'line',
    showSymbol: false,
    silent: true,
    data: line(curve.travels, pairs, which, scale),
    lineStyle: { color: c.tarn, width, ...(dash && { type: dash }) },
  });
  const zero = {
    silent: true,
    symbol: 'none',
    label: { show: false },
    lineStyle: { color: c.ink, type: 'solid', width: 1 },
    data: [{ yAxis: 0 }],
  };
  if (what === 'torque')
    return [{ ...of(curve.torque, 1, 2.2), markLine: zero }, of(curve.torque, 0, 2.2, [7, 4])];
  const down = downward(curve);
  const ease = comfortable * scale;
  return [
    {
      ...of(curve.lift, 1, 2.4),
      markLine: zero,
      markArea: {
        silent: true,
        itemStyle: { color: c.wash2, opacity: 0.85 },
        label: {
          show: true,
          position: 'insideTopRight',
          color: c.ink2,
          fontSize: 13,
          formatter: `easy: up to ${Math.round(ease)}`,
        },
        data: [[{ yAxis: ease }, { yAxis: -ease }]],
      },
    },
    of(curve.lift, 0, 0.9),
    of(down, 0, 2, [7, 4]),
    of(down, 1, 0.9, [7, 4]),
  ];
}

const STAND_WORDS = {
  falls: 'falls',
  'may fall': 'may fall',
  stays: 'stays',
  'may move': 'may move',
  'may rise': 'may rise',
  rises: 'rises',
} as const;

/** Along the foot: where it falls, stays and rises by itself, in words where there is room. */
function standsAt(stands: readonly StandStretch[], least: number, most: number, sheet: Sheet) {
  const c = PALETTE[sheet];
  const high = (most - least) * 0.035;
  const whole = stands.length > 0 ? stands[stands.length - 1]!.to : 1;
  return {
    type: 'line',
    data: [],
    markArea: {
      silent: true,
      data: stands.map(({ from, to, stand }) => {
        const fill =
          stand === 'falls' ? c.heather : stand === 'stays' ? c.tarn : stand === 'rises' ? c.line : c.wash;
        return [
          {
            xAxis: from * DEGREES,
            yAxis: least,
            itemStyle: { color: fill, opacity: 1 },
            label: {
              show: (to - from) / whole > 0.14,
              position: 'top',
              distance: 2,
              color: stand === 'falls' ? c.heather : c.ink2,
              fontSize: 13,
              formatter: STAND_WORDS[stand],
            },
          },
          { xAxis: to * DEGREES, yAxis: least + high },
        ];
      }),
    },
  };
}
