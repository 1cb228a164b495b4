import type { Verdict } from '@tarnpass/core';
import { colour } from '../theme/palette';

/**
 * The patterns every drawing shares. They are defined once on the page and named by `url(#...)`: clear is a plain
 * tint, tight is striped, hits is crossed, so that the three differ in a grey print too.
 */
export function Patterns() {
  return (
    <svg id="patterns" width={0} height={0} style={{ position: 'absolute' }} aria-hidden="true">
      <defs>
        <pattern id="cut" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={7} height={7} fill={colour('wash')} />
          <line x1={0} y1={0} x2={0} y2={7} stroke={colour('ink2')} strokeWidth={0.7} />
        </pattern>
        <pattern id="tight" width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={5} height={5} fill={colour('paper')} />
          <line x1={0} y1={0} x2={0} y2={5} stroke={colour('ink2')} strokeWidth={1.6 * 2} />
        </pattern>
        <pattern id="hits" width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={5} height={5} fill={colour('heatherSoft')} />
          <line x1={0} y1={0} x2={0} y2={5} stroke={colour('heather')} strokeWidth={1.7} />
          <line x1={0} y1={0} x2={5} y2={0} stroke={colour('heather')} strokeWidth={1.7} />
        </pattern>
        <pattern id="gone" width={14} height={14} patternUnits="userSpaceOnUse">
          <path d="M4 4 L10 10 M10 4 L4 10" stroke={colour('ink2')} strokeWidth={0.8} />
        </pattern>
        <pattern
          id="keep-clear"
          width={12}
          height={12}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(60)"
        >
          <line x1={0} y1={0} x2={0} y2={12} stroke={colour('lichen')} strokeWidth={2} />
          <line x1={4} y1={0} x2={4} y2={12} stroke={colour('lichen')} strokeWidth={1} />
        </pattern>
      </defs>
    </svg>
  );
}

export const fillOf: Record<Verdict, string> = {
  clear: colour('tarnSoft'),
  tight: 'url(#tight)',
  hits: 'url(#hits)',
};

/** The little square before a verdict's word. */
export function Swatch({ verdict, size = 16 }: { verdict: Verdict; size?: number }) {
  return (
    <svg width={size} height={size} aria-hidden="true" style={{ flex: 'none', display: 'block' }}>
      <rect
        x={0.75}
        y={0.75}
        width={size - 1.5}
        height={size - 1.5}
        fill={fillOf[verdict]}
        stroke={verdict === 'hits' ? colour('heather') : colour('ink2')}
        strokeWidth={1.4}
      />
    </svg>
  );
}
