import { t } from '@/words'

/**
 * How far a question is that is answered better and better, in words.
 *
 * @param waiting - Who is ahead of it; empty while nobody is.
 * @param played - Strokes looked at so far; nothing while there is no answer.
 * @param isBusy - True while it is looked for.
 */
export function progress(waiting: string, played: number | undefined, isBusy: boolean): string {
  if (waiting) return waiting
  if (played === undefined) return isBusy ? t('breaks.looking', { count: 0 }) : ''
  return t(isBusy ? 'breaks.looking' : 'breaks.done', { count: played })
}
