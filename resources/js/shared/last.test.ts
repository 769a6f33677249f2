import { nextTick, ref } from 'vue';
import { describe, expect, it } from 'vitest';
import { useLast } from './last';

describe('what was last there', () => {
    it('stays while it is asked for anew, and goes with what comes', async () => {
        const now = ref<number | undefined>();
        const last = useLast(() => now.value);
        expect(last.value).toBeUndefined();
        for (const [comes, stands] of [
            [1, 1],
            [undefined, 1],
            [0, 0],
        ]) {
            now.value = comes;
            await nextTick();
            expect(last.value).toBe(stands);
        }
    });
});
