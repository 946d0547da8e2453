/** Gives the person a file made in the browser. */
export function download(name: string, text: string, type: string): void {
  offer(name, new Blob([text], { type }));
}

/** Gives the person a file of any kind. */
export function offer(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/** A file name out of a design's name: letters, digits, spaces and dashes only. */
export function fileName(name: string): string {
  return name.replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'design';
}
