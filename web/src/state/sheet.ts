import { create } from 'zustand'

const KEY = 'foxing-sheet'

/** Light or dark sheet, remembered on the device. */
export const useSheet = create<{ dark: boolean; toggle: () => void }>((set, get) => ({
  dark: localStorage.getItem(KEY) === 'dark',
  toggle: () => {
    const dark = !get().dark
    localStorage.setItem(KEY, dark ? 'dark' : 'light')
    set({ dark })
  },
}))
