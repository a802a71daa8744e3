/** What the bench shows. */
export type Face =
  | 'lay'
  | 'presets'
  | 'stroke'
  | 'reading'
  | 'aim'
  | 'white'
  | 'chance'
  | 'zone'
  | 'numbers'
  | 'open'
  | 'save'
  | 'files'
  | 'view'
  | 'help'

/** Faces that all sections share; the others are the section's own. */
export const sharedFaces: Face[] = ['open', 'save', 'files', 'view', 'help']

/** Faces that have a tab. */
export const tabs = ['lay', 'reading', 'stroke', 'aim', 'white', 'chance', 'zone'] as const satisfies Face[]

/** Keys that turn the bench to a face. */
export const faceKeys: Record<string, Face> = {
  l: 'lay',
  t: 'reading',
  s: 'stroke',
  a: 'aim',
  w: 'white',
  h: 'chance',
  z: 'zone',
}
