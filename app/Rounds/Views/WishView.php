<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Days;
use App\Rounds\SiteWish;

/** A standing wish of a place, and what a proposal keeps of it. */
final readonly class WishView
{
    private const NAMES = ['', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

    private function __construct(
        public int $id,
        public string $text,
        public string $says,
        public string $by,
        public string $on,
    ) {
    }

    /** The wish is loaded with person and user. */
    public static function of(SiteWish $wish): self
    {
        $says = array_filter([
            $wish->weekdays === []
                ? null
                : implode(', ', array_map(fn (int $d): string => self::NAMES[$d], $wish->weekdays)),
            $wish->from_min === null ? null : Days::clock($wish->from_min).'–'.Days::clock((float) $wish->to_min),
            $wish->person === null ? null : "only {$wish->person->name}",
            $wish->not_before === null ? null : "not before {$wish->not_before->format('j M')}",
            $wish->not_after === null ? null : "not after {$wish->not_after->format('j M')}",
        ]);

        return new self(
            $wish->id,
            $wish->text,
            implode(', ', $says),
            (string) $wish->user?->name,
            (string) $wish->created_at?->toDateString(),
        );
    }
}
