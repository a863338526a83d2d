<script setup lang="ts">
/** Pages of the site, for planners. */
const pages = [
  { name: 'people', label: 'People' },
  { name: 'settings', label: 'Settings' },
  { name: 'lists', label: 'Makers’ lists' },
  { name: 'keeping', label: 'Keeping it' },
  { name: 'next', label: 'What next' },
]
</script>

<template>
  <nav aria-label="Site">
    <RouterLink v-for="{ name, label } in pages" :key="name" :to="{ name }" :data-test="`site-${name}`">{{
      label
    }}</RouterLink>
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 26px;
  border-bottom: 1px solid var(--hair);
}

a {
  min-height: 44px;
  padding: 10px 2px 8px;
  border-bottom: 3px solid transparent;
  color: var(--ink-2);
  font: 600 18px var(--label);
  text-decoration: none;
}

a:hover {
  color: var(--ink);
}

a.router-link-active {
  border-color: var(--spruce);
  color: var(--ink);
}
</style>
