/** A file as the grower chose it. */
export interface PickedFile {
  readonly name: string;
  /** Bytes. */
  readonly size: number;
  readonly text: () => Promise<string>;
  readonly bytes: () => Promise<ArrayBuffer>;
}

/** Asks for a file; `undefined` when none was chosen. */
export function pickFile(accept: string): Promise<PickedFile | undefined> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('change', () => {
      const file = input.files?.[0];
      resolve(
        file && {
          name: file.name,
          size: file.size,
          text: () => file.text(),
          bytes: () => file.arrayBuffer(),
        },
      );
    });
    input.addEventListener('cancel', () => resolve(undefined));
    input.click();
  });
}
