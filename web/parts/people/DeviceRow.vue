<script setup lang="ts">
import { limits } from '@dialytica/core/schema'
import { NButton, NInput } from 'naive-ui'
import { ref } from 'vue'
import { inShopTime } from '../../data/time.ts'
import type { DeviceShown } from './by-device.ts'
import Sure from './Sure.vue'

/** One device: what it is called here, who is on it, since when; named, and signed out. */
const props = defineProps<{ of: DeviceShown; mayEnd: boolean; mayName: boolean }>()
const emit = defineEmits<{ name: [name: string]; end: []; endOne: [session: string] }>()
const naming = ref(false)
const name = ref('')
function begin(): void {
  name.value = props.of.on[0]!.session.name
  naming.value = true
}
function keep(): void {
  naming.value = false
  emit('name', name.value.trim())
}
</script>

<template>
  <div class="device" :class="{ here: of.here }">
    <form v-if="naming" @submit.prevent="keep">
      <NInput
        v-model:value="name"
        autofocus
        :maxlength="limits.plate"
        placeholder="tablet of bay 2"
        :input-props="{ 'aria-label': 'What the shop calls it', autocomplete: 'off' }"
      />
      <NButton type="primary" attr-type="submit">Keep it</NButton>
      <NButton @click="naming = false">Leave it</NButton>
    </form>
    <div v-else class="named">
      <b>{{ of.title }}</b>
      <span v-if="of.here" class="tag">this device</span>
      <span class="soft">{{ of.says }}</span>
      <NButton v-if="mayName && of.device" @click="begin">Name it</NButton>
    </div>
    <ul>
      <li v-for="o in of.on" :key="o.session.id">
        <span>
          {{ o.who
          }}<template v-if="o.session.joined !== null">, in the job of {{ o.session.joined }} by a code</template>
        </span>
        <span class="soft">last used {{ inShopTime(o.session.seen, 'minute') }}</span>
        <Sure
          v-if="!o.session.here && (mayEnd || of.on.length > 1 || !of.device)"
          act="Sign out"
          :does="`${o.who} is signed out on this device at once. What waits on it stays on it.`"
          @done="emit('endOne', o.session.id)"
        />
      </li>
    </ul>
    <Sure
      v-if="mayEnd && of.device && !of.here && of.on.length > 1"
      act="Sign everybody out on it"
      does="The device is lost, or leaves the shop. What waits on it stays on it."
      @done="emit('end')"
    />
  </div>
</template>

<style scoped>
.device {
  display: grid;
  gap: 4px;
  justify-items: start;
  padding: 10px 0 10px 14px;
  border-left: 6px solid var(--rule);
}
.device.here {
  border-left-color: var(--work);
}
.named,
form,
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
}
b {
  font-size: 19px;
  font-stretch: 80%;
}
.tag {
  padding: 0 8px;
  background: var(--plate);
  color: var(--on-plate);
  font-size: 15px;
}
li {
  min-height: 40px;
}
</style>
