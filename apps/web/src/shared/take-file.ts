/** Hands a text to the browser as a file to keep; the name is made of what it is of. */
export function takeFile(of: string, ending: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${of.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-') || 'build'}${ending}`;
  link.click();
  URL.revokeObjectURL(url);
}
