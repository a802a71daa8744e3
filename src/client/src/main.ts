import '@fontsource-variable/inter'
import '@fontsource-variable/source-serif-4'
import './app/theme.css'
import { createApp } from 'vue'
import App from './app/App.vue'
import { router } from './app/router'
import { i18n } from './words'

createApp(App).use(i18n).use(router).mount('#app')
