import { createI18n } from 'vue-i18n'
import { en } from './en'

/** All text of the page comes from here; another language is another catalogue of the same shape. */
export const i18n = createI18n({ legacy: false, locale: 'en', fallbackLocale: 'en', messages: { en } })

/** The text of a key, with its parts filled in. */
export const t = i18n.global.t
