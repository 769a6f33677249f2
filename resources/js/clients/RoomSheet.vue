<script setup lang="ts">
import { computed, reactive, watch } from 'vue';
import type { AttachmentView, FactSpecView, RoomView } from '../generated';
import FactField from '../shared/FactField.vue';
import KeepLine from '../shared/KeepLine.vue';
import PhotoOf from '../shared/PhotoOf.vue';
import { useSelfKeeping } from '../shared/selfKeeping';

/** A room as it is surveyed: every fact keeps itself. */
const props = defineProps<{
    siteId: number;
    room: RoomView;
    sheet: FactSpecView[];
    groups: Record<string, string>;
    attachments: AttachmentView[];
    readonly: boolean;
}>();
interface RoomFacts {
    name: string;
    facts: Record<string, number | string | null>;
    bases: Record<string, string>;
}
const draft = reactive<RoomFacts>(asRead());
const keeping = useSelfKeeping<RoomFacts>({
    key: `room-${props.room.id}`,
    url: `/rooms/${props.room.id}`,
    data: () => ({ name: props.room.name, facts: { ...draft.facts }, bases: { ...draft.bases } }),
    stamp: () => props.room.stamp,
    only: ['view'],
});
const earlier = keeping.left();
if (earlier && !props.readonly) {
    Object.assign(draft, earlier);
    keeping.touch();
}
// What the office has now, once nothing of one's own is under way.
watch(
    () => props.room.stamp,
    () => {
        if (!keeping.isOpen.value) Object.assign(draft, asRead());
    },
);
const groupOf = (group: string): FactSpecView[] => props.sheet.filter((s) => s.group === group);
const given = (group: string) => groupOf(group).filter((s) => draft.facts[s.key] !== null).length;
const conflict = computed(() => keeping.errors.value.stamp ?? null);

function asRead(): RoomFacts {
    return {
        name: props.room.name,
        facts: { ...props.room.facts },
        bases: Object.fromEntries(Object.entries(props.room.bases).map(([k, b]) => [k, b.basis])),
    };
}

function say(key: string, value: number | string | null) {
    draft.facts[key] = value;
    keeping.touch();
}

function rest(key: string, basis: string) {
    draft.bases[key] = basis;
    keeping.touch();
}
</script>

<template>
    <section class="brief" :aria-label="room.name">
        <h3>
            {{ room.name }}
            <small class="quiet">{{
                room.toSurvey.length ? `${room.toSurvey.length} facts still to survey` : 'surveyed'
            }}</small>
        </h3>
        <details v-for="(title, group) in groups" :key="group">
            <summary>
                {{ title }} <small>{{ given(String(group)) }} of {{ groupOf(String(group)).length }}</small>
            </summary>
            <div class="form">
                <FactField
                    v-for="spec in groupOf(String(group))"
                    :key="spec.key"
                    :spec="{ ...spec, key: `${room.id}-${spec.key}` }"
                    :value="draft.facts[spec.key]"
                    :basis="draft.bases[spec.key]"
                    :readonly="readonly"
                    :error="keeping.errors.value[`facts.${spec.key}`]"
                    @change="(v) => say(spec.key, v)"
                    @basis="(b) => rest(spec.key, b)"
                >
                    <PhotoOf
                        :to="`/sites/${siteId}/attachments`"
                        :about="`room:${room.id}:${spec.key}`"
                        :label="`${room.name}: ${spec.label}`"
                        :photos="attachments.filter((a) => a.about === `room:${room.id}:${spec.key}`)"
                        :may-add="!readonly"
                    />
                </FactField>
            </div>
        </details>
        <KeepLine
            v-if="!readonly"
            :state="keeping.state.value"
            :conflict="conflict"
            @mine="keeping.keepMine"
            @theirs="keeping.takeTheirs"
        />
    </section>
</template>
