import { computed } from 'vue'
import { useAttempts } from '@/attempts/useAttempts'
import { defineSection } from '@/desk/contract'
import { useWanted } from '@/desk/useWhatNow'
import { t } from '@/words'
import BreakPanel from './BreakPanel.vue'
import BreakPlan from './BreakPlan.vue'
import { useBreak } from './useBreak'
import { useLineUp } from './useLineUp'

/** The same table, and a plan for the visit. */
export default defineSection({
  use: (desk, isOpen) => {
    const lineUp = useLineUp(desk.model, desk.shelf, useAttempts(desk.server))
    const breaks = useBreak(desk.model, desk.shelf, lineUp, isOpen, desk.playback)
    /** While a plan is shown its sentence stands for the stroke's; another ball that was touched has its own. */
    const said = computed(() => {
      const answer = breaks.answer.value
      if (!answer || breaks.isOld.value || breaks.other.value) return undefined
      return { sentence: answer.sentence, words: answer.decisive }
    })
    const action = computed(() => ({ label: t('breaks.plan'), isBusy: breaks.isBusy.value, run: () => breaks.plan() }))
    useWanted(desk.whatNow, 'break', isOpen, () => breaks.plan())
    return { breaks, said, action, pick: breaks.touch, lineUp: lineUp.asked }
  },
  bench: BreakPanel,
  overlay: BreakPlan,
})
