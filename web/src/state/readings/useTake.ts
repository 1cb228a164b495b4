import type { DeviceReading } from '@tarnpass/core';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { ApiError, takeOff } from '../../api/client';
import { useApp } from '../slices/app';

/** The key that takes a reading into the field one is in. */
export const TAKE_KEY = 'F2';

/** The device at hand that reads lengths, or angles. */
const useDevice = (wanted: DeviceReading['unit'] | undefined) =>
  useApp(({ readings }) => Object.values(readings.devices).find(({ unit }) => unit === wanted));

/**
 * A field that takes what a device reads: `take` makes it read, and whatever it reads while the field listens comes in,
 * whether this page asked for it or the device's own key did.
 *
 * @param unit  what the field is in; a field that no device reads has none
 * @param aim   what a stand-in is pointed at, in that unit
 */
export function useTake(
  listening: boolean,
  unit: DeviceReading['unit'] | undefined,
  aim: number,
  come: (reading: DeviceReading) => void,
) {
  const meter = useDevice(unit);
  const taken = useApp(({ readings }) => readings.taken);
  const [trouble, setTrouble] = useState<string>();
  const seen = useRef(taken);
  const got = useEffectEvent(come);
  useEffect(() => {
    if (taken === seen.current) return;
    seen.current = taken;
    if (taken && listening && taken.unit === unit) got(taken);
  }, [taken, listening, unit]);
  const take = () => {
    if (!meter) return setTrouble('No device for this is at hand.');
    if (meter.link === 'lost') return setTrouble(`${meter.name} has lost its link for a moment: try again.`);
    if (meter.battery <= 0) return setTrouble(`The battery of ${meter.name} is empty.`);
    setTrouble(undefined);
    takeOff(meter.device, aim).catch((error: unknown) => {
      if (!(error instanceof ApiError)) throw error;
      setTrouble(error.message);
    });
  };
  return { meter, take, trouble };
}
