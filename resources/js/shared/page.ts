import { usePage } from '@inertiajs/vue3';
import { computed } from 'vue';
import type { ShellView } from '../generated';

export interface SharedProps {
    shell: ShellView;
    said: string | null;
    errors: Record<string, string>;
    [key: string]: unknown;
}

export function useShell() {
    const page = usePage<SharedProps>();
    return {
        shell: computed(() => page.props.shell),
        said: computed(() => page.props.said),
        errors: computed(() => page.props.errors ?? {}),
        url: computed(() => page.url),
    };
}
