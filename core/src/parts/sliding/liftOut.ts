/** A panel in its two grooves, seen from its edge; all mm. */
export interface GroovedPanel {
  /** Between the faces of both tracks, where it is to come out. */
  readonly apart: number;
  /** Depths of the grooves, and how wide they are. */
  readonly top: number;
  readonly bottom: number;
  readonly wide: number;
  readonly height: number;
  readonly thick: number;
  /** From the groove's front wall to the front of the lower rail: what its foot has to pass. */
  readonly lip: number;
}

export type LiftOut =
  | {
      readonly kind: 'lifts out';
      /** Least tilt at which its foot is past the rail, radians. */ readonly tilt: number;
    }
  /** Its head meets the end of the top groove before its foot is clear; it is short by this much. */
  | { readonly kind: 'captive'; readonly short: number }
  /** It can be lifted clear, and wedges in the top groove as its foot is drawn out; at this tilt, and the groove so much too narrow. */
  | { readonly kind: 'wedges'; readonly tilt: number; readonly short: number };

/**
 * How wide a slot a panel takes that stands in it tilted, its foot just over the lower rail and its face against the front
 * edge of the slot; mm. Less than its thickness once its head is out of the slot.
 *
 * @source derived: the front face passes the slot's front edge; the head's rear corner is `height sin + thick cos` behind the foot
 */
function slotTaken({ apart, height, thick }: GroovedPanel, tilt: number): number {
  const [c, s] = [Math.cos(tilt), Math.sin(tilt)];
  return height * c <= apart ? 0 : thick / c + (height - apart / c) * s;
}

/**
 * Whether a panel comes out over its lower track, by its motion: up until its foot is clear, then its foot drawn forward
 * past the rail with its face against the front edge of the upper groove. With its foot just over the rail its head stands in the groove
 * as little as it can, and against the front edge its foot is as far out as it can be: no other way goes farther.
 */
export function liftOut(panel: GroovedPanel): LiftOut {
  const { apart, top, wide, height, thick, lip } = panel;
  // Upright its head is highest of all the way.
  const short = height - apart - top;
  if (short > 0) return { kind: 'captive', short };
  // Its foot's rear corner is past the rail's front once apart sin >= thick + lip cos.
  const reach = Math.hypot(apart, lip);
  if (thick > reach) return { kind: 'wedges', tilt: Math.PI / 2, short: thick - reach };
  const tilt = Math.asin(thick / reach) + Math.atan2(lip, apart);
  const worst = mostTaken(panel, tilt);
  // A tilted panel's head is lower than an upright one's while height sin >= thick cos; before that its corner rises by less than this.
  const rises = Math.hypot(height, thick) - apart - top;
  if (rises > 0 && tilt > 0) {
    const corner = highest(panel, tilt) - apart - top;
    if (corner > 0) return { kind: 'captive', short: corner };
  }
  return worst > wide ? { kind: 'wedges', tilt, short: worst - wide } : { kind: 'lifts out', tilt };
}

/** The highest its head's front corner stands on the way to a tilt, its foot's rear corner on the rail: height cos + thick sin. */
function highest({ height, thick }: GroovedPanel, tilt: number): number {
  const peak = Math.atan2(thick, height);
  return peak < tilt ? Math.hypot(height, thick) : height * Math.cos(tilt) + thick * Math.sin(tilt);
}

/**
 * The widest slot it takes on its way to a tilt. `slotTaken` has one peak between upright and the tilt at which its head leaves
 * the slot: its derivative times cos^2 is `thick sin + height cos^3 - apart`, which only falls where it matters.
 */
function mostTaken(panel: GroovedPanel, tilt: number): number {
  const { apart, height, thick } = panel;
  const end = height > apart ? Math.min(tilt, Math.acos(Math.min(1, apart / height))) : 0;
  const slope = (at: number) => thick * Math.sin(at) + height * Math.cos(at) ** 3 - apart;
  if (end <= 0) return slotTaken(panel, 0) === 0 ? 0 : thick;
  const inside = end * (1 - 1e-12);
  if (slope(inside) >= 0) return slotTaken(panel, inside);
  let [low, high] = [0, inside];
  for (let i = 0; i < 80; i += 1) {
    const middle = (low + high) / 2;
    if (slope(middle) >= 0) low = middle;
    else high = middle;
  }
  return slotTaken(panel, high);
}
