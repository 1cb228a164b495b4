import type { Element } from '@xmldom/xmldom';

/** The declarations of an element's own style. */
export function styleOf(element: Element): ReadonlyMap<string, string> {
  return new Map(
    (element.getAttribute('style') ?? '').split(';').flatMap((one): [string, string][] => {
      const [name, value] = [
        one.slice(0, one.indexOf(':')).trim().toLowerCase(),
        one.slice(one.indexOf(':') + 1).trim(),
      ];
      return name ? [[name, value.replace(/\s*!important$/, '')]] : [];
    }),
  );
}

export function isHidden(element: Element, style: ReadonlyMap<string, string>): boolean {
  const of = (name: string) => style.get(name) ?? element.getAttribute(name) ?? '';
  return (
    of('display') === 'none' ||
    /^(hidden|collapse)$/.test(of('visibility')) ||
    Number(of('opacity') || 1) === 0
  );
}

/** Units that a transform in a style may have, and what they are in an attribute: px, and degrees. */
const IN_STYLE: Readonly<Record<string, number>> = {
  px: 1,
  deg: 1,
  rad: 180 / Math.PI,
  turn: 360,
  grad: 0.9,
};

/** An element's own transform as an attribute would have it, its style first; undefined where that cannot be read. */
export function transformOf(element: Element, style: ReadonlyMap<string, string>): string | undefined {
  const css = style.get('transform');
  if (css === undefined || css === 'none')
    return css === 'none' ? '' : (element.getAttribute('transform') ?? '');
  const origin = style.get('transform-origin');
  const plain = css
    .replace(/\b(translate|scale)([XY])\(([^)]*)\)/g, (_, what: string, axis: string, value: string) => {
      const none = what === 'scale' ? '1' : '0';
      return axis === 'X' ? `${what}(${value},${none})` : `${what}(${none},${value})`;
    })
    .replace(/([-+]?[\d.]+(?:e[-+]?\d+)?)(px|deg|rad|turn|grad)/gi, (_, value: string, unit: string) =>
      String(Number(value) * IN_STYLE[unit.toLowerCase()]!),
    );
  const read = /^(?:\s*(?:translate|rotate|scale|skewX|skewY|matrix)\([-+.\de,\s]*\))+\s*$/i.test(plain);
  return read && (origin === undefined || /^(0(px)?\s*)+$/.test(origin)) ? plain : undefined;
}
