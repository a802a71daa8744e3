import { computed } from 'vue'
import { defineSection } from '@/desk/contract'
import { useWanted } from '@/desk/useWhatNow'
import { t } from '@/words'
import MissStrip from './MissStrip.vue'
import SafetyOverlay from './SafetyOverlay.vue'
import SafetyPanel from './SafetyPanel.vue'
import { useExchange } from './useExchange'
import { useSafety } from './useSafety'

/** The same table, and what to leave on it. */
export default defineSection({
  use: (desk, isOpen) => {
    const safety = useSafety(desk.model, desk.shelf, desk.playback)
    /** While an answer is shown its sentence stands for the stroke's; another one that was touched has its own. */
    const said = computed(() => {
      const answer = safety.answer.value
      if (!answer || safety.isOld.value) return undefined
      const { value: tried } = safety.tried
      return tried
        ? { sentence: tried.words, words: [tried.kindWords] }
        : { sentence: answer.sentence, words: answer.decisive }
    })
    const action = computed(() => ({ label: t('safety.plan'), isBusy: safety.isBusy.value, run: () => safety.plan() }))
    useWanted(desk.whatNow, 'safety', isOpen, () => safety.plan())
    const exchange = useExchange(desk.model, desk.shelf, desk.playback, () => safety.cancel())
    const playOn = () => exchange.busy.value === null && exchange.play(desk.shot.directionDeg.value)
    return { safety, exchange, said, action, playOn }
  },
  bench: SafetyPanel,
  overlay: SafetyOverlay,
  strip: MissStrip,
})
