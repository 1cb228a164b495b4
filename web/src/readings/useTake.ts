import type { DeviceReading } from '@tarnpass/core';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { ApiError, takeOff } from '../api/client';
import { useApp } from '../store';

/** The key that takes a reading into the field one is in. */
export const TAKE_KEY = 'F2';

/** The device that reads lengths, if one is at hand. */
export const useMeter = () =>
  useApp(({ readings }) => Object.values(readings.devices).find(({ unit }) => unit === 'mm'));

/**
 * A field that takes what the meter reads: `take` makes it read, and whatever it reads while the field listens comes in,
 * whether this page asked for it or the device's own key did.
 *
 * @param aim  what a stand-in is pointed at, mm
 */
export function useTake(listening: boolean, aim: number, come: (reading: DeviceReading) => void) {
  const meter = useMeter();
  const taken = useApp(({ readings }) => readings.taken);
  const [trouble, setTrouble] = useState<string>();
  const seen = useRef(taken);
  const got = useEffectEvent(come);
  useEffect(() => {
    if (taken === seen.current) return;
    seen.current = taken;
    if (taken && listening && taken.unit === 'mm') got(taken);
  }, [taken, listening]);
  const take = () => {
    if (!meter) return setTrouble('No meter is at hand.');
    if (meter.link === 'lost') return setTrouble('The meter has lost its link for a moment: try again.');
    if (meter.battery <= 0) return setTrouble('The meter’s battery is empty.');
    setTrouble(undefined);
    takeOff(meter.device, aim).catch((error: unknown) => {
      if (!(error instanceof ApiError)) throw error;
      setTrouble(error.message);
    });
  };
  return { meter, take, trouble };
}
