import type { Element } from '@xmldom/xmldom';

/** Real units of a size; a number by itself, or in px, is as large as the screen makes it. */
const MM: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, pc: 25.4 / 6 };

/** The size of what an element's percentages are of, in the units around it. */
export interface Viewport {
  readonly width: number;
  readonly height: number;
}

const BOX = /^\s*([-+.\de]+)[\s,]+([-+.\de]+)[\s,]+([-+.\de]+)[\s,]+([-+.\de]+)\s*$/i;

/** The part of the plane that an svg element shows; undefined where it does not say. */
function viewBoxOf(element: Element) {
  const [, x, y, width, height] = (BOX.exec(element.getAttribute('viewBox') ?? '') ?? []).map(Number);
  return width! > 0 && height! > 0 ? { x: x!, y: y!, width: width!, height: height! } : undefined;
}

/** A size with its unit; undefined where there is none, or a share of something. */
function sizeOf(
  element: Element,
  name: string,
): { readonly value: number; readonly mm: number | undefined } | undefined {
  const [, value, unit = ''] =
    /^\s*([\d.]+(?:e[-+]?\d+)?)\s*([a-z]*)\s*$/i.exec(element.getAttribute(name) ?? '') ?? [];
  return value ? { value: Number(value), mm: MM[unit.toLowerCase()] } : undefined;
}

/** mm for one user unit, from the size the drawing gives itself; undefined where it gives none in a real unit. */
export function unitOf(root: Element): number | undefined {
  const box = viewBoxOf(root);
  const scales = (['width', 'height'] as const).flatMap((name) => {
    const size = sizeOf(root, name);
    return size?.mm === undefined ? [] : [(size.value * size.mm) / (box ? box[name] : size.value)];
  });
  // Kept in proportion, a drawing is as large as the narrower of its two sizes lets it be; stretched, its height follows its width.
  return scales.length === 0 ? undefined : stretched(root) ? scales[0] : Math.min(...scales);
}

const stretched = (element: Element): boolean =>
  /^\s*none/.test(element.getAttribute('preserveAspectRatio') ?? '');

/** What the whole drawing is shown in: its own units, but for one that is stretched. */
export function rootView(root: Element): { transforms: string[]; viewport: Viewport } {
  const box = viewBoxOf(root);
  const [wide, high] = [sizeOf(root, 'width'), sizeOf(root, 'height')];
  const viewport = box ?? { width: wide?.value ?? 100, height: high?.value ?? 100 };
  if (!box || !wide || !high || !stretched(root)) return { transforms: [], viewport };
  const [mmWide, mmHigh] = [wide.value * (wide.mm ?? 1), high.value * (high.mm ?? 1)];
  return { transforms: [`scale(1 ${(mmHigh / box.height) * (box.width / mmWide)})`], viewport };
}

/** A drawing within the drawing: put in its place, and its view box fitted into its size. */
export function nestedView(element: Element, around: Viewport): { transforms: string[]; viewport: Viewport } {
  const of = (name: string, whole: number, usual: number) => {
    const text = element.getAttribute(name)?.trim() ?? '';
    const value = Number.parseFloat(text);
    if (!Number.isFinite(value)) return usual;
    return text.endsWith('%') ? (value / 100) * whole : value;
  };
  const [width, height] = [
    of('width', around.width, around.width),
    of('height', around.height, around.height),
  ];
  const place = `translate(${of('x', around.width, 0)} ${of('y', around.height, 0)})`;
  const box = viewBoxOf(element);
  if (!box) return { transforms: [place], viewport: { width, height } };
  const [sx, sy] = [width / box.width, height / box.height];
  const fit = element.getAttribute('preserveAspectRatio') ?? '';
  const both = stretched(element) ? undefined : /slice/.test(fit) ? Math.max(sx, sy) : Math.min(sx, sy);
  // Where the view box is narrower than its place it stands in the middle, unless it is said to stand at an end.
  const share = (axis: 'x' | 'Y') => {
    const [, where] = new RegExp(`${axis}(Min|Mid|Max)`).exec(fit) ?? [];
    return where === 'Min' ? 0 : where === 'Max' ? 1 : 0.5;
  };
  const off =
    both === undefined
      ? [0, 0]
      : [share('x') * (width - both * box.width), share('Y') * (height - both * box.height)];
  return {
    transforms: [
      place,
      `translate(${off[0]} ${off[1]})`,
      `scale(${both ?? sx} ${both ?? sy})`,
      `translate(${-box.x} ${-box.y})`,
    ],
    viewport: box,
  };
}
