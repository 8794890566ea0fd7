<script setup lang="ts">
import { NButton } from 'naive-ui'
import { RouterLink, useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import { useSession } from '../stores/session.ts'
import { useTheme } from '../theme/use-theme.ts'

/** The head of the views that are of the shop, not of one job. */
const session = useSession()
const router = useRouter()
useCommands({ search: () => void router.push({ name: 'search' }) })
const { theme, flip } = useTheme()
async function leave(): Promise<void> {
  await session.signOut().catch(() => undefined)
  await router.replace({ name: 'sign-in' })
}
</script>

<template>
  <header class="head">
    <b class="plate">Dialytica</b>
    <nav aria-label="Workshop">
      <RouterLink :to="{ name: 'floor' }" exact-active-class="here">Floor</RouterLink>
      <RouterLink :to="{ name: 'models' }" active-class="here">Models</RouterLink>
      <RouterLink :to="{ name: 'search' }" active-class="here">Search <kbd>Q</kbd></RouterLink>
      <RouterLink v-if="session.person?.role === 'lead'" :to="{ name: 'people' }" active-class="here"
        >People</RouterLink
      >
    </nav>
    <div class="right">
      <RouterLink :to="{ name: 'me' }" class="who" active-class="here">
        <span class="name">{{ session.person?.name }}</span>
        <span class="shop">, {{ session.person?.shop }}</span>
        <span class="short" aria-hidden="true">You</span>
      </RouterLink>
      <NButton @click="flip">{{ theme === 'bench' ? 'Cellar' : 'Bench' }}</NButton>
      <NButton @click="leave">Sign out</NButton>
      <slot />
    </div>
  </header>
</template>

<style scoped>
.head {
  flex: none;
  display: flex;
  flex-wrap: wrap;
  align-items: stretch;
  min-height: 60px;
  border-bottom: 2px solid var(--rule);
}
.plate {
  display: grid;
  place-items: center;
  padding: 0 22px;
  background: var(--plate);
  color: var(--on-plate);
  font-size: 24px;
  font-stretch: 75%;
}
nav {
  display: flex;
  padding: 0 12px;
}
nav a {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 0 14px;
  font-size: 18px;
  font-stretch: 80%;
  color: var(--soft);
  text-decoration: none;
  min-height: 48px;
}
nav a.here {
  color: var(--ink);
  font-weight: 700;
  box-shadow: inset 0 -5px 0 var(--work);
}
.right {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 5px 16px;
}
.who {
  display: flex;
  align-items: center;
  min-height: 48px;
  color: var(--soft);
  font-size: 16px;
  white-space: pre;
}
.who.here {
  color: var(--ink);
  font-weight: 700;
}
.short {
  display: none;
}
@media (max-width: 1100px) {
  .shop {
    display: none;
  }
}
@media (max-width: 600px) {
  .right :deep(.n-button) {
    padding: 0 10px;
    white-space: nowrap;
  }
  nav a kbd,
  .right :deep(kbd) {
    display: none;
  }
  nav {
    padding: 0 4px;
  }
  nav a {
    padding: 0 8px;
  }
  .who {
    margin-right: auto;
  }
  /* The whole name is still there for who listens. */
  .name {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
  .short {
    display: inline;
  }
  .right {
    width: 100%;
    justify-content: flex-end;
    padding: 6px 10px;
  }
}
</style>
