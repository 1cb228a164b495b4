import { toPng } from 'html-to-image';
import { PALETTE } from '../theme/palette';
import { FIGURES } from '../theme/theme';

const SVG = 'http://www.w3.org/2000/svg';
/** Height of the title under a saved drawing, px. */
const TITLE = 64;

/** Both layers of a view, the patterns they use and its title as one drawing of its own, always on light paper: its address. */
export function asSvg(view: HTMLElement): string {
  const { width, height } = view.getBoundingClientRect();
  const sheet = document.createElementNS(SVG, 'svg');
  for (const [name, value] of [
    ['xmlns', SVG],
    ['width', String(width)],
    ['height', String(height + TITLE)],
    ['viewBox', `0 0 ${width} ${height + TITLE}`],
    ['font-family', FIGURES.replaceAll('"', "'")],
  ] as const)
    sheet.setAttribute(name, value);
  const paper = document.createElementNS(SVG, 'rect');
  paper.setAttribute('width', '100%');
  paper.setAttribute('height', '100%');
  paper.setAttribute('fill', PALETTE.light.paper);
  sheet.append(document.querySelector('#patterns defs')!.cloneNode(true), paper);
  for (const layer of view.querySelectorAll(':scope > svg')) {
    const group = document.createElementNS(SVG, 'g');
    group.append(...[...layer.childNodes].map((node) => node.cloneNode(true)));
    sheet.append(group);
  }
  const lines = [...view.querySelectorAll('.title-block > *')].map((line) => line.textContent ?? '');
  lines.forEach((line, i) => {
    const text = document.createElementNS(SVG, 'text');
    text.setAttribute('x', '24');
    text.setAttribute('y', String(height + 20 + 20 * i));
    text.setAttribute('font-size', i === 0 ? '18' : '14');
    text.setAttribute('fill', PALETTE.light.ink);
    text.textContent = line;
    sheet.append(text);
  });
  const text = new XMLSerializer()
    .serializeToString(sheet)
    .replace(/var\(--(\w+)\)/g, (_all, name: keyof typeof PALETTE.light) => PALETTE.light[name]);
  return URL.createObjectURL(new Blob([text], { type: 'image/svg+xml' }));
}

/** The view with its title as a picture of twice its pixels: its address. */
export async function asPng(view: HTMLElement): Promise<string> {
  view.dataset['saving'] = 'true';
  try {
    return await toPng(view, {
      pixelRatio: 2,
      backgroundColor: getComputedStyle(document.documentElement).getPropertyValue('--paper'),
      filter: (node) => !(node instanceof HTMLElement && node.classList.contains('no-print')),
    });
  } finally {
    delete view.dataset['saving'];
  }
}
