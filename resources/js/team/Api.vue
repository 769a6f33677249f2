<script setup lang="ts">
import { Head, Link } from '@inertiajs/vue3';
import { computed, ref } from 'vue';

interface Schema {
    type?: string | string[];
    description?: string;
    properties?: Record<string, Schema>;
    required?: string[];
    items?: Schema;
    enum?: string[];
    minimum?: number;
    maximum?: number;
    exclusiveMinimum?: number;
    default?: unknown;
    $ref?: string;
}
interface Content {
    schema: Schema;
}
interface Operation {
    summary: string;
    description: string;
    parameters?: { name: string; in: string; required: boolean; description?: string; schema: Schema }[];
    requestBody?: { content: Record<string, Content> };
    responses: Record<string, { description: string; content?: Record<string, Content> }>;
}
interface Document {
    info: { description: string; version: string };
    servers: { url: string }[];
    paths: Record<string, Record<string, Operation>>;
    components: { schemas: Record<string, Schema> };
}
const props = defineProps<{ document: Document }>();
const q = ref('');
const all = computed(() =>
    Object.entries(props.document.paths).flatMap(([path, methods]) =>
        Object.entries(methods).map(([method, operation]) => ({ path, method: method.toUpperCase(), operation })),
    ),
);
const shown = computed(() =>
    all.value.filter((o) => `${o.path} ${o.operation.summary}`.toLowerCase().includes(q.value.toLowerCase())),
);
const resolve = (s: Schema | undefined): Schema =>
    s?.$ref ? (props.document.components.schemas[s.$ref.split('/').pop() ?? ''] ?? {}) : (s ?? {});
function fields(schema: Schema | undefined): { name: string; type: string; what: string }[] {
    const s = resolve(schema);
    const data = s.properties?.data;
    const inner = data ? resolve(data.items ?? data) : s;
    return Object.entries(inner.properties ?? {}).map(([name, f]) => ({
        name,
        type: [f.type].flat().filter(Boolean).join(' or ') || 'any',
        what: [
            f.description,
            f.enum ? `one of ${f.enum.join(', ')}` : '',
            f.minimum !== undefined ? `from ${f.minimum}` : '',
            f.exclusiveMinimum !== undefined ? `above ${f.exclusiveMinimum}` : '',
            f.maximum !== undefined ? `to ${f.maximum}` : '',
            f.default !== undefined
                ? `else ${String(f.default)}`
                : inner.required?.includes(name)
                  ? ''
                  : 'may be left out',
        ]
            .filter(Boolean)
            .join(', '),
    }));
}
const answer = (o: Operation): Schema | undefined => Object.values(o.responses['200']?.content ?? {})[0]?.schema;
</script>

<template>
    <Head title="The API" />
    <div class="page">
        <h1>The API</h1>
        <p class="quiet">
            {{ document.info.description }} <Link href="/settings/tokens">Make a token</Link> ·
            <a href="/api/openapi.json">OpenAPI 3.1, as JSON</a>
        </p>
        <pre>
curl {{ document.servers[0].url }}/ask/seawater \
  -H 'Authorization: Bearer TOKEN' -H 'Content-Type: application/json' -d '{"tempC": 25, "salinity": 35}'</pre>
        <div class="filter">
            <input v-model="q" type="search" aria-label="Find" placeholder="Find a question or a list" /><span
                class="quiet stamp"
                >{{ shown.length }} of {{ all.length }}</span
            >
        </div>
        <details v-for="o in shown" :key="o.method + o.path" class="apiop">
            <summary>
                <span class="verb">{{ o.method }}</span> <b>{{ o.path }}</b>{{ ' ' }}
                <span class="quiet">{{ o.operation.summary }}</span>
            </summary>
            <p class="quiet">{{ o.operation.description }}</p>
            <table v-if="o.operation.parameters?.length || o.operation.requestBody" class="plainer">
                <caption>
                    What it takes
                </caption>
                <tbody>
                    <tr v-for="p in o.operation.parameters ?? []" :key="p.name">
                        <th scope="row">{{ p.name }}</th>
                        <td>{{ p.schema.type }}</td>
                        <td class="quiet">{{ p.in }}{{ p.description ? `, ${p.description}` : '' }}</td>
                    </tr>
                    <tr
                        v-for="f in fields(Object.values(o.operation.requestBody?.content ?? {})[0]?.schema)"
                        :key="f.name"
                    >
                        <th scope="row">{{ f.name }}</th>
                        <td>{{ f.type }}</td>
                        <td class="quiet">{{ f.what }}</td>
                    </tr>
                </tbody>
            </table>
            <table v-if="fields(answer(o.operation)).length" class="plainer">
                <caption>
                    What it answers
                </caption>
                <tbody>
                    <tr v-for="f in fields(answer(o.operation))" :key="f.name">
                        <th scope="row">{{ f.name }}</th>
                        <td>{{ f.type }}</td>
                        <td class="quiet">{{ f.what }}</td>
                    </tr>
                </tbody>
            </table>
        </details>
    </div>
</template>
