import { Router } from 'express';
import * as v from 'valibot';
import type { DeviceBench } from '../devices/bench';
import { parsed } from './parsed';
import { eventStream, lastSeen } from './stream';

/** A stand-in is told what it is pointed at; a real device sees it. */
const TakeSchema = v.strictObject({
  aim: v.optional(v.pipe(v.number(), v.minValue(0), v.maxValue(100_000))),
});

/** The devices at hand: what they read, as it comes, and a key to make one read. */
export function deviceRoutes(bench: DeviceBench): Router {
  const router = Router();

  router.get('/devices/live', (request, response) => {
    const stream = eventStream(request, response);
    stream.onClose(bench.listen(lastSeen(request), ({ n, event }) => stream.send('device', n, event)));
  });

  router.post('/devices/:device/take', (request, response) => {
    const device = bench.device(request.params.device);
    if (!device) {
      response.status(404).json({ message: 'There is no such device here.' });
      return;
    }
    const body = parsed(TakeSchema, request.body, response);
    if (!body) return;
    if (body.aim !== undefined) device.aim(body.aim);
    device.take();
    response.json(device.state());
  });
  return router;
}
