<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import { ref } from 'vue';

/** The photos of one fact or part, and one tap for the next. */
const props = defineProps<{
    to: string;
    about: string;
    label: string;
    photos: { id: number; href: string }[];
    mayAdd: boolean;
    /** Keeps it on this phone first, and sends it when there is signal. */
    keep?: (photo: File) => Promise<unknown>;
}>();
const wrong = ref('');
const sending = ref(false);
function take(event: Event) {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    wrong.value = '';
    if (props.keep) {
        void props.keep(file);
        return;
    }
    router.post(
        props.to,
        { file, caption: props.label, about: props.about },
        {
            preserveScroll: true,
            preserveState: true,
            forceFormData: true,
            onStart: () => (sending.value = true),
            onFinish: () => (sending.value = false),
            onError: (e) => (wrong.value = e.file ?? e.about ?? 'It was not kept. Try again.'),
        },
    );
}
</script>

<template>
    <span class="photoof">
        <a v-for="(p, i) in photos" :key="p.id" :href="p.href" :aria-label="`${label}, photo ${i + 1}`"
            >photo{{ photos.length > 1 ? ` ${i + 1}` : '' }}</a
        >
        <label v-if="mayAdd" class="linkish file"
            >{{ sending ? 'sending…' : photos.length ? '+' : 'add a photo'
            }}<span class="visually-hidden"> of {{ label }}</span
            ><input
                type="file"
                accept="image/jpeg,image/png,image/webp"
                class="visually-hidden"
                :disabled="sending"
                @change="take"
        /></label>
        <span v-if="wrong" class="wrong" role="alert">{{ wrong }}</span>
    </span>
</template>
