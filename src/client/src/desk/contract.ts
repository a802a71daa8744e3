import type { Component, Ref } from 'vue'
import type { ShotQuestion } from '@/table/usePrediction'
import type { SectionName } from '@/words'
import type { Desk } from './createDesk'

/** A sentence that stands in place of the stroke's own, and its decisive words. */
export interface Said {
  sentence: string
  words: string[]
}

/** The one thing to do in a section: on a phone it is always under the thumb. */
export interface Action {
  label: string
  isBusy: boolean
  run: () => unknown
}

/** What a section holds for itself, and what of the table it takes over while its bench is shown. All of it is optional. */
export interface SectionModel {
  [own: string]: unknown
  /** What the line above the table says. */
  said?: Ref<Said | undefined>
  /** Takes a ball that was touched; false leaves it to the desk, which asks for its pocket. */
  pick?: (ball: string) => boolean
  /** The one thing to do; without it the stroke is played as motion. */
  action?: Ref<Action>
  /** Plays the stroke on the sheet and has what follows played as well. */
  playOn?: () => unknown
  /** True while words of the section name reds by their numbers: the reds show them then. */
  namesReds?: Ref<boolean>
  /** Other rules than the frame's, by which strokes are asked. */
  lineUp?: Ref<ShotQuestion['lineUp']>
}

/** A section on the table: what it puts beside, on and under it. Each component is given the section's model as its property `section`. */
export interface DeskSection<M extends SectionModel = SectionModel> {
  /** Makes the model, once, when the section is opened first. */
  use: (desk: Desk, isOpen: () => boolean) => M
  /** Stands at the head of the bench, whatever it shows. */
  tabs?: Component
  bench: Component
  overlay?: Component
  strip?: Component
}

/** Where a section is listed: its address, the key that goes there and back, and what is loaded when it is opened. */
export type SectionEntry = { name: SectionName; path: string; key?: string } & (
  | { kind: 'desk'; load: () => Promise<{ default: unknown }> }
  | { kind: 'page'; load: () => Promise<{ default: Component }> }
)
export type DeskEntry = SectionEntry & { kind: 'desk' }

/** Lets a section say its model's type; the desk knows only what all of them share. */
export const defineSection = <M extends SectionModel>(section: DeskSection<M>) => section
