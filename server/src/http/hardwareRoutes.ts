import { DrawerItemSchema } from '@tarnpass/core';
import { Router } from 'express';
import * as v from 'valibot';
import type { Database } from '../db/connect';
import { listDrawer, putDrawer, takeFromDrawer } from '../hardware/drawer';
import { parsed } from './parsed';

const MOST = 2000;
const ItemsSchema = v.pipe(
  v.strictObject({
    items: v.pipe(v.array(DrawerItemSchema), v.maxLength(MOST, `At most ${MOST} pieces at once.`)),
  }),
  v.check(
    ({ items }) => new Set(items.map(({ item }) => item.id)).size === items.length,
    'Two pieces have the same id.',
  ),
);

/** The workshop's drawer of hardware: listed, put in all or none, taken out. */
export function hardwareRoutes(db: Database): Router {
  const router = Router();
  router.get('/hardware', async (_request, response) => {
    response.json(await listDrawer(db));
  });
  router.post('/hardware', async (request, response) => {
    const body = parsed(ItemsSchema, request.body, response);
    if (!body) return;
    await putDrawer(db, body.items);
    response.status(201).json(await listDrawer(db));
  });
  router.delete('/hardware/:id', async (request, response) => {
    if (await takeFromDrawer(db, request.params.id)) response.json(await listDrawer(db));
    else response.status(404).json({ message: 'There is no such piece in the drawer.' });
  });
  return router;
}
