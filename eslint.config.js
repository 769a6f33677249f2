import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript';
import prettier from 'eslint-config-prettier/flat';
import pluginVue from 'eslint-plugin-vue';

export default defineConfigWithVueTs(
    { ignores: ['public/**', 'vendor/**', 'var/**', 'node_modules/**', 'resources/js/generated.d.ts'] },
    pluginVue.configs['flat/recommended'],
    vueTsConfigs.recommended,
    {
        rules: {
            'vue/multi-word-component-names': 'off',
            'vue/no-v-html': 'error',
        },
    },
    {
        // One clock: a day is counted and written in shared/days.ts, which names the zone.
        files: ['resources/js/**'],
        ignores: ['resources/js/shared/days.ts', '**/*.test.ts'],
        rules: {
            'no-restricted-syntax': [
                'error',
                {
                    selector:
                        'CallExpression[callee.property.name=/^(toLocale(Date|Time)?String|set(Date|Hours)|getDate)$/]',
                    message: 'Use shared/days.ts: it names the zone.',
                },
                {
                    selector:
                        "CallExpression[callee.property.name='slice'][callee.object.callee.property.name='toISOString']",
                    message: 'That is the day in Greenwich. Use today() of shared/days.ts.',
                },
            ],
        },
    },
    // Prettier decides how it looks.
    prettier,
    {
        rules: {
            'vue/max-len': [
                'error',
                {
                    code: 120,
                    template: 120,
                    ignoreStrings: true,
                    ignoreTemplateLiterals: true,
                    ignoreRegExpLiterals: true,
                    ignoreUrls: true,
                    ignoreHTMLTextContents: true,
                    ignoreHTMLAttributeValues: true,
                },
            ],
        },
    },
);
