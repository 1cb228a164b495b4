import type { DeviceReading, DeviceState, Instrument } from '@tarnpass/core';
import type { AppThunk } from '../slices/app';
import { sendMany } from './live';

/** The instrument that stands for a device in a job's readings; entered where it is not there yet. */
export const instrumentOf =
  ({ device }: DeviceReading): AppThunk<Instrument | undefined> =>
  (dispatch, getState) => {
    const { readings } = getState();
    const state: DeviceState | undefined = readings.devices[device];
    if (!state || state.unit !== 'mm') return undefined;
    const known = readings.log.instruments.find(({ name }) => name === state.name);
    if (known) return known;
    const made: Instrument = { id: crypto.randomUUID(), name: state.name, kind: state.kind, trusted: false };
    void dispatch(sendMany({ instruments: [made], readings: [] }));
    return made;
  };
