/** Hands a file to the browser, which puts it where downloads go. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
/** Hands a text to the browser as a file. */
export const download = (name: string, type: string, text: string): void => downloadBlob(name, new Blob([text], { type }));

/** What a browser can ask of the person before a file is written; not every browser can (WICG, File System Access). */
interface AskingWhere {
  readonly showSaveFilePicker?: (options: {
    readonly id: string;
    readonly suggestedName: string;
  }) => Promise<{ readonly name: string; createWritable(): Promise<WritableStream & { write(data: Blob): Promise<void> }> }>;
}
/** Where a file goes: into a place that was chosen, or to the downloads. */
export interface Place {
  /** As it is called in a sentence: "in your downloads". */
  readonly words: string;
  readonly put: (blob: Blob) => Promise<void>;
}
/**
 * Asks where a file shall go, where the browser can ask; it begins where the last one of this kind went. Asked before the file is made: the
 * browser lets a page ask only right after a press.
 * @param kind of file, a short word. @returns null when the person would rather not.
 */
export async function askWhere(kind: string, name: string): Promise<Place | null> {
  const { showSaveFilePicker } = globalThis as AskingWhere;
  const downloads: Place = { words: 'in your downloads', put: async (blob) => downloadBlob(name, blob) };
  if (!showSaveFilePicker) return downloads;
  try {
    const file = await showSaveFilePicker.call(globalThis, { id: kind, suggestedName: name });
    return {
      words: `where you chose, as ${file.name}`,
      put: async (blob) => {
        const stream = await file.createWritable();
        await stream.write(blob);
        await stream.close();
      },
    };
  } catch (error) {
    return (error as { readonly name?: string }).name === 'AbortError' ? null : downloads;
  }
}
