import '@fontsource/source-sans-3/latin-400.css'
import '@fontsource/source-sans-3/latin-600.css'
import '@fontsource/source-sans-3/latin-700.css'
import './styles/theme.css'
import './styles/controls.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { i18n } from './lang'
import { keepAtHand } from './offline/keepAtHand'
import { pieceMissing } from './offline/newer'
import { router } from './router'
import { headingAfterStep } from './ui/focus'

window.addEventListener('vite:preloadError', () => pieceMissing())
headingAfterStep(router)
createApp(App).use(createPinia()).use(router).use(i18n).mount('#app')
// Once the page stands: what is fetched to be kept would be in its way.
if ('requestIdleCallback' in window) requestIdleCallback(keepAtHand, { timeout: 3000 })
else keepAtHand()
