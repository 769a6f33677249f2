<script setup lang="ts">
import { LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { computed } from 'vue';
import VChart from 'vue-echarts';
import type { SeriesView } from '../generated';
import { useShell } from './page';

use([LineChart, ScatterChart, GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

const props = defineProps<{ series: SeriesView; days: number }>();
const { shell } = useShell();

const option = computed(() => {
    const night = shell.value.theme === 'night';
    const ink = night ? '#e8e2d2' : '#1d2a31';
    const quiet = night ? '#a3aeb0' : '#56646a';
    const rule = night ? '#33424a' : '#cfc4ab';
    const band = props.series.band;
    const from = Date.now() - props.days * 86_400_000;
    const rows = props.series.readings.filter((r) => new Date(r.at).getTime() >= from).reverse();
    const judged = rows.filter((r) => !r.marked).map((r) => [r.at, r.value]);
    const marked = rows.filter((r) => r.marked).map((r) => [r.at, r.value]);
    const values = [
        ...rows.map((r) => r.value),
        ...[band.fineLow, band.fineHigh].filter((v): v is number => typeof v === 'number'),
    ];
    const [low, high] = [Math.min(...values), Math.max(...values)];
    const pad = (high - low) * 0.15 || 1;
    const area = (a: number | null | undefined, b: number | null | undefined, color: string) => [
        { yAxis: a ?? low - pad * 4, itemStyle: { color } },
        { yAxis: b ?? high + pad * 4 },
    ];
    return {
        animation: false,
        textStyle: { fontFamily: 'Archivo Variable, sans-serif', color: ink },
        grid: { left: 56, right: 18, top: 26, bottom: 34 },
        tooltip: {
            trigger: 'axis',
            renderMode: 'richText',
            valueFormatter: (v: unknown) => `${v} ${props.series.unit}`,
        },
        xAxis: {
            type: 'time',
            name: 'date',
            nameLocation: 'middle',
            nameGap: 22,
            nameTextStyle: { color: quiet },
            axisLine: { lineStyle: { color: ink } },
            axisLabel: { color: quiet, hideOverlap: true, formatter: '{d} {MMM}' },
            splitLine: { show: false },
            min: from,
            max: Date.now() + 8 * 86_400_000,
        },
        yAxis: {
            type: 'value',
            name: `${props.series.label}${props.series.unit ? `, ${props.series.unit}` : ''}`,
            nameTextStyle: { color: quiet, align: 'left' },
            min: low - pad,
            max: high + pad,
            axisLabel: { color: quiet, formatter: (v: number) => v.toFixed(props.series.digits) },
            splitLine: { lineStyle: { color: rule, opacity: 0.6 } },
        },
        series: [
            {
                type: 'line',
                name: 'readings',
                data: judged,
                symbol: 'circle',
                symbolSize: 6,
                lineStyle: { width: 1, color: quiet, opacity: 0.6 },
                itemStyle: { color: night ? '#7cc3c6' : '#1f6168' },
                markArea:
                    band.fineLow === undefined
                        ? undefined
                        : {
                              silent: true,
                              data: [
                                  area(
                                      band.fineLow,
                                      band.fineHigh,
                                      night ? 'rgba(47,99,112,.35)' : 'rgba(179,211,205,.45)',
                                  ),
                                  area(
                                      band.aimLow,
                                      band.aimHigh,
                                      night ? 'rgba(47,99,112,.45)' : 'rgba(134,184,179,.45)',
                                  ),
                              ],
                          },
                markLine: {
                    silent: true,
                    symbol: 'none',
                    label: { show: false },
                    lineStyle: { color: night ? '#e0694f' : '#c8452d', type: 'dashed' },
                    data: [band.actLow, band.actHigh].filter((v) => typeof v === 'number').map((v) => ({ yAxis: v })),
                },
            },
            {
                type: 'scatter',
                name: 'marked, not judged',
                data: marked,
                symbol: 'emptyCircle',
                symbolSize: 8,
                itemStyle: { color: quiet },
            },
            {
                type: 'line',
                name: 'which way it goes',
                data: props.series.line,
                symbol: 'none',
                lineStyle: { width: 2, color: night ? '#e0694f' : '#c8452d' },
            },
        ],
    };
});
</script>

<template>
    <VChart
        class="chart"
        :option="option"
        autoresize
        role="img"
        :aria-label="`${series.label} over the last ${days} days; the same values stand in the table below`"
    />
</template>
