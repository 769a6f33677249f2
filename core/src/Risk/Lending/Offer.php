<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Lending;

/** Where a device could come from: a shelf, or another system that would stand without it, or would not. */
final readonly class Offer
{
    /**
     * @param  list<string>  $against  codes of why it does not fit; none: it fits
     * @param  float|null  $minutes  of road to where it is wanted; null: one of the two is not on the map
     * @param  string|null  $exposes  how its own system stands without it; null: it does without, or lies on a shelf
     */
    public function __construct(
        public string $id,
        public bool $isShelf,
        public array $against,
        public ?float $minutes,
        public ?string $exposes,
    ) {
    }

    public function fits(): bool
    {
        return $this->against === [];
    }

    /**
     * What fits before what does not; shelves before systems; who does without before who is exposed; then the nearest.
     *
     * @param  list<self>  $offers
     * @return list<self>
     */
    public static function ranked(array $offers): array
    {
        $key = fn (self $o): array => [! $o->fits(), ! $o->isShelf, $o->exposes !== null, $o->minutes ?? INF, $o->id];
        usort($offers, fn (self $a, self $b): int => $key($a) <=> $key($b));

        return $offers;
    }
}
