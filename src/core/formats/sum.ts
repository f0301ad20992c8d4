import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';

/**
 * SHA-256 of these bytes [FIPS 180-4], 64 hexadecimal digits. By the browser’s own hand where it lends it: to a page over HTTPS, or from the machine it
 * runs on. To one over plain HTTP from another machine it lends none; there it is worked out here, at a tenth of the speed.
 */
export async function sumOf(data: Uint8Array): Promise<string> {
  const own: SubtleCrypto | undefined = globalThis.crypto?.subtle;
  return bytesToHex(own ? new Uint8Array(await own.digest('SHA-256', data as Uint8Array<ArrayBuffer>)) : sha256(data));
}
