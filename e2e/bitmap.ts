/** An uncompressed picture: its left half a white card and its right half a liquid, both as a warm lamp makes them look. */
export function picture(width: number, height: number, card: readonly number[], sample: readonly number[]): Buffer {
  const row = Math.ceil((width * 3) / 4) * 4
  const file = Buffer.alloc(54 + row * height)
  file.write('BM')
  file.writeUInt32LE(file.length, 2)
  file.writeUInt32LE(54, 10)
  file.writeUInt32LE(40, 14)
  file.writeInt32LE(width, 18)
  file.writeInt32LE(height, 22)
  file.writeUInt16LE(1, 26)
  file.writeUInt16LE(24, 28)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [r = 0, g = 0, b = 0] = x < width * 0.4 ? card : sample
      file.set([b, g, r], 54 + y * row + 3 * x)
    }
  return file
}
