/** What a file is made of. */
export type Downloaded = string | Uint8Array<ArrayBuffer> | Blob;

/** Hands a text, or bytes, to the browser to be saved as a file. */
export function download(name: string, content: Downloaded, type: string): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser needs the address until it has begun to save.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
