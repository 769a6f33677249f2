<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Phrase;

/** Where animals stay if it does not go on, or until it does (M-1, M-16). */
final readonly class Holding
{
    /**
     * @param  bool  $isTicked  proved by a tick, before what was read in it was asked for
     * @param  bool  $isLit  enough for corals
     * @param  string|null  $place  whose it stands at
     */
    public function __construct(
        public ?float $litres,
        public ?float $heaterW,
        public bool $isAired,
        public bool $isLidded,
        public bool $isBorne,
        public bool $isTicked,
        public ?string $person,
        public float $cleared,
        public float $everyH,
        public bool $isLit = false,
        public ?string $place = null,
        public HoldingProof $proof = new HoldingProof(),
    ) {
    }

    /**
     * @param  array<string, float>  $old  the water the animals come from, by parameter
     * @return list<Phrase> what its proof lacks; a tick of before stands until anything is read
     *
     * @throws OutOfRange for a pH no water has
     */
    public function unproved(array $old): array
    {
        return $this->isTicked && ! $this->proof->isSaid() ? [] : $this->proof->lacks($old);
    }
}
