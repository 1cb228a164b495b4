import * as v from 'valibot';

export const DEVICE_KINDS = ['distance meter', 'angle gauge', 'scale'] as const;
const UNITS = ['mm', 'deg', 'kg'] as const;

/** One reading off a device: `n` counts them, so that none is taken twice and a gap is seen. */
export const DeviceReadingSchema = v.strictObject({
  type: v.literal('reading'),
  device: v.string(),
  n: v.number(),
  unit: v.picklist(UNITS),
  value: v.number(),
  at: v.string(),
  /** 0 to 1: how much the device itself trusts it. */
  quality: v.number(),
});
export type DeviceReading = v.InferOutput<typeof DeviceReadingSchema>;

/** How a device stands. */
export const DeviceStateSchema = v.strictObject({
  type: v.literal('state'),
  device: v.string(),
  name: v.string(),
  kind: v.picklist(DEVICE_KINDS),
  unit: v.picklist(UNITS),
  /** 0 to 1. */
  battery: v.number(),
  link: v.picklist(['connected', 'lost']),
});
export type DeviceState = v.InferOutput<typeof DeviceStateSchema>;

export const DeviceEventSchema = v.variant('type', [DeviceReadingSchema, DeviceStateSchema]);
export type DeviceEvent = v.InferOutput<typeof DeviceEventSchema>;

/** What stands behind the interface: a stand-in or a real device; it tells what happens to whoever listens. */
export interface Device {
  readonly id: string;
  state(): DeviceState;
  /** Ask for a reading now. A device that has lost its link or its battery gives none. */
  take(): void;
  listen(listener: (event: DeviceEvent) => void): () => void;
}
