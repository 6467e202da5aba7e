/** A picture is worked on at no more than this many pixels. */
export const MOST_PIXELS = 900 * 700
/** A kept picture is no larger than this, characters of its data URL: two hundred of them fit in a notebook that travels. */
const MOST_KEPT = 60_000
const SIDES = [480, 360, 240, 160]

/** A small JPEG of what is drawn. Drawn anew, it holds nothing of the file it came from: no place, no time, no camera. Null where even the smallest is too large. */
export function asSmallPicture(from: HTMLCanvasElement): string | null {
  for (const side of SIDES) {
    const scale = Math.min(1, side / Math.max(from.width, from.height))
    const small = document.createElement('canvas')
    small.width = Math.max(1, Math.round(from.width * scale))
    small.height = Math.max(1, Math.round(from.height * scale))
    small.getContext('2d')?.drawImage(from, 0, 0, small.width, small.height)
    const url = small.toDataURL('image/jpeg', 0.8)
    if (url.length <= MOST_KEPT) return url
  }
  return null
}
