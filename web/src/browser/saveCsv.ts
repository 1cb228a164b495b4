import { saveBlob } from './saveBlob';

/** Hand rows of cells to the browser to save as CSV; what writes it is loaded when first wanted. */
export async function saveCsv(rows: readonly (readonly string[])[], words: string): Promise<void> {
  const { default: Papa } = await import('papaparse');
  const text = Papa.unparse(rows as string[][], { newline: '\n' });
  saveBlob(new Blob([text], { type: 'text/csv' }), words, 'csv');
}
