import {
  hullsOfMesh,
  outlineOf,
  readReadingRows,
  type Dimension,
  type Instrument,
  type LoopRead,
  type MeshRead,
  type ReadingsRead,
  type Traced,
} from '@tarnpass/core';
import Papa from 'papaparse';
import type { Mesh } from 'three';
import { LENGTH_UNITS } from './units';

/** What is read beside the page, so that no file makes it stand still. */
export type ImportTask =
  | {
      readonly kind: 'readings';
      readonly text: string;
      readonly dimensions: readonly Dimension[];
      readonly instruments: readonly Instrument[];
    }
  /** A DXF or SVG drawing; without a unit the one that it names itself, and where it names none each that it may be in. */
  | { readonly kind: 'drawing'; readonly name: string; readonly text: string; readonly unit?: number }
  | { readonly kind: 'mesh'; readonly name: string; readonly bytes: ArrayBuffer; readonly unit: number };

export type ImportAnswer =
  | { readonly kind: 'progress'; readonly share: number }
  | { readonly kind: 'readings'; readonly read: ReadingsRead }
  | {
      readonly kind: 'drawing';
      /** mm for one of its own; undefined where it must be asked. */
      readonly unit: number | undefined;
      /** Undefined while its unit is. */
      readonly read: LoopRead | undefined;
      /** Where its unit must be asked: what each makes of it. */
      readonly each: readonly { readonly unit: number; readonly read: LoopRead }[];
      readonly ignored: Traced['ignored'];
    }
  | { readonly kind: 'mesh'; readonly read: MeshRead }
  | { readonly kind: 'failed'; readonly message: string };

const post = (answer: ImportAnswer) => self.postMessage(answer);

self.onmessage = ({ data }: MessageEvent<ImportTask>) => {
  answerTo(data).then(post, (error: unknown) =>
    post({ kind: 'failed', message: error instanceof Error ? error.message : String(error) }),
  );
};

/** What reads drawings and meshes is large, and loaded only for them. */
async function answerTo(task: ImportTask): Promise<ImportAnswer> {
  switch (task.kind) {
    case 'readings': {
      const { data } = Papa.parse<string[]>(task.text, { skipEmptyLines: 'greedy' });
      const steps = readReadingRows(data, {
        dimensions: task.dimensions,
        instruments: task.instruments,
        id: () => crypto.randomUUID(),
        now: () => new Date().toISOString(),
      });
      for (;;) {
        const { done, value } = steps.next();
        if (done) return { kind: 'readings', read: value };
        post({ kind: 'progress', share: value / Math.max(1, data.length) });
      }
    }
    case 'drawing': {
      const { text } = task;
      const traced = /\.svg$/i.test(task.name)
        ? (await import('./svg')).traceSvg(text)
        : (await import('./dxf')).traceDxf(text);
      const unit = task.unit ?? traced.unit;
      const { ignored } = traced;
      if (unit !== undefined)
        return { kind: 'drawing', unit, read: outlineOf(traced, unit), each: [], ignored };
      const each = LENGTH_UNITS.map(([, by]) => ({ unit: by, read: outlineOf(traced, by) }));
      return { kind: 'drawing', unit, read: undefined, each, ignored };
    }
    case 'mesh':
      return { kind: 'mesh', read: hullsOfMesh(await cornersOf(task.name, task.bytes), task.unit) };
  }
}

/** x, y, z of every triangle's corners. Throws with a sentence where the file is none. */
async function cornersOf(name: string, bytes: ArrayBuffer): Promise<ArrayLike<number>> {
  try {
    if (/\.stl$/i.test(name)) {
      const { STLLoader } = await import('three/examples/jsm/loaders/STLLoader.js');
      const { position } = new STLLoader().parse(bytes).attributes;
      return position ? flat(position.array, position.count) : [];
    }
    const { OBJLoader } = await import('three/examples/jsm/loaders/OBJLoader.js');
    const corners: number[] = [];
    new OBJLoader().parse(new TextDecoder().decode(bytes)).traverse((one) => {
      const position = (one as Mesh).geometry?.attributes['position'];
      if ((one as Mesh).isMesh && position)
        for (const x of flat(position.array, position.count)) corners.push(x);
    });
    return corners;
  } catch {
    throw new Error(`${name} cannot be read: it is no whole STL or OBJ file.`);
  }
}

const flat = (array: ArrayLike<number>, count: number): number[] =>
  Array.from({ length: 3 * count }, (_, i) => array[i]!);
