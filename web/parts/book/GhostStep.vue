<script setup lang="ts">
import { act } from '@dialytica/core/moves'
import { zoneTitle } from '@dialytica/core/machine'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useBook } from '../../stores/book.ts'
import { useJob } from '../../stores/job.ts'
import Thumb from '../Thumb.vue'
import LearntHere from './LearntHere.vue'

/** The next step as most of the jobs of this model did it: one touch records it, another takes it up to be corrected; what was learnt there is said here or beside it. */
defineProps<{ withLearnt: boolean }>()
const emit = defineEmits<{ record: [] }>()
const job = useJob()
const book = useBook()
const ghost = computed(() => book.ghost)
const photo = computed(() => ghost.value?.acts.find(a => a.photo)?.photo)
/** So many of its acts are told: the photo above must not move when the step is begun. */
const most = 2
</script>

<template>
  <section v-if="ghost" class="ghost" aria-label="Next, as it was before">
    <Thumb v-if="photo" :hash="photo.hash" />
    <div class="says">
      <p class="soft">
        Next, in {{ ghost.jobs }} of {{ ghost.of
        }}<template v-if="book.sister"> on its sister {{ book.sister.code }}</template
        ><template v-if="ghost.zone">, {{ zoneTitle(job.family, ghost.zone) }}</template>
      </p>
      <p v-for="a in ghost.acts.slice(0, most)" :key="a.id" class="act">
        <b>{{ text(act(a.move)) }}</b>
      </p>
      <p v-if="ghost.acts.length > most" class="soft">and {{ ghost.acts.length - most }} more with it</p>
    </div>
    <div class="ways">
      <NButton @click="emit('record')">So it is <kbd>G</kbd></NButton>
      <NButton @click="book.take(ghost)">Correct it</NButton>
    </div>
    <LearntHere v-if="withLearnt" class="learnt" :of="book.ahead" />
  </section>
</template>

<style scoped>
.ghost {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 6px 12px;
  align-items: center;
  padding: 2px 10px;
  border: 2px dashed var(--rule);
  line-height: 1.2;
}
.says {
  grid-column: 2;
  min-width: 0;
}
.act {
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
.soft {
  font-size: 15px;
}
.ways {
  grid-column: 3;
  display: flex;
  gap: 6px;
}
.learnt {
  grid-column: 1 / -1;
}
@media (max-width: 700px) {
  .ways {
    grid-column: 1 / -1;
  }
}
</style>
