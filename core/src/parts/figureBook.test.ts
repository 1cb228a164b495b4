import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { aroundFigures, figuresOf, hardwareFigures, sumsIn } from '../testing/figureBook';
import { FIGURE_ROWS } from '../testing/figureRows';
import { variantsOf } from '../testing/variants';

// Every figure of every kind as it stood when somebody last read it: sizes, works, masses, hardware, notes, levers. A figure that changes
// turns this red; whether it is right is for the tests by hand, by trade and by statics. `FIGURES=write` writes it anew: read what changed.
const BOOK = new URL('../testing/figures/', import.meta.url);
/** So many of each family, with a dozen fields set otherwise. */
const VARIANTS = 15;
const WRITES = process.env['FIGURES'] === 'write';

const pages = new Map<string, (readonly [kind: string, lines: string])[]>();
for (const [kind, made] of FIGURE_ROWS) {
  const page = kind.split(':')[0]!.replace(/ /g, '-');
  pages.set(page, [...(pages.get(page) ?? []), [kind, figuresOf(made).join('\n')]]);
}

pages.set('hardware', [['hardware', hardwareFigures().join('\n')]]);
pages.set('around', [['what stands around', aroundFigures().join('\n')]]);
pages.set(
  'variants',
  variantsOf(VARIANTS, 20261130).map(({ words, plan }) => [words, sumsIn(plan).join('\n')]),
);

const HEAD = '## ';
const fileOf = (page: string) => new URL(`${page}.txt`, BOOK);
const textOf = (rows: readonly (readonly [string, string])[]) =>
  rows.map(([kind, lines]) => `${HEAD}${kind}\n${lines}\n`).join('\n');

describe('the book of figures', () => {
  it.each([...pages.keys()])('has %s as it is', (page) => {
    const text = textOf(pages.get(page)!);
    if (WRITES) {
      mkdirSync(BOOK, { recursive: true });
      writeFileSync(fileOf(page), text);
    }
    const known = existsSync(fileOf(page)) ? readFileSync(fileOf(page), 'utf8') : '';
    expect(text.split('\n')).toEqual(known.split('\n'));
  });
});
