<?php

declare(strict_types=1);

namespace App\Systems;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Velbrin\Core\Chemistry\Parameter;

/** What the company's salt mixes bring with them; read once, and only when asked for. */
final class MixWater
{
    /** @var array<int, array<string, float|null>>|null at 35 g/kg, by mix and parameter */
    private ?array $mixes = null;

    public static function here(): self
    {
        return app(self::class);
    }

    /** Alkalinity of a system's new water, dKH; null while its mix or the mix's alkalinity is not known. */
    public function alkDkh(System $system): ?float
    {
        return $this->values($system)[Parameter::Alkalinity->value] ?? null;
    }

    /** @return array<string, float|null> alkalinity, calcium and magnesium of the system's mix at 35 g/kg, by parameter */
    public function values(System $system): array
    {
        return $system->salt_mix_id === null ? [] : $this->all()[$system->salt_mix_id] ?? [];
    }

    /** @return array<int, array<string, float|null>> by mix */
    public function all(): array
    {
        $rows = fn (): Collection => DB::table('salt_mixes')
            ->get(['id', 'alk_dkh', 'ca_mg_l', 'mg_mg_l'])
            ->keyBy('id');

        return $this->mixes ??= $rows()
            ->map(
                fn (stdClass $m): array => [
                    Parameter::Alkalinity->value => self::number($m->alk_dkh),
                    Parameter::Calcium->value => self::number($m->ca_mg_l),
                    Parameter::Magnesium->value => self::number($m->mg_mg_l),
                ],
            )
            ->all();
    }

    private static function number(mixed $value): ?float
    {
        return is_numeric($value) ? (float) $value : null;
    }
}
