import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useVanTicks } from './vanTicks';

let kept: Record<string, string>;

beforeEach(() => {
    kept = {};
    vi.stubGlobal('window', {
        localStorage: {
            getItem: (key: string) => kept[key] ?? null,
            setItem: (key: string, value: string) => {
                if (value.length > 200) throw new DOMException('full', 'QuotaExceededError');
                kept[key] = value;
            },
        },
    });
});

describe('what is in the van already', () => {
    it('is still ticked when the page is opened again that day', async () => {
        useVanTicks('2026-11-27').value = ['60 L of salt water', 'fresh floss ×3'];
        await nextTick();
        expect(useVanTicks('2026-11-27').value).toEqual(['60 L of salt water', 'fresh floss ×3']);
    });

    it('begins anew the next day', async () => {
        useVanTicks('2026-11-27').value = ['60 L of salt water'];
        await nextTick();
        expect(useVanTicks('2026-11-28').value).toEqual([]);
    });

    it('ticks one at a time, as a list of boxes does', async () => {
        const ticked = useVanTicks('2026-11-27');
        ticked.value.push('towels');
        await nextTick();
        expect(useVanTicks('2026-11-27').value).toEqual(['towels']);
    });

    it('stays on the page when the device keeps nothing, and reads no rubbish', async () => {
        const ticked = useVanTicks('2026-11-27');
        ticked.value = ['x'.repeat(300)];
        await nextTick();
        expect(ticked.value).toHaveLength(1);
        for (const rubbish of ['{', '{"day":"2026-11-27","lines":[1,{"a":2},"socks"]}', 'null']) {
            kept['velbrin-ticks'] = rubbish;
            expect(useVanTicks('2026-11-27').value).toEqual(rubbish.includes('socks') ? ['socks'] : []);
        }
    });
});
