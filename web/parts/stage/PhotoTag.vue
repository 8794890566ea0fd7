<template>
  <span class="tag"><slot /></span>
</template>

<style scoped>
/* A word on a photo, at its lower left; it takes no tap that is meant for the photo. */
.tag {
  pointer-events: none;
  position: absolute;
  left: 8px;
  bottom: 8px;
  padding: 2px 10px;
  background: var(--plate);
  color: var(--on-plate);
  border-radius: 3px;
}
</style>
