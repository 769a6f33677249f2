<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** What animals meet when kept water is made up with new (M-3, W-30): the jump of every parameter, and what new water may at most be. */
final readonly class WaterJump
{
    /**
     * @param  array<string, float>  $after  by parameter
     * @param  array<string, float>  $jump  after − before
     * @param  list<string>  $over  further than their limit
     * @param  array<string, float|null>  $freshMost  of new water, upwards; null: nothing new comes in
     */
    private function __construct(public array $after, public array $jump, public array $over, public array $freshMost)
    {
    }

    /**
     * @param  array<string, float>  $old  by parameter
     * @param  array<string, float>  $fresh  by parameter
     * @param  array<string, float>  $limits  how far a parameter may go, either way
     *
     * @throws OutOfRange
     */
    public static function of(float $oldL, float $newL, array $old, array $fresh, array $limits = []): self
    {
        Guard::notNegative('oldL', $oldL);
        Guard::notNegative('newL', $newL);
        Guard::positive('oldL + newL', $oldL + $newL);
        $share = $newL / ($oldL + $newL);
        $after = $jump = $over = $most = [];
        foreach ($old as $parameter => $value) {
            $new = $fresh[$parameter] ?? throw OutOfRange::field(
                "fresh.{$parameter}",
                Phrase::FreshSaysNothingOf,
                Phrase::AValue,
                ['parameter' => (string) $parameter],
            );
            $after[$parameter] = $value * (1 - $share) + $new * $share;
            $jump[$parameter] = $after[$parameter] - $value;
            $limit = $limits[$parameter] ?? null;
            if ($limit === null) {
                continue;
            }
            Guard::notNegative("limits.{$parameter}", $limit);
            if (abs($jump[$parameter]) > $limit + 1e-9) {
                $over[] = $parameter;
            }
            $most[$parameter] = $share > 0 ? ($value + $limit - $value * (1 - $share)) / $share : null;
        }

        return new self($after, $jump, $over, $most);
    }
}
