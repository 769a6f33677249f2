<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { keepSheet, sheetAddress } from './keptSheet';

/** The one-page sheet of a place: kept on this phone as soon as its page is open, for a dark house too. */
const props = defineProps<{ siteId: number }>();
const says = ref('');
onMounted(() => void keepSheet(props.siteId));
async function open() {
    // Opened before anything is awaited: a browser lets nobody open a page later.
    const page = window.open('', '_blank');
    says.value = 'Opening…';
    const address = await sheetAddress(props.siteId);
    says.value = address ? '' : 'No network, and this phone has never held it: ring whoever is on call.';
    if (address && page) page.location.href = address;
    else page?.close();
}
</script>

<template>
    <p>
        <a :href="`/sites/${siteId}/emergency.pdf`" @click.prevent="open">Emergency sheet of this place, PDF</a
        >{{ ' ' }}
        <span class="quiet" role="status">{{ says }}</span>
    </p>
</template>
