<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/** What has to be so before an incident is closed: a day in its band, nothing borrowed or by hand still open, reviewed, restocked. */
final class CloseGate
{
    public const WATCH_H = 24.0;

    /**
     * @return list<string> codes of what is still open; none: it may be closed
     */
    public static function open(
        float $inBandH,
        int $openOverrides,
        int $openDebts,
        bool $isReviewed,
        bool $isRestocked,
    ): array {
        return array_keys(array_filter([
            'watch' => $inBandH < self::WATCH_H,
            'override' => $openOverrides > 0,
            'debt' => $openDebts > 0,
            'review' => ! $isReviewed,
            'restock' => ! $isRestocked,
        ]));
    }

    public static function words(string $code): string
    {
        return match ($code) {
            'watch' => 'a day in its band since it was restored',
            'override' => 'something is still set by hand',
            'debt' => 'something borrowed is not back',
            'review' => 'what worked, and what to add, is not written down',
            default => 'what was used is not put back',
        };
    }
}
