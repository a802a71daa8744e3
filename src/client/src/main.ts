import '@fontsource-variable/inter'
import '@fontsource-variable/source-serif-4'
import './app/theme.css'
import { createApp } from 'vue'
import App from './app/App.vue'
import { i18n } from './words'

createApp(App).use(i18n).mount('#app')
