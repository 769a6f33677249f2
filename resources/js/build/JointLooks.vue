<script setup lang="ts">
import { router } from '@inertiajs/vue3';
import type { JointView } from '../generated';
import PhotoOf from '../shared/PhotoOf.vue';

/** Each joint at each moment of filling: one tap says dry, one more says it weeps. */
const props = defineProps<{
    joints: JointView[];
    looks: Record<string, string>;
    versionId: number;
    systemId: number | null;
    mayLook: boolean;
}>();
const look = (joint: number, moment: string, dry: boolean) =>
    router.post(
        `/plan-versions/${props.versionId}/joints`,
        { joint, moment, dry },
        { preserveScroll: true, preserveState: true },
    );
const state = (j: JointView, moment: string) =>
    j.looks[moment] === undefined ? 'not yet' : j.looks[moment] ? 'dry' : 'weeps';
</script>

<template>
    <div class="tablebox" tabindex="0" role="region" aria-label="Joints while filling">
        <table class="plainer joints">
            <caption>
                Stop at each mark, light every joint, feel beneath it with dry paper.
            </caption>
            <thead>
                <tr>
                    <th scope="col">Joint</th>
                    <th v-for="(words, moment) in looks" :key="moment" scope="col">{{ words }}</th>
                    <th v-if="systemId" scope="col">Photo</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="j in joints" :key="j.row">
                    <th scope="row">{{ j.name }}</th>
                    <td v-for="(words, moment) in looks" :key="moment">
                        <button
                            v-if="mayLook"
                            type="button"
                            class="look"
                            :class="state(j, String(moment)).replace(' ', '-')"
                            :aria-label="`${j.name}, ${words}: ${state(j, String(moment))}. Press for ${j.looks[moment] === true ? 'weeps' : 'dry'}`"
                            @click="look(j.row, String(moment), j.looks[moment] !== true)"
                        >
                            {{ state(j, String(moment)) }}</button><template v-else>{{
                            state(j, String(moment))
                        }}</template>
                    </td>
                    <td v-if="systemId">
                        <PhotoOf
                            :to="`/systems/${systemId}/attachments`"
                            :about="`joint:${j.row}`"
                            :label="j.name"
                            :photos="j.photos"
                            :may-add="mayLook"
                        />
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
</template>
