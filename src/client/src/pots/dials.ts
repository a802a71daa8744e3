import type { Stroke } from '@/api/client'

/** The dials of a stroke that was found, to the figures that a player can set. */
export const rounded = (found: { pace: number; height: number }): Partial<Stroke> => ({
  pace: Math.round(found.pace * 100) / 100,
  height: Math.round(found.height * 1000) / 1000,
})
