<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Something that breaks in a run, from a moment to another. */
final readonly class Fault
{
    /**
     * @param  string|null  $of  outlet, probe, switch or pause it sits on
     * @param  float  $fromS  from the beginning of the run
     * @param  float  $untilS  INF: to its end, or until somebody comes
     *
     * @throws OutOfRange
     */
    public function __construct(
        public FaultKind $kind,
        public ?string $of,
        public float $fromS,
        public float $untilS = INF,
        public float $value = 0.0,
    ) {
        Guard::notNegative('fromS', $fromS);
        if ($untilS <= $fromS) {
            throw OutOfRange::field('untilS', Phrase::AFaultEndsAfterItBegins, Phrase::MoreThanFromS);
        }
        if ($kind->sitsOn() !== null && $of === null) {
            throw OutOfRange::field(
                'of',
                Phrase::SitsOnSomething,
                Phrase::ASitsOn,
                ['kind' => $kind->value, 'sitsOn' => $kind->sitsOn()],
            );
        }
        if ($kind === FaultKind::DrainBlocked) {
            Guard::within('value', $value, 0, 1);
        }
        if ($kind === FaultKind::DoserSiphon) {
            Guard::notNegative('value', $value);
        }
    }

    public function acts(float $atS): bool
    {
        return $atS >= $this->fromS && $atS < $this->untilS;
    }
}
