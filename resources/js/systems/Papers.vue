<script setup lang="ts">
import type { AttachmentView, FindingView, SystemHeaderView } from '../generated';
import UploadForm from '../shared/UploadForm.vue';
import SystemFrame from './SystemFrame.vue';

defineProps<{ header: SystemHeaderView; findings: FindingView[]; attachments: AttachmentView[] }>();
</script>

<template>
    <SystemFrame :header="header" tab="papers" :findings="findings">
        <p v-if="header.planVersionId">
            <a :href="`/plan-versions/${header.planVersionId}/sheet.pdf`">The accepted plan’s sheet, PDF</a>
        </p>
        <UploadForm
            :to="`/systems/${header.id}/attachments`"
            :attachments="attachments"
            :may-add="header.mayRecord"
            :may-archive="header.mayUpdate"
        />
    </SystemFrame>
</template>
