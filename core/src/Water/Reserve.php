<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** How much mixed water must stand ready (W-59), and which promises the standing water keeps (X-15). */
final class Reserve
{
    /** Of the largest system in reach. */
    public const SHARE_OF_LARGEST = 0.25;

    /**
     * @param  list<float>  $emergencySharesL  chosen for single systems
     */
    public static function neededL(
        float $largestSystemL,
        array $emergencySharesL = [],
        float $boxesL = 0,
        float $quarantineFillL = 0,
    ): float {
        return max(
            self::SHARE_OF_LARGEST * Guard::notNegative('largestSystemL', $largestSystemL),
            Guard::notNegative('boxesL', $boxesL),
            Guard::notNegative('quarantineFillL', $quarantineFillL),
            ...array_map(fn (float $l): float => Guard::notNegative('emergencySharesL', $l), $emergencySharesL),
            ...[0.0],
        );
    }

    /** What stands ready for one system: its share, chosen in percent of its volume. */
    public static function shareL(float $systemL, float $sharePct): float
    {
        return (Guard::notNegative('systemL', $systemL) * Guard::within('sharePct', $sharePct, 0, 100)) / 100;
    }

    /**
     * @param  array<string, float>  $promisedL  by promise, the first to be kept first
     * @return array<string, float> litres each promise lacks; none where the water is enough
     */
    public static function uncovered(float $readyL, array $promisedL): array
    {
        $left = Guard::notNegative('readyL', $readyL);
        $lacks = [];
        foreach ($promisedL as $promise => $litres) {
            $take = min($left, Guard::notNegative((string) $promise, $litres));
            $left -= $take;
            if ($litres - $take > 1e-9) {
                $lacks[$promise] = $litres - $take;
            }
        }

        return $lacks;
    }

    /**
     * @param  array<string, float>  $lacks
     * @return list<Finding> which promise nothing stands behind (X-15)
     */
    public static function findings(array $lacks): array
    {
        return array_map(
            fn (string $promise, float $litres): Finding => Finding::of(
                Severity::Watch,
                'X-15',
                'water',
                Sentence::of(Phrase::PromiseLitresUncovered, [
                    'promise' => $promise,
                    'litres' => Quantity::of($litres, Kind::Volume),
                ]),
                Sentence::of(
                    Phrase::OnlyWaterThatIsMixed,
                ),
                Sentence::of(Phrase::MixMoreOrSayWhichPromise, [
                    'litres' => Quantity::of($litres, Kind::Volume),
                ]),
            ),
            array_keys($lacks),
            $lacks,
        );
    }
}
