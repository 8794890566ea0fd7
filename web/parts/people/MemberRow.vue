<script setup lang="ts">
import { roles, type Member, type Role } from '@dialytica/core/wire'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { inShopTime } from '../../data/time.ts'
import Choice from '../Choice.vue'
import Sure from './Sure.vue'
import { roleWords } from './role-words.ts'

/** One person of the shop: what they may do, whether they are in, and what ends that. */
const props = defineProps<{ of: Member; isMe: boolean }>()
const emit = defineEmits<{ role: [role: Role]; code: []; out: []; end: []; again: [] }>()
const options = roles.map(value => ({ value, label: value }))
const signedIn = computed(() => props.of.sessions.filter(s => s.joined === null).length)
const stands = computed(() => {
  const { ended, codeUntil, sessions } = props.of
  if (ended) return `Account ended ${inShopTime(ended, 'day')}.`
  if (codeUntil) return `Has not chosen a password yet; the code is good until ${inShopTime(codeUntil, 'minute')}.`
  if (!signedIn.value) return 'Signed in nowhere.'
  const on = signedIn.value === 1 ? 'one device' : `${signedIn.value} devices`
  return `Signed in on ${on}, last used ${inShopTime(sessions[0]!.seen, 'minute')}.`
})
</script>

<template>
  <div class="member" :class="{ ended: of.ended }">
    <div class="who">
      <b>{{ of.name }}</b> <span class="mono soft">{{ of.login }}</span>
      <span v-if="isMe" class="tag">you</span>
    </div>
    <Choice
      v-if="!of.ended && !of.demo"
      :value="of.role"
      :label="`What ${of.name} may do`"
      :options="options"
      @choose="emit('role', $event)"
    />
    <span v-else class="role">{{ of.role }}</span>
    <p class="soft">
      {{ of.ended ? '' : roleWords[of.role] }} {{ stands }}
      <template v-if="of.demo">A person of the demo stays as they are.</template>
    </p>
    <div v-if="!of.demo" class="acts">
      <template v-if="!of.ended">
        <Sure
          v-if="!isMe"
          :act="of.codeUntil ? 'New code' : 'New password'"
          :does="`${of.name} gets a code and chooses a password with it. The one of now ends, on every device.`"
          @done="emit('code')"
        />
        <Sure
          v-if="of.sessions.length && !isMe"
          act="Sign out everywhere"
          :does="`${of.name} is signed out on every device at once. What waits there stays there.`"
          @done="emit('out')"
        />
        <Sure
          v-if="!isMe"
          act="End the account"
          :does="`${of.name} signs in no more. What they recorded stays, under their name.`"
          @done="emit('end')"
        />
      </template>
      <NButton v-else @click="emit('again')">Take up again</NButton>
    </div>
  </div>
</template>

<style scoped>
.member {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 14px;
  align-items: center;
  padding: 12px 0;
  border-top: 2px solid var(--rule);
}
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
}
b {
  font-size: 22px;
  font-stretch: 78%;
}
.ended b {
  text-decoration: line-through;
  text-decoration-thickness: 2px;
}
.tag {
  padding: 0 8px;
  background: var(--plate);
  color: var(--on-plate);
  font-size: 15px;
}
.role {
  font-weight: 650;
}
p,
.acts {
  grid-column: span 2;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
