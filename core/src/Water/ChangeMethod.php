<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The same water in one batch, in several, or as a slow exchange, side by side (W-31). */
final readonly class ChangeMethod
{
    private function __construct(
        public string $name,
        /** 0 for a continuous exchange. */ public int $portions,
        public float $oldShare,
        public ?float $after,
    ) {
    }

    /**
     * @param  float|null  $now  a value of the system, any unit
     * @param  float|null  $fresh  the same of the new water
     * @param  non-empty-list<int>  $portions
     * @return list<self> in the order asked, the continuous one last
     *
     * @throws OutOfRange
     */
    public static function compare(
        float $systemL,
        float $litres,
        ?float $now,
        ?float $fresh,
        array $portions = [1, 2, 5],
    ): array {
        Guard::positive('systemL', $systemL);
        Guard::within('litres', $litres, 0, $systemL);
        $methods = [];
        foreach ([...$portions, 0] as $n) {
            $share = $n === 0 ? exp(-$litres / $systemL) : (1 - $litres / $n / $systemL) ** $n;
            $methods[] = new self(
                match ($n) {
                    0 => 'slow exchange',
                    1 => 'one batch',
                    default => "{$n} batches",
                },
                $n,
                $share,
                $now === null || $fresh === null ? null : $now * $share + $fresh * (1 - $share),
            );
        }

        return $methods;
    }
}
