<script setup lang="ts">
import { owedByZone } from '@dialytica/core/ledger'
import { mayBeLive, zoneTitle } from '@dialytica/core/machine'
import { computed } from 'vue'
import { useJob } from '../../stores/job.ts'
import Cutaway from '../Cutaway.vue'
import Glyph from '../Glyph.vue'

/** Where the hand is: the zone on the machine, how it stands, what is isolated; a touch on the machine opens the choice. */
defineProps<{
  zone: string | undefined
  disabled: boolean
  /** True while somebody works on it: then a machine under power is said so. */
  atWork: boolean
}>()
const emit = defineEmits<{ choose: [] }>()
const job = useJob()
const owed = computed(() => Object.fromEntries(owedByZone(job.debts)))
</script>

<template>
  <section class="where" aria-label="Zone">
    <button
      type="button"
      class="machine"
      :disabled="disabled"
      aria-label="Choose the zone on the machine (Z)"
      @click="emit('choose')"
    >
      <Cutaway :family="job.family" :zone="zone" :open="job.stance.open" :owed="owed" :posture="job.stance.posture" />
    </button>
    <p class="zone">
      <b>{{ zone ? zoneTitle(job.family, zone) : 'zone not named' }}</b> <kbd>Z</kbd>
    </p>
    <p class="soft small">
      {{ job.stance.posture
      }}<template v-if="job.stance.isolated.length">; {{ job.stance.isolated.join(', ') }} off</template>
    </p>
    <p v-if="atWork && !job.stance.isolated.includes('power')" :class="['live', { here: mayBeLive(zone) }]" role="note">
      <Glyph kind="isolation" :size="18" />
      {{ mayBeLive(zone) ? 'Live place, power on: this step is marked.' : 'Power is not isolated.' }}
    </p>
  </section>
</template>

<style scoped>
.where {
  padding: 6px 12px;
}
.machine {
  display: block;
  width: 100%;
  height: 190px;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  cursor: pointer;
}
.zone b {
  font-size: 20px;
  font-stretch: 80%;
}
.live {
  display: flex;
  align-items: center;
  gap: 6px;
  margin-top: 8px;
  color: var(--danger);
  font-weight: 650;
  font-size: 17px;
  line-height: 1.1;
}
.here {
  padding: 6px 8px;
  border-left: 6px solid var(--danger);
  background: var(--danger-wash);
}
@media (max-width: 1000px) {
  .where {
    flex: none;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 2px 12px;
    border: 0;
    padding: 4px 12px;
  }
  .machine {
    width: 64px;
    height: 64px;
  }
  .live {
    margin: 0;
  }
}
</style>
