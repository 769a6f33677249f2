<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** Animals of one kind that ride, in the box they are meant for. */
final readonly class Animal
{
    /**
     * @param  float|null  $lengthCm  of a coral: how far across
     * @param  float|null  $acclimationMin  what its kind needs, whatever the waters say; null: as the waters say
     * @param  bool  $isFleshy  a coral with large soft flesh
     */
    public function __construct(
        public string $id,
        public string $label,
        public bool $isCoral,
        public int $count,
        public ?float $lengthCm,
        public bool $isDeep,
        public bool $isAlone,
        public bool $isGlued,
        public bool $isToxic,
        public ?string $box,
        public ?float $acclimationMin = null,
        public bool $isFleshy = false,
    ) {
    }
}
