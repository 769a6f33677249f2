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
