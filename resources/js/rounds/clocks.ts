import { onMounted, onUnmounted, ref } from 'vue';
import { clock, dayOf, dayWords, deviceZone, today } from '../shared/days';
import { newId } from '../shared/send';

/** Several clocks at once: a soak, a refill, a flush. They outlive a reload, and the phone's pocket. */
export interface Clock {
    id: string;
    label: string;
    until: number;
}

export function useClocks(visitId: number) {
    const KEY = `velbrin-clocks-${visitId}`;
    const clocks = ref<Clock[]>([]);
    const now = ref(Date.now());
    let tick = 0;
    const keep = () => window.localStorage.setItem(KEY, JSON.stringify(clocks.value));
    onMounted(() => {
        try {
            clocks.value = (JSON.parse(window.localStorage.getItem(KEY) ?? '[]') as Clock[]).filter(
                (c) => typeof c.until === 'number',
            );
        } catch {
            clocks.value = [];
        }
        tick = window.setInterval(() => {
            const before = now.value;
            now.value = Date.now();
            if (clocks.value.some((c) => c.until > before && c.until <= now.value))
                navigator.vibrate?.([200, 100, 200]);
        }, 1000);
    });
    onUnmounted(() => window.clearInterval(tick));
    const two = (n: number) => String(Math.floor(n)).padStart(2, '0');
    return {
        clocks,
        start(label: string, minutes: number) {
            clocks.value = [...clocks.value, { id: newId(), label, until: Date.now() + minutes * 60_000 }];
            keep();
        },
        stop(id: string) {
            clocks.value = clocks.value.filter((c) => c.id !== id);
            keep();
        },
        /** Of a clock by the record: its hour, for those run for hours. */
        until(iso: string): string {
            const here = deviceZone();
            const on = dayOf(iso, here);
            const day =
                on === today(here) ? '' : `${dayWords(on, { weekday: 'short', day: 'numeric', month: 'short' })} `;
            return `until ${day}${clock(iso, here)}`;
        },
        left(clock: Clock): { words: string; over: boolean } {
            const s = Math.round((clock.until - now.value) / 1000);
            return s > 0
                ? { words: `${two(s / 60)}:${two(s % 60)} left`, over: false }
                : { words: `over since ${two(-s / 60)}:${two(-s % 60)}`, over: true };
        },
    };
}
