/** Of what every runtime has, and no language library of the core's declares. */
declare const TextEncoder: new () => { encode: (text: string) => Uint8Array }
declare const TextDecoder: new () => { decode: (bytes: Uint8Array) => string }
declare const atob: (base64: string) => string

export const toBytes = (content: string | Uint8Array): Uint8Array => (typeof content === 'string' ? new TextEncoder().encode(content) : content)
export const toText = (bytes: Uint8Array): string => new TextDecoder().decode(bytes)
export const fromBase64 = (base64: string): Uint8Array => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0))
