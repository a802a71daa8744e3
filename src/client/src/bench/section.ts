import { computed } from 'vue'
import { defineSection } from '@/desk/contract'
import type { Face } from '@/kit/faces'
import BenchTabs from './BenchTabs.vue'
import TableFaces from './TableFaces.vue'
import TableOverlay from './TableOverlay.vue'

/** Faces whose words name reds. */
const naming: Face[] = ['reading', 'chance', 'white', 'numbers']

/** Lay the balls, choose the pot, set the stroke, see where everything goes. */
export default defineSection({
  use: (desk) => ({ namesReds: computed(() => naming.includes(desk.face.value)) }),
  tabs: BenchTabs,
  bench: TableFaces,
  overlay: TableOverlay,
})
