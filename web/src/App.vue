<script setup lang="ts">
import { notice } from "./ui/notices";
</script>

<template>
  <v-app>
    <router-view />
    <v-snackbar v-model="notice.open" :timeout="notice.timeout" location="bottom left">
      <span role="status">{{ notice.text }}</span>
      <template #actions>
        <v-btn v-if="notice.act" variant="text" @click="notice.act.run(); notice.open = false">{{ notice.act.label }}</v-btn>
        <v-btn variant="text" @click="notice.open = false">Close</v-btn>
      </template>
    </v-snackbar>
  </v-app>
</template>
