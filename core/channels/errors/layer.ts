/** How often a layer is described where there is none. */
export const NO_LAYER = 0.06
