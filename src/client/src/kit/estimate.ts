import { t } from '@/words'

/** A chance as an estimate: "about 7 in 10"; words without a figure stay as they are. */
export const estimate = (words: string) => (/^\d/.test(words) ? t('chance.about', { words }) : words)
