<script setup lang="ts">
import type { Point } from '@dialytica/core/capture'
import type { Photo, Step, StepState } from '@dialytica/core/log'
import { useDraft } from '../../stores/draft.ts'
import { useMarking } from '../../stores/marking.ts'
import type { useHeldMark } from '../../views/descent/held-mark.ts'
import type { useShots } from '../../views/descent/shots.ts'
import CameraPanel from '../CameraPanel.vue'
import InvitePanel from '../InvitePanel.vue'
import MarkBar from '../MarkBar.vue'
import PhotoStage from '../PhotoStage.vue'
import type { ShownMark } from '../stage/shown-mark.ts'
import ZoneChoice from '../ZoneChoice.vue'

/** The photo of the step with its marks; in its place the choice of the zone, or the code for a second device. */
const props = defineProps<{
  step: Step
  /** The recorded step that is looked at instead of the one in hand. */
  looked: StepState | undefined
  photo: Photo | undefined
  marks: readonly ShownMark[]
  held: ReturnType<typeof useHeldMark>
  shots: ReturnType<typeof useShots>
  fixed: boolean
}>()
const zoning = defineModel<boolean>('zoning', { required: true })
const inviting = defineModel<boolean>('inviting', { required: true })
const emit = defineEmits<{ tap: [point: Point]; mark: [id: string, point: number] }>()
const draft = useDraft()
const marking = useMarking()
const { mark, at, by } = props.held
const { framing } = props.shots
</script>

<template>
  <section class="photo" aria-label="Photo of this step">
    <ZoneChoice v-if="zoning" @leave="zoning = false" />
    <InvitePanel v-else-if="inviting" @leave="inviting = false" />
    <template v-else>
      <PhotoStage
        :photo="photo"
        :marks="marks"
        :glyph="fixed ? undefined : marking.glyph"
        :framing="framing"
        :close-ups="looked ? [] : marking.closeUps"
        mark-as="Marked"
        @tap="emit('tap', $event)"
        @stroke="marking.drawAlong"
        @frame="shots.frame"
        @mark="(id, point) => emit('mark', id, point)"
        @drag="(id, index, point) => marking.shiftMark(id, point, index)"
        @close-up="marking.photo = $event"
      >
        <CameraPanel v-if="!fixed" :key="step.id" :errand="shots.another" />
        <p v-else class="nothing">
          {{ looked ? 'No photo was taken of this step.' : 'Nothing is being recorded here.' }}
        </p>
      </PhotoStage>
      <p v-if="framing" class="framing">Draw a frame round what the close-up shows.</p>
      <MarkBar
        v-if="mark"
        :mark="mark"
        :point="at!.point"
        :by="by"
        @retype="marking.retype(mark.id, $event)"
        @pass="draft.pass(at!.point, $event)"
        @remove="held.remove"
        @leave="held.leave"
      />
    </template>
  </section>
</template>

<style scoped>
.photo {
  position: relative;
  min-height: 0;
  background: #15191a;
}
.nothing {
  padding: 24px;
  color: #ece5d6;
}
.framing {
  position: absolute;
  left: 12px;
  top: 12px;
  padding: 6px 12px;
  background: var(--caution-wash);
}
@media (max-width: 1000px) {
  .photo {
    flex: 0 0 min(62.5vw, 46vh);
  }
  .photo:has(.choosing),
  .photo:has(.invite) {
    flex: 0 0 440px;
  }
}
</style>
