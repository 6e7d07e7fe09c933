<script setup lang="ts">
import { computed, nextTick, onErrorCaptured, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { storeToRefs } from 'pinia'
import { useEventListener, useMediaQuery } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import { useGardenStore } from './stores/garden'
import { useTodayStore } from './stores/today'
import AppHeader from './ui/AppHeader.vue'
import ChangeBar from './ui/ChangeBar.vue'
import DemoBanner from './ui/DemoBanner.vue'
import BottomBar from './ui/BottomBar.vue'
import { allWords, withWords } from './i18n'
import { isSuperseded, takeUpdate } from './newer'
import { asksFirst } from './router'
import { lazily, LoadError, missing, reportMissing, tryAgain } from './loading'
import { useFaultText } from './ui/words/faults'
import { useTheme } from './ui/theme'
import PushButton from './ui/fields/PushButton.vue'

const FindDialog = lazily(withWords(() => import('./ui/FindDialog.vue')))
const ViewFailure = lazily(withWords(() => import('./ui/ViewFailure.vue')))
const OpeningTrouble = lazily(withWords(() => import('./ui/OpeningTrouble.vue')))
const HintLine = lazily(withWords(() => import('./ui/HintLine.vue')))
const UpdateBar = lazily(() => import('./ui/UpdateBar.vue'))
const ShortcutsDialog = lazily(() => import('./ui/ShortcutsDialog.vue'))

useTheme()

const store = useGardenStore()
const { garden, trouble, isWaiting } = storeToRefs(store)
const { walked, progress } = storeToRefs(useTodayStore())
const { t } = useI18n()
const { ofError } = useFaultText()
const failure = ref('')
const isFinding = ref(false)
/** As the style sheets have it: a phone held upright. */
const isNarrow = useMediaQuery('(max-width: 700px)')
const isShowingShortcuts = ref(false)

async function fail(error: unknown, isDrawing = false): Promise<void> {
  // Said as well as it can be: with all words, where they can be had.
  await allWords().catch(() => undefined)
  failure.value =
    isDrawing && error instanceof Error
      ? t('fault.drawing', { detail: error.message })
      : ofError(error)
}
const router = useRouter()
/** Opens the garden; where a part of Rimbo is missing for it, once it can be had. A newcomer is met. */
const begin = (): Promise<void> =>
  store
    .start(asksFirst)
    .then(async () => {
      if (!garden.value && !trouble.value) await router.replace('/start')
    })
    .catch((error: unknown) =>
      error instanceof LoadError ? reportMissing(store, () => void begin()) : fail(error),
    )
void begin()
const reload = () => window.location.reload()

/** The path of a view that failed to draw: it is told in its place, and everything about it stands. */
const failedPath = ref<string>()
const route = useRoute()
/** Told in words while developing, by its number in a build: what a tap or a key did is no drawing. */
const HANDLER = /handler|runtime-[56]$/
onErrorCaptured((error, _instance, info) => {
  const isDrawing = !HANDLER.test(info)
  if (isDrawing) failedPath.value = route.path
  void fail(error, isDrawing)
  return false
})
watch([() => route.path, garden], () => (failedPath.value = undefined))
/** The walk begins with the first pots that are worked out, other views with all of them; some need none. */
const NEED_NO_SEASON = ['book', 'settings', 'start']
const isReady = computed(
  () =>
    !progress.value ||
    NEED_NO_SEASON.includes(String(route.name)) ||
    (route.name === 'round' && !!walked.value),
)
/** The start goes on while the garden is made in it. */
const isStarting = computed(() => route.name === 'start')
/** Another garden is another view: no form of the one before goes on in it. */
const gardenId = computed(() => garden.value?.id)
watch(gardenId, async (_id, before) => {
  if (!before) return
  await nextTick()
  document.getElementById('main')?.focus()
})
useEventListener(
  window,
  'unhandledrejection',
  ({ reason }: PromiseRejectionEvent) => void fail(reason),
)

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (isTyping(event.target)) return
  const withControl = event.ctrlKey || event.metaKey
  if (event.key === '/') isFinding.value = true
  else if (event.key === '?') isShowingShortcuts.value = true
  else if (withControl && event.key.toLowerCase() === 'z')
    void (event.shiftKey ? store.redo() : store.undo())
  else if (withControl && event.key.toLowerCase() === 'y') void store.redo()
  else return
  event.preventDefault()
})
</script>

<template>
  <div class="app">
    <a class="skip" href="#main">{{ t('app.skip') }}</a>
    <AppHeader
      :is-narrow="isNarrow"
      @find="isFinding = true"
      @shortcuts="isShowingShortcuts = true"
    />
    <DemoBanner v-if="garden?.clock" />
    <HintLine v-else-if="garden && !isStarting" />
    <UpdateBar v-if="takeUpdate || isSuperseded" />
    <p v-if="failure && failedPath !== route.path" class="failure" role="alert">
      {{ failure }}
      <PushButton size="small" @click="failure = ''">{{ t('app.dismiss') }}</PushButton>
    </p>
    <p v-if="missing.size" class="failure" role="alert">
      {{ t('fault.notLoaded') }}
      <PushButton size="small" @click="tryAgain">{{ t('app.again') }}</PushButton>
      <PushButton size="small" @click="reload">{{ t('app.reload') }}</PushButton>
    </p>
    <OpeningTrouble v-if="trouble" :trouble="trouble" @again="begin" @reload="reload" />
    <main v-else-if="garden || isStarting" id="main" tabindex="-1">
      <ViewFailure
        v-if="failedPath === route.path"
        :reason="failure"
        @again="failedPath = undefined"
      />
      <router-view v-else-if="isReady" :key="isStarting || !garden ? 'start' : garden.id" />
      <p v-else-if="progress" class="opening" role="status">{{ t('app.workingOut', progress) }}</p>
    </main>
    <p v-else class="opening" role="status">{{ t(isWaiting ? 'app.waiting' : 'app.opening') }}</p>
    <BottomBar v-if="isNarrow" />
    <ChangeBar />
    <FindDialog v-if="isFinding" @close="isFinding = false" />
    <ShortcutsDialog v-if="isShowingShortcuts" @close="isShowingShortcuts = false" />
  </div>
</template>

<style>
.app {
  height: 100%;
  display: flex;
  flex-direction: column;
}
#main {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
  outline: none;
}
/* One scroll a page: nothing on a phone scrolls inside something that scrolls. */
@media (max-width: 700px) {
  #main {
    display: block;
    overflow: hidden auto;
  }
  #main > .view {
    min-height: 100%;
    box-sizing: border-box;
  }
}
.skip {
  position: absolute;
  left: -999px;
}
.skip:focus {
  left: 8px;
  top: 8px;
  z-index: 10;
  background: var(--sheet);
  padding: 8px;
}
.failure {
  margin: 0;
  padding: 8px 28px;
  background: var(--picked);
  color: var(--accent);
  font-weight: 600;
}
.opening {
  padding: 28px;
}
</style>
