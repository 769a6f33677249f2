<script setup lang="ts">
import { ref } from 'vue';
import type { PumpChartView, TableSpecView } from '../generated';
import type { Row } from '../shared/draft';
import { useUnits } from '../shared/units';
import PlanTable from '../shared/PlanTable.vue';

/**
 * What a plain line does not say: the pump's own curve, several outlets, what is drawn off, and how the joints are
 * made.
 */
const props = defineProps<{
    pump: PumpChartView | null;
    specs: Record<'curve' | 'outlets' | 'draws' | 'joints', TableSpecView>;
    errors: Record<string, string>;
    readonly: boolean;
}>();
const curve = defineModel<Row[]>('curve', { required: true });
const outlets = defineModel<Row[]>('outlets', { required: true });
const draws = defineModel<Row[]>('draws', { required: true });
const joints = defineModel<Row[]>('joints', { required: true });
const emit = defineEmits<{ change: [] }>();
const units = useUnits();
const trouble = ref('');
/**
 * Two columns, flow and head, in the reader's units: comma, semicolon or tab between them; a first line of words is
 * passed over.
 */
async function read(event: Event) {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    trouble.value = '';
    if (file.size > 20_000) {
        trouble.value = 'This is no list of points: it is larger than 20 kB. Save flow and head alone as CSV.';
        return;
    }
    const rows: Row[] = [];
    for (const [n, line] of (await file.text())
        .split(/\r?\n/)
        .filter((l) => l.trim())
        .entries()) {
        const cells = line
            .split(line.includes(';') ? ';' : line.includes('\t') ? '\t' : ',')
            .map((c) => c.trim().replace(/^"|"$/g, ''));
        const [flow, head] = [units.parse(cells[0] ?? '', 'L/h'), units.parse(cells[1] ?? '', 'm')];
        if (flow === null || head === null) {
            if (n === 0) continue;
            trouble.value = `Line ${n + 1} is no pair of numbers: “${line.slice(0, 40)}”. Nothing was taken. Two columns are wanted: flow, head.`;
            return;
        }
        rows.push({ name: '', flowLh: flow, headM: head });
    }
    if (rows.length < 2 || rows.length > props.specs.curve.most) {
        trouble.value = `${rows.length} points were found; 2 to ${props.specs.curve.most} make a curve. Nothing was taken.`;
        return;
    }
    curve.value = rows;
    emit('change');
}
const brings = (i: number) => (props.pump?.outlets[i] ? { words: `brings ${props.pump.outlets[i]}` } : undefined);
</script>

<template>
    <details class="metered" :open="curve.length > 0 || outlets.length > 0 || draws.length > 0">
        <summary>
            Curve, outlets, draws
            <small>{{
                curve.length || outlets.length || draws.length
                    ? 'instead of one plain line'
                    : 'points from the pump’s sheet, branches, what it feeds besides'
            }}</small>
        </summary>
        <h3>The pump’s curve</h3>
        <p v-if="!curve.length" class="quiet">Without points it is drawn from highest head and largest flow.</p>
        <PlanTable
            v-model:rows="curve"
            table="curve"
            :spec="specs.curve"
            :errors="errors"
            :readonly="readonly"
            caption="Points of the pump’s curve"
            first="type the first point"
            :without="['name']"
            @change="emit('change')"
        />
        <p v-if="!readonly">
            <label class="linkish file"
                >read points from a CSV<input
                    type="file"
                    accept=".csv,text/csv,text/plain"
                    class="visually-hidden"
                    @change="read"
            /></label>
            <small class="quiet">flow in {{ units.label('L/h') }}, head in {{ units.label('m') }}</small>
        </p>
        <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
        <h3>Outlets</h3>
        <PlanTable
            v-model:rows="outlets"
            table="outlets"
            :spec="specs.outlets"
            :errors="errors"
            :readonly="readonly"
            caption="Outlets of the return line"
            first="divide the line at the display"
            :said="brings"
            @change="emit('change')"
        />
        <h3>Drawn off at the pump</h3>
        <PlanTable
            v-model:rows="draws"
            table="draws"
            :spec="specs.draws"
            :errors="errors"
            :readonly="readonly"
            caption="What the return pump feeds besides"
            first="a reactor, a refugium, a chiller"
            @change="emit('change')"
        />
    </details>
    <details class="metered" :open="joints.length > 0">
        <summary>
            Joints <small>{{ joints.length || 'glued, threaded, union; hidden or not' }}</small>
        </summary>
        <PlanTable
            v-model:rows="joints"
            table="joints"
            :spec="specs.joints"
            :errors="errors"
            :readonly="readonly"
            caption="Joints of the plumbing"
            first="list the first joint"
            @change="emit('change')"
        />
    </details>
</template>
