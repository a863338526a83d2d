<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { shownTime } from './shown-time.ts'
import { useSession } from './session.ts'
import type { DocumentInHand } from './use-document.ts'
import { useLeaveGuard } from './use-leave-guard.ts'

/** What there is to say of a document in hand: leaving it unsaved, a save that failed, a draft found, two versions. */
const {
  document,
  what,
  conflicts = false,
} = defineProps<{
  document: DocumentInHand
  /** What it is, after "this". */
  what: string
  /** Whether the page shows the two versions itself. */
  conflicts?: boolean
}>()

const session = useSession()
const router = useRouter()
const leaving = useLeaveGuard(() => document.dirty.value)
async function saveAndLeave() {
  leaving.value?.(await document.save())
}
const twoVersions = computed(() => Boolean(document.conflict.value))
</script>

<template>
  <div class="notices">
    <div v-if="leaving" class="notice" role="alertdialog" aria-label="Unsaved work" data-test="leaving">
      <p>
        <strong>This {{ what }} is not saved.</strong> If you go, it stays on this device as a draft.
      </p>
      <Button v-if="session.maySave" label="Save and go" size="small" @click="saveAndLeave" />
      <Button
        label="Go, keep the draft"
        size="small"
        severity="secondary"
        variant="outlined"
        @click="leaving?.(true)"
      />
      <Button label="Stay" size="small" variant="text" autofocus @click="leaving?.(false)" />
    </div>
    <div v-if="document.trouble.value" class="notice" role="alert" data-test="save-trouble">
      <p>
        <strong>{{ document.trouble.value.message }}.</strong> {{ document.trouble.value.fix }}
      </p>
      <Button
        v-if="document.trouble.value.signedOut"
        label="Sign in again"
        size="small"
        @click="router.push({ name: 'sign-in', query: { to: router.currentRoute.value.fullPath } })"
      />
      <Button v-else-if="document.dirty.value" label="Save again" size="small" @click="document.save()" />
      <Button label="Hide" size="small" variant="text" @click="document.hideTrouble()" />
    </div>
    <div v-if="document.restoredFrom.value && !twoVersions" class="notice" role="status" data-test="restored">
      <p>This is your draft of {{ shownTime(document.restoredFrom.value) }}, kept on this device and not saved yet.</p>
      <Button
        label="Throw it away"
        size="small"
        severity="secondary"
        variant="outlined"
        data-test="discard"
        @click="document.discard()"
      />
    </div>
    <div
      v-if="twoVersions && !conflicts"
      class="notice"
      role="alertdialog"
      aria-label="Two versions"
      data-test="conflict"
    >
      <p>
        <strong>Somebody saved this {{ what }} since you opened it.</strong> Nothing is overwritten until you choose.
      </p>
      <Button label="Keep mine, save it on top" size="small" @click="document.settle('mine')" />
      <Button
        label="Take theirs"
        size="small"
        severity="secondary"
        variant="outlined"
        @click="document.settle('theirs')"
      />
    </div>
    <slot />
  </div>
</template>

<style src="./notices.css"></style>
