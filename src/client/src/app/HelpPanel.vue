<script setup lang="ts">
import PanelHead from './PanelHead.vue'

/** The sheet of shortcuts. */
const emit = defineEmits<{ close: [] }>()
const rows: [string, string][] = [
  ['Drag a ball', 'lay it; near a ball or cushion it settles against it'],
  ['Double click on the cloth', 'lay another red there'],
  ['Drag on the cloth', 'turn the aim round the white'],
  ['Touch a ball, then a pocket', 'aims that pot; Enter does it by keys'],
  ['K', 'keeps the pot while the stroke changes, or lets it loose'],
  ['T, S, A, W', 'the faces of the bench: table, stroke, aim, white'],
  ['Tab', 'from ball to ball, to the aim, the rule and the tip'],
  ['Arrow keys on a ball', 'half a millimetre; with Shift a ball width'],
  ['Arrow keys on the aim', 'a tenth of a degree; Shift one, Alt a hundredth'],
  ['Arrow keys on the rule', 'a tenth of a pace; Shift a whole one'],
  ['Arrow keys on the tip', 'half a millimetre; Home puts it in the centre'],
  ['Delete', 'takes the ball off the table'],
  ['Ctrl+Z, Ctrl+Shift+Z', 'undo, redo'],
  ['Ctrl+S', 'save'],
  ['P, N', 'play or pause the stroke; go on to the next contact'],
  ['?', 'this sheet'],
]
</script>

<template>
  <div class="panel">
    <PanelHead title="Hands and keys" @close="emit('close')" />
    <dl>
      <template v-for="[keys, what] in rows" :key="keys">
        <dt>{{ keys }}</dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
  </div>
</template>

<style scoped>
dt {
  font-weight: 600;
  margin-top: 10px;
}
dd {
  margin: 0;
  color: var(--ink-soft);
}
</style>
