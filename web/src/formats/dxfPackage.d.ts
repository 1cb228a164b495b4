/** What the package dxf reads of a drawing, as far as it is used here; it brings no types of its own. */
declare module 'dxf' {
  export interface DxfVertex {
    readonly x: number;
    readonly y: number;
    readonly bulge?: number;
  }
  export interface DxfEntity {
    readonly type: string;
    readonly layer?: string;
    readonly visible?: boolean;
    readonly paperSpace?: number;
    readonly extrusionX?: number;
    readonly extrusionY?: number;
    readonly extrusionZ?: number;
    readonly start?: DxfVertex;
    readonly end?: DxfVertex;
    readonly vertices?: readonly DxfVertex[];
    readonly closed?: boolean;
    readonly x?: number;
    readonly y?: number;
    readonly r?: number;
    readonly startAngle?: number;
    readonly endAngle?: number;
  }
  export interface DxfLayer {
    readonly name: string;
    readonly flags?: number;
    readonly colorNumber?: number;
  }
  export interface DxfDrawing {
    readonly header: { readonly insUnits?: number };
    readonly tables?: { readonly layers?: Readonly<Record<string, DxfLayer>> };
    readonly entities: readonly DxfEntity[];
  }
  export function parseString(text: string): DxfDrawing;
}
