<?php

declare(strict_types=1);

namespace App\Systems;

use Illuminate\Support\Facades\DB;

/** What the company's salt mixes bring with them; read once, and only when asked for. */
final class MixWater
{
    /** @var array<int, float|null>|null dKH by mix */
    private ?array $alkDkh = null;

    public static function here(): self
    {
        return app(self::class);
    }

    /** Alkalinity of a system's new water, dKH; null while its mix or the mix's alkalinity is not known. */
    public function alkDkh(System $system): ?float
    {
        if ($system->salt_mix_id === null) {
            return null;
        }
        $this->alkDkh ??= DB::table('salt_mixes')->pluck('alk_dkh', 'id')->map(fn (mixed $v): ?float => is_numeric($v) ? (float) $v : null)->all();

        return $this->alkDkh[$system->salt_mix_id] ?? null;
    }
}
