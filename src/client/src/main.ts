import '@fontsource-variable/inter'
import '@fontsource-variable/source-serif-4'
import './app/theme.css'
import { createApp } from 'vue'
import App from './app/App.vue'

createApp(App).mount('#app')
