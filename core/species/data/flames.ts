import type { FlameData } from '../types'

/**
 * What elements give a flame, as the eye has it: wavelengths of the lines and of the middles of the bands, and how bright each looks beside the others when equal amounts of the chlorides
 * are held in the flame. Wavelengths: CRC Handbook, line spectra of the elements, and R. W. B. Pearse, A. G. Gaydon for the bands of the chlorides and oxides.
 */
export const flames: readonly FlameData[] = [
  { ion: 'Na^+', lines: [{ nm: 589, strength: 1000 }], lasts: 'steady', source: 'crc' },
  { ion: 'K^+', lines: [{ nm: 404, strength: 90 }, { nm: 422, strength: 14 }, { nm: 694, strength: 330 }], lasts: 'brief', source: 'crc' },
  { ion: 'Ca^2+', lines: [{ nm: 622, strength: 150 }, { nm: 605, strength: 60 }, { nm: 554, strength: 22 }], lasts: 'steady', source: 'crc' },
  { ion: 'Ba^2+', lines: [{ nm: 553, strength: 26 }, { nm: 524, strength: 45 }, { nm: 513, strength: 40 }, { nm: 487, strength: 16 }], lasts: 'steady', source: 'crc' },
  { ion: 'Cu^2+', lines: [{ nm: 535, strength: 45 }, { nm: 510, strength: 60 }, { nm: 488, strength: 30 }, { nm: 441, strength: 20 }], lasts: 'steady', source: 'crc' },
  { ion: 'Pb^2+', lines: [{ nm: 405, strength: 9 }, { nm: 430, strength: 8 }, { nm: 460, strength: 8 }, { nm: 500, strength: 4 }, { nm: 560, strength: 3 }], lasts: 'brief', source: 'crc' },
  { ion: 'Sr^2+', lines: [{ nm: 606, strength: 60 }, { nm: 641, strength: 130 }, { nm: 662, strength: 150 }, { nm: 675, strength: 110 }, { nm: 461, strength: 8 }], lasts: 'steady', source: 'crc' },
  { ion: 'Li^+', lines: [{ nm: 671, strength: 520 }, { nm: 610, strength: 25 }], lasts: 'steady', source: 'crc' },
]
