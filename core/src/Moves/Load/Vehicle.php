<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

/** A vehicle that comes along: our own or hired, with the time it has to be back. */
final readonly class Vehicle
{
    /** Of the first one, which has no name of its own. */
    public const FIRST = 'truck';

    /**
     * @param  int|null  $backMin  min of the day; null: it has time
     * @param  float|null  $latePerH  what each hour past that costs; null: nobody has asked
     */
    public function __construct(
        public string $id,
        public string $label,
        public Truck $truck,
        public ?int $backMin = null,
        public bool $isHired = false,
        public ?float $latePerH = null,
    ) {
    }

    public function isFirst(): bool
    {
        return $this->id === self::FIRST;
    }
}
