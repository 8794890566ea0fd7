<script setup lang="ts">
import { calls } from '@dialytica/core/wire'
import { useClipboard } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { api } from '../../data/api.ts'
import { inShopTime } from '../../data/time.ts'
import { useJob } from '../../stores/job.ts'
import Problem from '../Problem.vue'

/** A link to the customer's page, with the code that opens it: the code is told apart from the link. */
const job = useJob()
const made = ref<{ link: string; code: string; until: string } | null>(null)
const problem = ref('')
const busy = ref(false)
const address = computed(() => (made.value ? `${location.origin}/r/${made.value.link}` : ''))
const { copy, copied, isSupported } = useClipboard()
async function make(): Promise<void> {
  busy.value = true
  problem.value = ''
  try {
    made.value = await api(calls.share, { params: { job: job.id! }, body: {} })
  } catch (error) {
    problem.value = (error as Error).message
  }
  busy.value = false
}
</script>

<template>
  <div class="share">
    <NButton v-if="!made" :disabled="busy" @click="make">Link for the customer</NButton>
    <template v-else>
      <p class="soft">
        Send the link, tell the code. Good until {{ inShopTime(made.until, 'day') }}; no account is needed.
      </p>
      <a class="mono link" :href="address" target="_blank" rel="noopener">{{ address }}</a>
      <p>
        Code <b class="mono code">{{ made.code }}</b>
      </p>
      <NButton v-if="isSupported" @click="copy(address)">{{ copied ? 'Copied' : 'Copy the link' }}</NButton>
    </template>
    <Problem :says="problem" />
  </div>
</template>

<style scoped>
.share {
  display: grid;
  gap: 8px;
}
.link {
  overflow-wrap: anywhere;
}
.code {
  font-size: 24px;
}
</style>
