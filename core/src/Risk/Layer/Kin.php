<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

/** What makes two devices fail together though nothing joins them: one type, one age, one set point (R-20, X-22). */
final readonly class Kin
{
    /** Devices this near in age are one age, years. */
    private const SAME_AGE_YEARS = 0.25;

    public function __construct(
        public string $type,
        /** Null: nobody knows. */
        public ?float $ageYears = null,
        /** In the unit of what it holds; null: it holds nothing. */
        public ?float $setPoint = null,
    ) {
    }

    public function isKinOf(self $other): bool
    {
        return $this->type === $other->type;
    }

    /** Of one age and one set point too; where nobody knows an age, they may be. */
    public function isTwinOf(self $other): bool
    {
        $isOneAge = $this->ageYears === null
            || $other->ageYears === null
            || abs($this->ageYears - $other->ageYears) <= self::SAME_AGE_YEARS;

        return $this->isKinOf($other) && $isOneAge && $this->setPoint === $other->setPoint;
    }
}
