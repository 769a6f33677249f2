<?php

declare(strict_types=1);

namespace Velbrin\Core\Livestock;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\AnimalDemand;

/** So many of one kind of animal. */
final readonly class Lot
{
    /**
     * @param  float|null  $lengthCm  of one; null: nobody has said
     * @param  bool  $isDeep  high for its length
     *
     * @throws OutOfRange
     */
    public function __construct(
        public string $name,
        public AnimalKind $kind,
        public int $count,
        public ?float $lengthCm = null,
        public bool $isDeep = false,
    ) {
        Guard::within('count', (float) $count, 1, 10_000);
    }

    /** Of all of them, g of fish; null: a fish nobody has measured. */
    public function grams(): ?float
    {
        return match (true) {
            $this->kind !== AnimalKind::Fish => 0.0,
            $this->lengthCm === null => null,
            default => $this->count * AnimalDemand::grams($this->lengthCm, $this->isDeep),
        };
    }

    /**
     * Of several lots; null as soon as one of them has a fish nobody has measured.
     *
     * @param  list<self>  $lots
     */
    public static function gramsOf(array $lots): ?float
    {
        $grams = 0.0;
        foreach ($lots as $lot) {
            $one = $lot->grams();
            if ($one === null) {
                return null;
            }
            $grams += $one;
        }

        return $grams;
    }
}
