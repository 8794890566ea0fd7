import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex } from '@noble/hashes/utils.js'

/** SHA-256 of bytes in lower-case hexadecimal; also where the page is not a secure context. */
export async function hashOf(bytes: ArrayBuffer): Promise<string> {
  const subtle = globalThis.crypto?.subtle
  const digest = subtle ? new Uint8Array(await subtle.digest('SHA-256', bytes)) : sha256(new Uint8Array(bytes))
  return bytesToHex(digest)
}
