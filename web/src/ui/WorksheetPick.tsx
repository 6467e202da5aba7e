import { worksheetFileSchema, type Case } from '@foxing/core'
import { Upload } from 'lucide-react'
import { z } from 'zod'
import { asJson } from '../state/json'

/** A worksheet taken from a file, as a case holds it, and the salt its sample is where it says one. */
export interface Sheet {
  readonly file: string
  readonly worksheet: Case['worksheet']
  readonly salt: string | null
}

/** A worksheet's sample, where it is one solid. */
const oneSolid = z.object({ solids: z.tuple([z.object({ formula: z.string() })]) })

/** @throws Error in words, for a file that is no worksheet */
async function sheetIn(file: File): Promise<Sheet> {
  const read = worksheetFileSchema.safeParse(asJson(await file.text()))
  if (!read.success) {
    const [issue] = read.error.issues
    throw new Error(
      `“${file.name}” is not a worksheet of the open format (${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}); nothing was changed`,
    )
  }
  const { title, parts, sample } = read.data
  const single = oneSolid.safeParse(sample).data?.solids[0].formula ?? null
  return {
    file: file.name,
    worksheet: { ...(title === undefined ? {} : { title }), parts },
    salt: single,
  }
}

/** Chooses a worksheet's file, or leaves it again. */
export function WorksheetPick({
  sheet,
  run,
  onChange,
}: {
  readonly sheet: Sheet | null
  readonly run: (task: () => Promise<void>) => void
  readonly onChange: (sheet: Sheet | null) => void
}) {
  const take = (file: File | undefined): void => {
    if (file) run(async () => onChange(await sheetIn(file)))
  }
  return (
    <span className="inline-flex items-center gap-2">
      <label className="pressable inline-flex items-center gap-1">
        <Upload size={18} aria-hidden /> {sheet ? sheet.file : 'with a worksheet'}
        <input type="file" accept="application/json,.json" className="sr-only" onChange={(e) => take(e.target.files?.[0])} />
      </label>
      {sheet && (
        <button type="button" className="pressable" onClick={() => onChange(null)}>
          without it
        </button>
      )}
    </span>
  )
}
