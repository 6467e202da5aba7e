import { isIPv6 } from 'node:net'

/**
 * The network a request comes from, as wrong attempts are counted by: an IPv4 address as it is, of an IPv6 address the first 64 bits, since whoever has one has them all.
 * An IPv4 address written as IPv6 is the IPv4 address.
 */
export function networkOf(address: string | undefined): string {
  if (address === undefined) return 'unknown'
  const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/i.exec(address)
  if (mapped?.[1]) return mapped[1]
  if (!isIPv6(address)) return address
  const [head = '', tail = ''] = address.split('%')[0]?.toLowerCase().split('::') ?? []
  const before = head === '' ? [] : head.split(':')
  const after = address.includes('::') ? (tail === '' ? [] : tail.split(':')) : []
  const whole = address.includes('::')
    ? [...before, ...Array.from({ length: Math.max(0, 8 - before.length - after.length) }, () => '0'), ...after]
    : before
  return `${whole
    .slice(0, 4)
    .map((part) => part.replace(/^0+(?=.)/, ''))
    .join(':')}::/64`
}
