<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\WeekRun;

/** A proposal being worked out, or what the last one said. */
final readonly class WeekRunView
{
    /** Said for so long after it ended. */
    private const SAID_MIN = 10;

    /** @param  list<string>  $said */
    private function __construct(
        public int $id,
        public bool $isOpen,
        public float $share,
        public string $monday,
        public string $by,
        public array $said,
    ) {
    }

    public static function latest(): ?self
    {
        $run = WeekRun::query()->with('user')->latest('id')->first();
        $isFresh =
            $run !== null &&
            ($run->ended_at === null
                ? $run->is(WeekRun::open())
                : $run->ended_at->isAfter(now()->subMinutes(self::SAID_MIN)));

        return $run === null || ! $isFresh
            ? null
            : new self(
                $run->id,
                $run->isOpen(),
                $run->share,
                $run->monday->toDateString(),
                (string) $run->user?->name,
                $run->said ?? [],
            );
    }
}
