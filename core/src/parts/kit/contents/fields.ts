import { wordChoice, type Field } from '../../../card/field';
import { loadFields } from '../../../card/loadFields';
import { lengthOf } from '../lengthFields';
import type { Cable, Content, Contents } from './schema';
import { USUAL_LOAD, anotherContent, USUAL_BASE, USUAL_CABLE, USUAL_OPENS, USUAL_PLUG } from './usual';

const KINDS = ['none', '1', '2', '3', '4', '5', '6'];
const OPENS = { no: 'stays shut', lid: 'has a lid', tank: 'has a tank' } as const;

/** What a card shows of what goes into a part: each kind in a group of its own, with a cable or hose. */
export function contentFields<Part extends { readonly contents: Contents; readonly cable: Cable | null }>(
  part: Part,
  tiers = false,
): Field<Part>[] {
  const group = 'Contents';
  return [
    {
      group,
      label: 'Kinds of things in it',
      path: ['contents', 'items'],
      input: {
        words: KINDS,
        word: ({ contents }) => KINDS[contents.items.length] ?? String(contents.items.length),
        value: (word, { contents }) =>
          Array.from({ length: Math.max(0, KINDS.indexOf(word)) }).reduce<Content[]>(
            (items, _, i) => [...items, contents.items[i] ?? anotherContent([...contents.items, ...items])],
            [],
          ),
      },
    },
    {
      group,
      label: 'They stand',
      path: ['contents', 'set'],
      input: wordChoice(['contents', 'set'], ['side by side', 'one behind another']),
      when: ({ contents }) => contents.items.length > 0,
    },
    ...loadFields<Part>(
      group,
      ['contents', 'load'],
      { label: 'Loose in it', usual: 'as of clothes', typed: 'Loose in it, kg' },
      () => USUAL_LOAD,
    ),
    ...part.contents.items.flatMap((one, i) => itemFields<Part>(one, i, tiers)),
    ...cableFields<Part>(),
  ];
}

function cableFields<Part extends { readonly cable: Cable | null }>(): Field<Part>[] {
  const cabled = (one: Part) => one.cable !== null;
  const wire = lengthOf<Part>('Cable or hose');
  return [
    {
      group: 'Cable or hose',
      label: 'To what comes out',
      path: ['cable'],
      input: {
        words: ['nothing', 'cable', 'hose'],
        word: ({ cable }) => cable?.what ?? 'nothing',
        value: (word, { cable }) => (word === 'nothing' ? null : { ...(cable ?? USUAL_CABLE), what: word }),
      },
    },
    wire('Length', ['cable', 'length'], cabled),
    wire('Thick', ['cable', 'thick'], cabled),
    wire('Tightest bend it bears', ['cable', 'bend'], cabled),
    wire('At the case, from the left', ['cable', 'wall', 'left'], cabled),
    wire('At the case, up', ['cable', 'wall', 'up'], cabled),
    wire('At the box, from the left', ['cable', 'box', 'left'], cabled),
    wire('At the box, up', ['cable', 'box', 'up'], cabled),
    {
      group: 'Cable or hose',
      label: 'Its plug goes through a hole',
      path: ['cable', 'plug'],
      input: {
        words: ['no', 'yes'],
        word: ({ cable }) => (cable?.plug ? 'yes' : 'no'),
        value: (word) => (word === 'yes' ? USUAL_PLUG : null),
      },
      when: cabled,
    },
    wire('Plug, wide', ['cable', 'plug', 'width'], ({ cable }) => !!cable?.plug),
    wire('Plug, high', ['cable', 'plug', 'height'], ({ cable }) => !!cable?.plug),
    wire('Hole across', ['cable', 'plug', 'hole'], ({ cable }) => !!cable?.plug),
  ];
}

function itemFields<Part extends { readonly contents: Contents }>(
  one: Content,
  i: number,
  tiers: boolean,
): Field<Part>[] {
  const group = `Thing ${i + 1}`;
  const at = ['contents', 'items', i] as const;
  const length = lengthOf<Part>(group);
  const item = ({ contents }: Part): Content | undefined => contents.items[i];
  return [
    { group, label: 'What', path: [...at, 'name'], input: 'text' },
    { group, label: 'How many', path: [...at, 'count'], input: 'count' },
    ...(tiers
      ? [{ group, label: 'On tier, from below', path: [...at, 'tier'], input: 'count' as const }]
      : []),
    length(one.base ? 'Mouth, wide' : 'Width', [...at, 'width']),
    length(one.base ? 'Mouth, deep' : 'Depth', [...at, 'depth']),
    length('Height', [...at, 'height']),
    {
      group,
      label: 'Its foot',
      path: [...at, 'base'],
      input: {
        words: ['as its top', 'smaller'],
        word: (part) => (item(part)?.base ? 'smaller' : 'as its top'),
        value: (word) => (word === 'smaller' ? USUAL_BASE(one) : null),
      },
    },
    length('Foot, wide', [...at, 'base', 'width'], () => one.base !== null),
    length('Foot, deep', [...at, 'base', 'depth'], () => one.base !== null),
    length('Air above it', [...at, 'air']),
    { group, label: 'Each weighs, kg', path: [...at, 'load'], input: 'count' },
    {
      group,
      label: 'It',
      path: [...at, 'stands'],
      input: {
        words: ['stands', 'hangs'],
        word: (part) => (item(part)?.stands === 'hung' ? 'hangs' : 'stands'),
        value: (word) => (word === 'hangs' ? 'hung' : 'on the bottom'),
      },
    },
    ...openingFields<Part>(one, i),
  ];
}

/** Whether a thing opens where it stands or once it is drawn out, and how. */
function openingFields<Part extends { readonly contents: Contents }>(
  { opens }: Content,
  i: number,
): Field<Part>[] {
  const group = `Thing ${i + 1}`;
  const at = ['contents', 'items', i] as const;
  return [
    {
      group,
      label: 'It opens',
      path: [...at, 'opens'],
      input: {
        words: Object.values(OPENS),
        word: ({ contents }) => OPENS[contents.items[i]?.opens.kind ?? 'no'],
        value: (word) =>
          USUAL_OPENS[
            (Object.keys(OPENS) as (keyof typeof OPENS)[]).find((key) => OPENS[key] === word) ?? 'no'
          ],
      },
    },
    ...(opens.kind === 'no'
      ? []
      : [
          {
            group,
            label: 'It is opened',
            path: [...at, 'opens', 'when'],
            input: wordChoice<Part>([...at, 'opens', 'when'], ['in place', 'drawn out']),
          },
        ]),
    ...(opens.kind === 'lid'
      ? [
          {
            group,
            label: 'Lid hinged at the',
            path: [...at, 'opens', 'hinge'],
            input: wordChoice<Part>([...at, 'opens', 'hinge'], ['back', 'front']),
          },
          { group, label: 'Lid opens to', path: [...at, 'opens', 'to'], input: 'degrees' as const },
        ]
      : []),
    ...(opens.kind === 'tank' ? [lengthOf<Part>(group)('Lifted by', [...at, 'opens', 'by'])] : []),
  ];
}
