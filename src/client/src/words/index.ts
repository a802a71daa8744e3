import { createI18n } from 'vue-i18n'
import { en } from './en'

/** All text of the page comes from here; another language is another catalogue of the same shape. */
export const i18n = createI18n({ legacy: false, locale: 'en', fallbackLocale: 'en', messages: { en } })

type Keys<T> = { [K in keyof T & string]: T[K] extends string ? K : `${K}.${Keys<T[K]>}` }[keyof T & string]

/** A text of the page: a key without one does not compile. */
export type Key = Keys<typeof en>

/** The keys of one group of texts. */
export type KeyOf<Group> = keyof Group & string

/** The sections that have a name. */
export type SectionName = KeyOf<typeof en.sections>

/**
 * The text of a key, with its parts filled in.
 * @param parts - What is filled in; a number chooses between one and several.
 */
export function t(key: Key, parts: Record<string, unknown> | number = {}): string {
  return typeof parts === 'number' ? i18n.global.t(key, parts) : i18n.global.t(key, parts)
}
