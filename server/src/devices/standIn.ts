import type { Device, DeviceEvent, DeviceState } from '@tarnpass/core';

/** How a stand-in misreads: what it reads is bias + scale x truth + noise. */
export interface StandInMake {
  readonly id: string;
  readonly name: string;
  readonly kind: DeviceState['kind'];
  readonly unit: DeviceState['unit'];
  readonly bias: number;
  readonly scale: number;
  /** Standard deviation of one reading. */
  readonly noise: number;
  /** To how fine a step it shows. */
  readonly step: number;
  /** Of a full battery, what one reading takes. */
  readonly drain: number;
  /** Every so many readings its link is lost for a moment; never where it is 0. */
  readonly dropsEvery: number;
}

/** A device that can be pointed at a truth: what a real one has before it without being told. */
export interface StandIn extends Device {
  aim(truth: number): void;
}

/** How long a lost link stays lost, ms. */
const LOST = 1500;

/** A make-believe device behind the interface of a real one. `random` gives numbers in [0, 1): tests hand in their own. */
export function standIn(
  make: StandInMake,
  random: () => number,
  now: () => Date = () => new Date(),
): StandIn {
  const listeners = new Set<(event: DeviceEvent) => void>();
  let truth = 1000;
  let n = 0;
  let battery = 1;
  let link: DeviceState['link'] = 'connected';
  const state = (): DeviceState => ({
    type: 'state',
    device: make.id,
    name: make.name,
    kind: make.kind,
    unit: make.unit,
    battery,
    link,
  });
  const tell = (event: DeviceEvent) => listeners.forEach((listener) => listener(event));
  return {
    id: make.id,
    state,
    aim: (value) => {
      truth = value;
    },
    take: () => {
      if (battery <= 0 || link === 'lost') return tell(state());
      n += 1;
      battery = Math.max(0, battery - make.drain);
      const off = make.noise * normal(random);
      const value = Math.round((make.bias + make.scale * truth + off) / make.step) * make.step;
      tell({
        type: 'reading',
        device: make.id,
        n,
        unit: make.unit,
        value: Number(value.toFixed(4)),
        at: now().toISOString(),
        quality: Math.max(0.2, 1 - Math.abs(off) / (4 * make.noise || 1)),
      });
      if (make.dropsEvery > 0 && n % make.dropsEvery === 0) {
        link = 'lost';
        setTimeout(() => {
          link = 'connected';
          tell(state());
        }, LOST).unref();
      }
      tell(state());
    },
    listen: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

/** A normal deviate. @source Box and Muller 1958 */
function normal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/** The three that ship: a meter that reads 3 mm too much and a little long, a gauge and a luggage scale. */
export const MAKES: readonly StandInMake[] = [
  {
    id: 'meter',
    name: 'Stand-in meter',
    kind: 'distance meter',
    unit: 'mm',
    bias: 3,
    scale: 1.0004,
    noise: 0.4,
    step: 0.1,
    drain: 0.002,
    dropsEvery: 25,
  },
  {
    id: 'gauge',
    name: 'Stand-in angle gauge',
    kind: 'angle gauge',
    unit: 'deg',
    bias: 0.1,
    scale: 1,
    noise: 0.05,
    step: 0.05,
    drain: 0.001,
    dropsEvery: 0,
  },
  {
    id: 'scale',
    name: 'Stand-in luggage scale',
    kind: 'scale',
    unit: 'kg',
    bias: -0.1,
    scale: 1.01,
    noise: 0.03,
    step: 0.05,
    drain: 0.001,
    dropsEvery: 0,
  },
];
