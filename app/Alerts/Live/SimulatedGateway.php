<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use Illuminate\Support\Facades\DB;

/** Keeps what would have gone out as a text or a voice; the inbox of Settings shows it. */
final class SimulatedGateway implements Gateway
{
    public function hand(AlarmNotice $notice, string $words): bool
    {
        DB::table('gateway_messages')->insertOrIgnore([
            'alarm_notice_id' => $notice->id,
            'recipient' => (string) $notice->user?->name,
            'words' => mb_substr($words, 0, 500),
            'at' => now()->format('Y-m-d H:i:s.v'),
        ]);

        return true;
    }
}
