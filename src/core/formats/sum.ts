import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';

/**
 * SHA-256 of these bytes [FIPS 180-4], 64 hexadecimal digits. By the machine’s own hand where it lends it, as it does to a page of its own address or
 * of one over HTTPS; elsewhere, as on a phone that reads from a desk at home, it is worked out here, at a tenth of the speed.
 */
export async function sumOf(data: Uint8Array): Promise<string> {
  const own = (globalThis.crypto as Crypto | undefined)?.subtle as SubtleCrypto | undefined;
  return bytesToHex(own ? new Uint8Array(await own.digest('SHA-256', data as Uint8Array<ArrayBuffer>)) : sha256(data));
}
