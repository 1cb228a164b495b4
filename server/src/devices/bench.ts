import type { DeviceEvent } from '@tarnpass/core';
import { MAKES, standIn, type StandIn } from './standIn';

/** One event with its number among all: what a page that lost its connection asks to go on from. */
export interface Numbered {
  readonly n: number;
  readonly event: DeviceEvent;
}

/** How many past events a page that was cut off can still be given. */
const KEPT = 500;

/** The devices at hand, and what they told last. One a server: a device is at one place. */
export class DeviceBench {
  private readonly devices: ReadonlyMap<string, StandIn>;
  private readonly past: Numbered[] = [];
  private readonly listeners = new Set<(numbered: Numbered) => void>();
  private told = 0;

  constructor(random: () => number = Math.random) {
    this.devices = new Map(MAKES.map((make) => [make.id, standIn(make, random)]));
    for (const device of this.devices.values())
      device.listen((event) => {
        const numbered = { n: (this.told += 1), event };
        this.past.push(numbered);
        if (this.past.length > KEPT) this.past.shift();
        this.listeners.forEach((listener) => listener(numbered));
      });
  }

  device(id: string): StandIn | undefined {
    return this.devices.get(id);
  }

  /** What was told after event number `after`, and from now on; states as they are first, where nothing is asked for. */
  listen(after: number | undefined, listener: (numbered: Numbered) => void): () => void {
    if (after === undefined)
      for (const device of this.devices.values()) listener({ n: this.told, event: device.state() });
    else for (const numbered of this.past.filter(({ n }) => n > after)) listener(numbered);
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }
}
