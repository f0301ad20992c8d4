import { strToU8, zipSync, type Zippable } from 'fflate';
import { saleMarkdown, type SaleSheet } from '../core/telling/sale';
import type { Photo } from '../data/db';

/** A photograph of a sale sheet, and what stands under it. */
export interface SalePicture {
  readonly photo: Photo;
  readonly caption: string;
}
const SUFFIX: Readonly<Record<string, string>> = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' };
const files = (pictures: readonly SalePicture[]): { readonly file: string; readonly caption: string }[] =>
  pictures.map(({ photo, caption }, n) => ({ file: `picture-${n + 1}.${SUFFIX[photo.blob.type] ?? 'jpg'}`, caption }));

/** A sale sheet with its pictures beside it, as a ZIP of Markdown and pictures. */
export async function saleZip(sheet: SaleSheet, pictures: readonly SalePicture[]): Promise<Blob> {
  const named = files(pictures);
  const zip: Zippable = { 'sale.md': strToU8(saleMarkdown(sheet, named)) };
  for (const [n, { photo }] of pictures.entries()) {
    const name = named[n]?.file;
    // They are packed already.
    if (name) zip[name] = [new Uint8Array(await photo.blob.arrayBuffer()), { level: 0 }];
  }
  return new Blob([zipSync(zip) as Uint8Array<ArrayBuffer>], { type: 'application/zip' });
}
