<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Risk\Rate\Unsure;

/** When a hazard first does harm, and by what. */
final readonly class Harm
{
    /** @param  list<string>  $needs  what nobody has said, the fact that would narrow the hours most first */
    public function __construct(
        /** temperature, oxygen, sump: the sump's temperature while the display cools; floor, thin salt, thick salt, dry pump, … */
        public string $by,
        /** Hours from the fault, the soonest that can be; null: never. */
        public ?float $hours,
        /** The limit crossed, or where it settles when none is. */
        public Quantity $limit,
        public ?Working $working = null,
        /** Oxygen only: hours to 2 mg/L, where animals are lost. */
        public ?float $lossHours = null,
        /** Rests on an assumed fish mass. */
        public bool $assumed = false,
        public array $needs = [],
        /** What is likely, and the latest, where not all is known; null: never, or as `hours`. */
        public ?float $likelyH = null,
        public ?float $latestH = null,
        /** It ends on the floor: it harms where nothing lives, too. */
        public bool $spills = false,
        /** Temperature only: it has stood so far beyond its limit by then, K·h; 0: it crosses it. */
        public float $kelvinHours = 0.0,
    ) {
    }

    /**
     * As sure as the facts it rests on: the soonest stands, since severity is judged at the bad end.
     *
     * @param  list<string>  $needs
     */
    public static function open(string $by, Unsure $hours, Quantity $limit, array $needs, bool $spills = false): self
    {
        $finite = fn (float $h): ?float => is_finite($h) ? $h : null;

        return new self(
            by: $by,
            hours: $finite($hours->low),
            limit: $limit,
            assumed: $needs !== [],
            needs: $needs,
            likelyH: $finite($hours->likely),
            latestH: $finite($hours->high),
            spills: $spills,
        );
    }
}
