import { fileURLToPath } from 'node:url';

/**
 * The order of the house: files and folders form layers, and none leans on one above it. Types count as much as values, since whoever
 * changes a shape must read all that leans on it. `npm run lint` asks it; `core/src/house.test.ts` shows that it refuses.
 */
const own = '\\.test\\.tsx?$|^core/src/testing/|^web/src/vite-env';

/** What no folder of a room may lean on: `from` and all below it stays free of `to`. */
const below = (name, from, to, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from, pathNot: own },
  to: { path: to },
});

export default {
  forbidden: [
    {
      name: 'no-ring-of-files',
      comment: 'Files that import each other can only be read, tested and moved together.',
      severity: 'error',
      from: { pathNot: own },
      to: { circular: true },
    },
    {
      name: 'no-ring-of-folders',
      comment: 'A folder that leans on what leans on it is no layer.',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    below(
      'core-stands-alone',
      '^core/src/',
      '^(web|server|e2e|bench|core/cli)/',
      'The core is used by all rooms and uses none.',
    ),
    below(
      'engine-knows-no-plan',
      '^core/src/(length|sizing|solid|motion|item|piece|scene|clearance)/',
      '^core/src/(carcass|things|existing|parts|plan|survey|report|make|formats|workers)/',
      'Motion and clearance answer for any scene.',
    ),
    below(
      'parts-know-no-plan',
      '^core/src/(carcass|existing|things|parts)/',
      '^core/src/(plan|survey|report|make|formats|workers)/',
      'What is built sees its place and no more.',
    ),
    below(
      'families-apart',
      '^core/src/parts/(?!kit/|contract/)([^/]+)/(?!quick)',
      '^core/src/parts/(?!kit/|contract/|$1/)[^/]+/',
      'What families share stands in parts/kit; only a card to start with may put two of them together.',
    ),
    {
      name: 'families-by-their-table',
      comment: 'Other rooms reach a family through the tables of parts/ alone.',
      severity: 'error',
      from: { path: '^(core|web|server)/src/', pathNot: '^core/src/parts/|' + own },
      to: { path: '^core/src/parts/(?!kit/|contract/)[^/]+/' },
    },
    below(
      'state-draws-nothing',
      '^web/src/(api|browser|hooks|formats|state)/',
      '^web/src/(view|screens)/',
      'In web: state, then view, then screens.',
    ),
    below(
      'views-know-no-screen',
      '^web/src/view/',
      '^web/src/screens/',
      'In web: state, then view, then screens.',
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'node_modules|/dist/|\\.test\\.tsx?$|^core/src/testing/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: fileURLToPath(new URL('tsconfig.base.json', import.meta.url)) },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import'] },
  },
};
