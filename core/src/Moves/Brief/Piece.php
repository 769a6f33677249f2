<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** Something to be carried: what it is, how large and heavy, what somebody found who looked at it. What is null nobody has said. */
final readonly class Piece
{
    /**
     * @param  bool  $isReused  set up again; otherwise it stays, or goes elsewhere
     * @param  string|null  $rides  the vehicle somebody has chosen; null: whichever has room
     * @param  int|null  $leaves  off it as number so and so; null: as it is needed outside
     * @param  float|null  $leadDays  from the order until what serves or replaces it is there
     * @param  RockRide|null  $ride  of rock
     */
    public function __construct(
        public string $id,
        public string $label,
        public PieceKind $kind,
        public ?float $lengthMm,
        public ?float $widthMm,
        public ?float $heightMm,
        public ?float $kg,
        public Verdict $verdict,
        public bool $isReused,
        public bool $isAcrylic,
        public ?float $ageYears,
        public int $unions,
        public ?string $rides = null,
        public ?int $leaves = null,
        public ?Fate $fate = null,
        public ?float $leadDays = null,
        public ?RockRide $ride = null,
    ) {
    }

    public function isSized(): bool
    {
        return $this->lengthMm !== null && $this->widthMm !== null && $this->heightMm !== null && $this->kg !== null;
    }
}
