<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What must not be done for a while after a job (S-49): days until it may be done again, by what. */
final class AfterJob
{
    /** @return array<string, int> */
    public static function locks(string $job): array
    {
        return match ($job) {
            'sand-topup' => [
                'no glass magnet near the sand' => 3,
                'no new animals' => 7,
                'no stirring of the bed' => 14,
            ],
            'sand-quarter' => ['no second quarter' => 7],
            default => [],
        };
    }
}
