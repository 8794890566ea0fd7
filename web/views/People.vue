<script setup lang="ts">
import { calls, type EntryCode, type Role } from '@dialytica/core/wire'
import { useIntervalFn } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../data/api.ts'
import AddMember from '../parts/people/AddMember.vue'
import { byDevice } from '../parts/people/by-device.ts'
import CodeOnce from '../parts/people/CodeOnce.vue'
import { endOneSession, nameDevice } from '../parts/people/device-acts.ts'
import DeviceRow from '../parts/people/DeviceRow.vue'
import { useLooked } from '../parts/people/looked.ts'
import MemberRow from '../parts/people/MemberRow.vue'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'
import { useSession } from '../stores/session.ts'

/** The people of the shop and the devices that they are signed in on; what the lead changes here takes effect at once. */
const session = useSession()
const router = useRouter()
if (session.person?.role !== 'lead') void router.replace({ name: 'me' })
const { found: members, problem, look, does } = useLooked(() => api(calls.team, {}))
const code = shallowRef<EntryCode | null>(null)
const devices = computed(() => byDevice(members.value ?? []))
const ofCode = computed(() => members.value?.find(m => m.id === code.value?.person))
const showsEnded = ref(false)
const shown = computed(() => (members.value ?? []).filter(m => !m.ended || showsEnded.value))
const ended = computed(() => (members.value ?? []).filter(m => m.ended).length)

/** So often the page looks who is signed in, in milliseconds. */
const period = 15_000
useIntervalFn(() => void look(), period)

/** Does a thing, and shows how the shop stands after it; who changed their own name or role works on under the new one. */
async function change(what: () => Promise<EntryCode | void>): Promise<boolean> {
  const went = await does(async () => (code.value = (await what()) ?? code.value))
  const me = members.value?.find(m => m.id === session.person?.id)
  if (went && me && session.person) await session.changed({ ...session.person, name: me.name, role: me.role })
  return went
}
const add = async (body: { name: string; login: string; role: Role }) => {
  code.value = await api(calls.addMember, { body })
  await look()
}
const member = (person: string, body: { role?: Role; ended?: boolean }) =>
  change(() => api(calls.changeMember, { params: { person }, body }))
const newCode = (person: string) => change(() => api(calls.newCode, { params: { person }, body: {} }))
const signOut = (person: string) => change(() => api(calls.endSessions, { params: { person } }))
const endDevice = (device: string) => change(() => api(calls.endDevice, { params: { device } }))
/** An account that is taken up again needs a code. */
const again = async (person: string) => (await member(person, { ended: false })) && newCode(person)
</script>

<template>
  <div class="people">
    <ShopHead />
    <main>
      <section aria-label="People">
        <h1>People</h1>
        <Problem :says="problem" />
        <CodeOnce v-if="code && ofCode" :code="code" :name="ofCode.name" :login="ofCode.login" @leave="code = null" />
        <ul>
          <li v-for="m in shown" :key="m.id">
            <MemberRow
              :of="m"
              :is-me="m.id === session.person?.id"
              @role="member(m.id, { role: $event })"
              @code="newCode(m.id)"
              @out="signOut(m.id)"
              @end="member(m.id, { ended: true })"
              @again="again(m.id)"
            />
          </li>
        </ul>
        <NButton v-if="ended" :aria-expanded="showsEnded" @click="showsEnded = !showsEnded">
          {{ showsEnded ? 'Only who may sign in' : `${ended} who left` }}
        </NButton>
      </section>
      <aside>
        <AddMember :add="add" />
        <section aria-label="Devices">
          <h2>Devices</h2>
          <p class="soft">Where somebody of the shop is signed in. A lost one is signed out here, at once.</p>
          <ul>
            <li v-for="d in devices" :key="d.key">
              <DeviceRow
                :of="d"
                may-end
                may-name
                @name="change(() => nameDevice(d.device!, $event))"
                @end="endDevice(d.device!)"
                @end-one="change(() => endOneSession($event))"
              />
            </li>
          </ul>
        </section>
      </aside>
    </main>
  </div>
</template>

<style scoped>
.people {
  display: flex;
  flex-direction: column;
  height: 100%;
}
main {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 460px);
}
main > * {
  overflow: auto;
  padding: 18px 22px;
}
main > section {
  display: grid;
  gap: 12px;
  align-content: start;
}
aside {
  border-left: 2px solid var(--rule);
  display: grid;
  gap: 22px;
  align-content: start;
}
aside li {
  padding: 6px 0;
}
h2 {
  font-size: 24px;
}
@media (max-width: 900px) {
  main {
    grid-template-columns: minmax(0, 1fr);
    overflow: auto;
  }
  main > * {
    overflow: visible;
    padding: 14px;
  }
  aside {
    border-left: 0;
    border-top: 2px solid var(--rule);
  }
}
</style>
