import { shallowRef } from 'vue';
import type { WorkingView } from '../generated';

/** The one sheet that shows how a number came about. */
export const openWorking = shallowRef<WorkingView | null>(null);
