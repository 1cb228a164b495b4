import { saveAs } from '../../browser/saveBlob';

/** The large view of the sheet as a file; what is wrong where there is none to save. */
export async function saveSheet(kind: 'svg' | 'png', title: string): Promise<string | undefined> {
  const view = document.querySelector<HTMLElement>('main.sheet .view');
  if (!view) return 'Only the flat views are saved: show the plan, the front or a section in the large pane.';
  // Loaded when first used.
  const { asPng, asSvg } = await import('./sheetFile');
  saveAs(kind === 'svg' ? asSvg(view) : await asPng(view), title, kind);
  return undefined;
}
