import { BED } from './bed/bed';
import { BedSchema } from './bed/schema';
import { DOOR } from './door/door';
import { DoorSchema } from './door/schema';
import { DRAWER } from './drawer/drawer';
import { DrawerSchema } from './drawer/schema';
import { FLAP } from './flap/flap';
import { FlapSchema } from './flap/schema';
import { LID } from './lid/lid';
import { LidSchema } from './lid/schema';
import { LIFT } from './lift/lift';
import { LiftSchema } from './lift/schema';
import { PLATFORM } from './platform/platform';
import { PlatformSchema } from './platform/schema';
import { PULLOUT } from './pullout/pullout';
import { PulloutSchema } from './pullout/schema';
import { REUSED } from './reused/reused';
import { ReusedSchema } from './reused/schema';
import { ROD } from './rod/rod';
import { RodSchema } from './rod/schema';
import { SHELF } from './shelf/shelf';
import { ShelfSchema } from './shelf/schema';
import { SLATS } from './slats/slats';
import { SlatsSchema } from './slats/schema';
import { SLIDING } from './sliding/sliding';
import { SlidingSchema } from './sliding/schema';
import { TOP } from './top/top';
import { TopSchema } from './top/schema';

/** Every family there is, with the shape of its parts: a new one adds its line. */
export const FAMILY_LIST = [
  { schema: DoorSchema, family: DOOR },
  { schema: DrawerSchema, family: DRAWER },
  { schema: PulloutSchema, family: PULLOUT },
  { schema: SlidingSchema, family: SLIDING },
  { schema: TopSchema, family: TOP },
  { schema: LidSchema, family: LID },
  { schema: FlapSchema, family: FLAP },
  { schema: BedSchema, family: BED },
  { schema: PlatformSchema, family: PLATFORM },
  { schema: SlatsSchema, family: SLATS },
  { schema: LiftSchema, family: LIFT },
  { schema: ShelfSchema, family: SHELF },
  { schema: RodSchema, family: ROD },
  { schema: ReusedSchema, family: REUSED },
] as const;
