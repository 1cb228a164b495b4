/** Hand a file to the browser to save, under a name made of words; an address made for it is let go of again. */
export function saveAs(address: string, words: string, extension: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = `${words.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '')}.${extension}`;
  link.click();
  if (address.startsWith('blob:')) URL.revokeObjectURL(address);
}

export const saveBlob = (blob: Blob, words: string, extension: string): void =>
  saveAs(URL.createObjectURL(blob), words, extension);
