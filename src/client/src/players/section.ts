/** Whose hands, which table? A page of its own. */
export { default } from './PlayersSection.vue'
