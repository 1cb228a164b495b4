/** Hand a file to the browser to save, under a name made of words. */
export function saveBlob(blob: Blob, words: string, extension: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = `${words.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '')}.${extension}`;
  link.click();
  URL.revokeObjectURL(link.href);
}
