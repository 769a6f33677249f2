<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** One or several batches: what share of the old water is left, and what every parameter becomes (W-30, W-31). */
final readonly class WaterChange
{
    /** @param  array<string, float>  $after */
    private function __construct(public float $oldShare, public array $after)
    {
    }

    /**
     * @param  list<float>  $changesL  each at most the system's litres
     * @param  array<string, float>  $water  the system's values by parameter
     * @param  array<string, float>  $fresh  the new water's, same keys
     *
     * @throws OutOfRange
     */
    public static function of(float $systemL, array $changesL, array $water, array $fresh): self
    {
        Guard::positive('systemL', $systemL);
        $share = 1.0;
        foreach ($changesL as $litres) {
            $share *= 1 - Guard::within('changesL', $litres, 0, $systemL) / $systemL;
        }
        $missing = array_merge(array_diff_key($water, $fresh), array_diff_key($fresh, $water));
        if ($missing !== []) {
            throw OutOfRange::field(
                'fresh',
                Phrase::WaterAndFreshMustName,
                Phrase::TheSameKeysInBoth,
                ['list' => implode(', ', array_keys($missing))],
            );
        }
        $after = [];
        foreach ($water as $parameter => $value) {
            $after[$parameter] =
                Guard::finite("water.{$parameter}", $value) * $share +
                Guard::finite("fresh.{$parameter}", $fresh[$parameter]) * (1 - $share);
        }

        return new self($share, $after);
    }
}
