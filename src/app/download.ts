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
