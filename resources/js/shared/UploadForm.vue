<script setup lang="ts">
import { router, useForm } from '@inertiajs/vue3';
import type { AttachmentView } from '../generated';
import FieldError from './FieldError.vue';
import { date } from './units';

const props = defineProps<{ to: string; attachments: AttachmentView[]; mayAdd: boolean; mayArchive: boolean }>();
const form = useForm<{ file: File | null; caption: string }>({ file: null, caption: '' });
function send(event: Event) {
    form.post(props.to, {
        preserveScroll: true,
        forceFormData: true,
        onSuccess: () => {
            form.reset();
            (event.target as HTMLFormElement).reset();
        },
    });
}
</script>

<template>
    <ul v-if="attachments.length" class="list photos">
        <li v-for="a in attachments" :key="a.id">
            <a :href="a.href"
                ><img v-if="a.kind === 'photo'" :src="a.href" :alt="a.caption ?? a.name" loading="lazy" width="120" /><b
                    v-else
                    >{{ a.name }}</b
                ></a
            >
            <span
                >{{ a.caption ?? a.name }} <small>{{ a.by }}, {{ date(a.on) }}, {{ a.kilobytes }} kB</small></span
            >
            <button
                v-if="mayArchive"
                type="button"
                class="linkish"
                @click="router.post(`/attachments/${a.id}/archive`, {}, { preserveScroll: true })"
            >
                archive
            </button>
        </li>
    </ul>
    <p v-else class="quiet">None yet.</p>
    <form v-if="mayAdd" class="form" @submit.prevent="send">
        <div>
            <label for="up-file">Photo or PDF, to 15 MB</label
            ><input
                id="up-file"
                type="file"
                accept="image/jpeg,image/png,image/webp,application/pdf"
                @change="form.file = ($event.target as HTMLInputElement).files?.[0] ?? null"
            /><FieldError :words="form.errors.file" />
        </div>
        <div><label for="up-cap">What it shows</label><input id="up-cap" v-model="form.caption" type="text" /></div>
        <div>
            <button class="outline" :disabled="!form.file || form.processing">
                {{ form.progress ? `${form.progress.percentage} % sent` : 'Keep it' }}
            </button>
        </div>
    </form>
</template>
