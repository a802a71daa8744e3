import { computed } from 'vue'
import { defineSection } from '@/desk/contract'
import { useWanted } from '@/desk/useWhatNow'
import { t } from '@/words'
import EscapeOverlay from './EscapeOverlay.vue'
import EscapePanel from './EscapePanel.vue'
import { useEscape } from './useEscape'

/** The same table, and the way out of a snooker. */
export default defineSection({
  use: (desk, isOpen) => {
    const escape = useEscape(desk.model, desk.shelf, desk.playback, isOpen)
    /** While an answer is shown its sentence stands for the stroke's; another way that was touched has its own. */
    const said = computed(() => {
      const answer = escape.answer.value
      if (!answer || escape.isOld.value) return undefined
      const { value: chosen } = escape.chosen
      return chosen && chosen !== answer.routes[0]
        ? { sentence: chosen.words, words: chosen.mark ? [chosen.mark] : [] }
        : { sentence: answer.sentence, words: answer.decisive }
    })
    const action = computed(() => ({ label: t('escape.plan'), isBusy: escape.isBusy.value, run: () => escape.plan() }))
    useWanted(desk.whatNow, 'escape', isOpen, () => escape.plan())
    return { escape, said, action }
  },
  bench: EscapePanel,
  overlay: EscapeOverlay,
})
