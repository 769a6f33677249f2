<script setup lang="ts">
/** The still picture beside the door: a section without numbers. */
</script>

<template>
    <div class="picture" aria-hidden="true">
        <svg viewBox="0 0 800 900" preserveAspectRatio="xMidYMid slice">
            <rect width="800" height="900" fill="var(--paper3)" />
            <g fill="none" stroke="var(--rule)"><path v-for="y in 17" :key="y" :d="`M0 ${y * 52} H800`" /></g>
            <rect x="120" y="210" width="560" height="260" fill="var(--w2)" />
            <rect x="120" y="330" width="560" height="140" fill="var(--w3)" opacity=".7" />
            <rect x="120" y="448" width="560" height="22" fill="var(--sand)" />
            <path
                d="M190 448 L240 330 L300 300 L350 340 L400 448Z M450 448 L500 372 L560 390 L600 448Z"
                fill="var(--rock)"
                opacity=".8"
            />
            <path d="M114 150 V476 H686 V150" fill="none" stroke="var(--ink)" stroke-width="9" />
            <path d="M114 476 V800 M686 476 V800 M60 800 H740" stroke="var(--ink)" stroke-width="3" fill="none" />
            <path d="M120 210 H680" stroke="var(--deep)" stroke-width="3" />
            <rect x="180" y="690" width="440" height="100" fill="var(--w2)" />
            <path d="M176 620 V794 H624 V620" fill="none" stroke="var(--ink)" stroke-width="6" />
            <path d="M180 656 H620" stroke="var(--coral)" stroke-width="3" stroke-dasharray="12 8" />
            <path d="M640 240 V700" stroke="var(--ink)" stroke-width="14" />
            <path d="M640 240 V700" stroke="var(--w3)" stroke-width="8" />
        </svg>
    </div>
</template>
