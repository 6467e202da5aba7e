/** What a text of JSON says; null where it is none. */
export function asJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}
