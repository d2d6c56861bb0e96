/** A file as the grower chose it. */
export interface PickedFile {
  readonly name: string;
  readonly text: string;
}

/** Asks for a file; `undefined` when none was chosen. */
export function pickFile(accept: string): Promise<PickedFile | undefined> {
  return new Promise((resolve, reject) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('change', () => {
      const file = input.files?.[0];
      if (!file) resolve(undefined);
      else file.text().then((text) => resolve({ name: file.name, text }), reject);
    });
    input.addEventListener('cancel', () => resolve(undefined));
    input.click();
  });
}
