<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** One outlet of a strip: what hangs on it, its rule, and what it does when nobody tells it anything. */
final readonly class Outlet
{
    /**
     * @param  string  $place  what it is for, as people say it: "heater 1, sump"
     * @param  float|null  $lostLinkLevel  what it does without a link to its head; null: nobody has said
     * @param  float|null  $lostLinkSummerLevel  the same in the warm months; null: no other
     * @param  float|null  $maximumOnS  the longest it is on at a stretch; null: no limit
     * @param  array<string, PauseOf>  $pauses  groups it obeys
     * @param  MayOverride|null  $override  who may let it do something else for a while; null: nobody has said
     * @param  bool  $isReversed  a lamp that is meant to be lit while the display is dark
     * @param  ComesBack|null  $comesBack  what a lamp does when power returns; null: nobody has tried
     */
    public function __construct(
        public string $id,
        public string $place,
        public Rule $rule,
        public ?float $lostLinkLevel,
        public float $minimumOnS = 0.0,
        public float $minimumOffS = 0.0,
        public ?float $maximumOnS = null,
        public AfterMaximum $afterMaximum = AfterMaximum::Latch,
        public float $restS = 0.0,
        public float $powerReturnS = 0.0,
        public array $pauses = [],
        public ?float $lostLinkSummerLevel = null,
        public ?ComesBack $comesBack = null,
        public bool $isReversed = false,
        public ?MayOverride $override = null,
    ) {
    }

    /** Something of it goes by how long it has been on or off. */
    public function hasTimes(): bool
    {
        return $this->minimumOnS > 0
            || $this->minimumOffS > 0
            || $this->maximumOnS !== null
            || $this->restS > 0
            || $this->powerReturnS > 0
            || $this->pauses !== [];
    }

    /** What it does without a link then; null: nobody has said. */
    public function lostLinkAt(bool $isSummer): ?float
    {
        return $isSummer ? $this->lostLinkSummerLevel ?? $this->lostLinkLevel : $this->lostLinkLevel;
    }
}
