import { asc, eq, sql } from 'drizzle-orm';
import type { DrawerItem } from '@tarnpass/core';
import type { Database } from '../db/connect';
import { drawer } from '../db/tables';

/** What lies in the workshop's drawer, by kind and name. */
export async function listDrawer(db: Database): Promise<DrawerItem[]> {
  const rows = await db.select().from(drawer).orderBy(asc(drawer.kind), asc(drawer.name), asc(drawer.id));
  return rows.map(({ item, count }) => ({ item, count }));
}

/** Put hardware in, each in place of what has its id; all of it or none. */
export async function putDrawer(db: Database, items: readonly DrawerItem[]): Promise<void> {
  if (items.length === 0) return;
  await db
    .insert(drawer)
    .values(items.map(({ item, count }) => ({ id: item.id, kind: item.kind, name: item.name, item, count })))
    .onConflictDoUpdate({
      target: drawer.id,
      set: {
        kind: sql`excluded.kind`,
        name: sql`excluded.name`,
        item: sql`excluded.item`,
        count: sql`excluded.count`,
      },
    });
}

/** Take one out; whether it was there. */
export async function takeFromDrawer(db: Database, id: string): Promise<boolean> {
  const gone = await db.delete(drawer).where(eq(drawer.id, id)).returning({ id: drawer.id });
  return gone.length > 0;
}
