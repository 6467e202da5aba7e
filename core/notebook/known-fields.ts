import type { z } from 'zod'

interface Def {
  readonly type: string
  readonly shape?: Readonly<Record<string, z.ZodType>>
  readonly element?: z.ZodType
  readonly innerType?: z.ZodType
  readonly in?: z.ZodType
  readonly options?: readonly z.ZodType[]
}

/**
 * A document without the fields its schema does not name, at any depth. Documents keep such fields for whoever wrote them; where one is handed on to somebody from whom a part of it
 * is to be kept, nothing may go along that nobody has looked at.
 */
export function withoutUnknown(schema: z.ZodType, value: unknown): unknown {
  const def = schema.def as unknown as Def
  if (def.innerType) return value === undefined || value === null ? value : withoutUnknown(def.innerType, value)
  if (def.type === 'pipe' && def.in) return withoutUnknown(def.in, value)
  if (def.type === 'array' && Array.isArray(value)) {
    const { element } = def
    return element ? value.map((item) => withoutUnknown(element, item)) : value
  }
  if (def.type === 'union') {
    const fitting = def.options?.find((option) => option.safeParse(value).success)
    return fitting ? withoutUnknown(fitting, value) : undefined
  }
  if (def.type !== 'object' || typeof value !== 'object' || value === null || !def.shape) return value
  const given = value as Readonly<Record<string, unknown>>
  return Object.fromEntries(
    Object.entries(def.shape).flatMap(([key, inner]) => (Object.hasOwn(given, key) ? [[key, withoutUnknown(inner, given[key])] as const] : [])),
  )
}
