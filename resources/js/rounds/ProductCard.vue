<script setup lang="ts">
import { ref } from 'vue';
import type { ProductCardView } from '../generated';

/** What stands on the packet, in our own words, at the step that opens it. */
const props = defineProps<{ card: ProductCardView }>();
const emit = defineEmits<{ opened: [text: string] }>();
const noted = ref(false);
function opened() {
    emit('opened', `Opened: ${props.card.name}${props.card.goodUntil ? `, good until ${props.card.goodUntil}` : ''}`);
    noted.value = true;
}
</script>

<template>
    <details class="productcard">
        <summary>
            <b>{{ card.name }}</b><small v-if="card.contents">{{ card.contents }}</small>
        </summary>
        <p v-for="c in card.cautions" :key="c" class="caution"><b aria-hidden="true">▲</b> {{ c }}</p>
        <p v-if="card.instructions">{{ card.instructions }}</p>
        <p v-if="card.effect"><b>What it does:</b> {{ card.effect }}</p>
        <p v-if="card.openDays">Once opened it keeps {{ card.openDays }} days.</p>
        <p v-if="card.sheetId"><a :href="`/attachments/${card.sheetId}`">The maker’s sheet</a></p>
        <p v-if="noted" role="status">Noted: opened today.</p>
        <button v-else type="button" class="outline" @click="opened">Opened a new one: note it</button>
    </details>
</template>
