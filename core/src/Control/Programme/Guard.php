<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\OutOfRange;

/** Speaks before any rule while its conditions hold together for long enough; then it clears at a limit, or somebody looks first. */
final readonly class Guard
{
    private const MOST_CONDITIONS = 3;

    /**
     * @param  non-empty-list<Condition>  $when  all of them together
     * @param  float  $forS  so long before it acts
     * @param  float  $level  what the outlet does then: 0 off, 1 on, between them a level
     * @param  Condition|null  $clears  null: it latches until somebody has looked
     * @param  Blind|null  $blind  what it does when it cannot see: off trips it, on and as it was leave it; null: nobody has said
     *
     * @throws OutOfRange
     */
    public function __construct(
        public string $id,
        public string $outlet,
        public array $when,
        public float $forS,
        public float $level,
        public ?Condition $clears,
        public GuardRank $rank,
        public ?Blind $blind = null,
    ) {
        if (count($when) > self::MOST_CONDITIONS) {
            throw OutOfRange::field('when', Phrase::AGuardHasAtMostThree, Phrase::N1To3Conditions);
        }
    }

    /** @return array<string, list<Limit>> what the reading of each probe is compared with */
    public function limits(): array
    {
        $limits = [];
        foreach ([...$this->when, ...($this->clears === null ? [] : [$this->clears])] as $condition) {
            $limit = $condition->compares();
            if ($condition->probe !== null && $limit !== null) {
                $limits[$condition->probe][] = $limit;
            }
        }

        return $limits;
    }

    /** s until it may act by the clock alone, while its conditions hold; INF: not. */
    public function untilS(Moment $now, Memory $own): float
    {
        return $own->isOn || $own->sinceS === null ? INF : $own->sinceS + $this->forS - $now->atS;
    }

    /** Whether it speaks at this moment. */
    public function acts(Moment $now, Sensed $sensed, Memory $own): bool
    {
        $seen = array_map(fn (Condition $c): ?bool => $c->holds($sensed), $this->when);
        $holds = match (true) {
            in_array(false, $seen, true) => false,
            in_array(null, $seen, true) => $this->blind === Blind::Off,
            default => true,
        };
        if ($own->isOn) {
            $isClear = $this->clears !== null && $this->clears->holds($sensed) === true;
            $own->isOn = ! $isClear;
        }
        $own->sinceS = $holds ? ($own->sinceS ?? $now->atS) : null;
        if ($holds && $now->atS - (float) $own->sinceS >= $this->forS) {
            $own->isOn = true;
        }
        $own->latched = $own->isOn && $this->clears === null;

        return $own->isOn;
    }
}
