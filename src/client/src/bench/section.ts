import { defineSection } from '@/desk/contract'
import BenchTabs from './BenchTabs.vue'
import TableFaces from './TableFaces.vue'
import TableOverlay from './TableOverlay.vue'

/** Lay the balls, choose the pot, set the stroke, see where everything goes. */
export default defineSection({ use: () => ({}), tabs: BenchTabs, bench: TableFaces, overlay: TableOverlay })
