<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/**
 * A line that fills a store from the mains (W-63): it may run (high − low)/rate at the coldest feed, times 1.2; what it brings till then is
 * held against what tray, drain and overflow take.
 */
final readonly class RoLine
{
    /** Over the time it needs at its coldest. */
    private const SPARE = 1.2;

    /** A rate that moved by more wants its limit set anew. */
    private const MOVED = 0.1;

    /**
     * @param  float  $spanL  from its low level to its high one
     * @param  float  $litresH  at the coldest feed
     * @param  float|null  $setMin  the limit that is set; null: none
     * @param  float|null  $takesL  what tray, drain and overflow take; null: nobody has said
     * @param  bool|null  $hasFloat  a float on the product line; null: nobody has said
     * @param  bool|null  $hasFeedStop  something that shuts the feed too; null: nobody has said
     *
     * @throws OutOfRange
     */
    public function __construct(
        public float $spanL,
        public float $litresH,
        public ?float $setMin = null,
        public ?float $takesL = null,
        public ?bool $hasFloat = null,
        public ?bool $hasFeedStop = null,
    ) {
        Guard::positive('spanL', $spanL);
        Guard::positive('litresH', $litresH);
        if ($setMin !== null) {
            Guard::positive('setMin', $setMin);
        }
        if ($takesL !== null) {
            Guard::notNegative('takesL', $takesL);
        }
    }

    /** The longest it may run, min. */
    public function limitMin(): float
    {
        return ($this->spanL / $this->litresH) * 60 * self::SPARE;
    }

    /** What it brings until its limit ends it, L; null: nothing ends it. */
    public function worstL(): ?float
    {
        return $this->setMin === null ? null : ($this->litresH * $this->setMin) / 60;
    }

    /** On the floor at worst, L; null: nobody can say, or it has no end. */
    public function floorL(): ?float
    {
        $worst = $this->worstL();

        return $worst === null || $this->takesL === null ? null : max(0.0, $worst - $this->takesL);
    }

    /** Whether its limit has to be set anew for that rate. */
    public static function hasMoved(float $beforeLh, float $nowLh): bool
    {
        return $beforeLh <= 0 || abs($nowLh - $beforeLh) / $beforeLh > self::MOVED + 1e-12;
    }

    /** @return list<Finding> what does not hold first */
    public function findings(): array
    {
        return Finding::sorted([$this->ofLimit(), ...$this->ofFloor(), ...$this->ofFeed()]);
    }

    private function ofLimit(): Finding
    {
        $parts = ['limit' => self::minutes($this->limitMin()), 'set' => self::minutes($this->setMin ?? 0.0)];

        return match (true) {
            $this->setMin === null => self::say(
                Severity::Fix,
                Phrase::ItHasNoRunLimit,
                Phrase::FromTheMainsItBringsWater,
                Phrase::SetLimit,
                $parts,
            ),
            $this->setMin > $this->limitMin() + 1e-9 => self::say(
                Severity::Fix,
                Phrase::ItsLimitOfIsLonger,
                Phrase::AtTheColdestFeed,
                Phrase::SetLimit,
                $parts,
            ),
            default => self::say(Severity::Fine, Phrase::ItRunsNoLongerThan, Phrase::ItMayRunAtItsColdest, null, $parts),
        };
    }

    /** @return list<Finding> */
    private function ofFloor(): array
    {
        $worst = $this->worstL();
        if ($worst === null) {
            return [];
        }
        $parts = [
            'worst' => Quantity::of($worst, Kind::Volume),
            'floor' => Quantity::of($this->floorL() ?? 0.0, Kind::Volume),
            'takes' => Quantity::of($this->takesL ?? 0.0, Kind::Volume),
        ];

        return [match (true) {
            $this->takesL === null => self::say(
                Severity::Watch,
                Phrase::WhetherWouldFindAPlace,
                Phrase::NobodyHasSaidWhatTray,
                Phrase::MeasureThem,
                $parts,
            ),
            $worst > $this->takesL => self::say(
                Severity::Fix,
                Phrase::AtWorstStandOnTheFloor,
                Phrase::UntilItsLimitItBrings,
                Phrase::ADrainThatTakes,
                $parts,
            ),
            default => self::say(
                Severity::Fine,
                Phrase::AtWorstCome,
                Phrase::NothingReachesTheFloor,
                null,
                $parts,
            ),
        }];
    }

    /** @return list<Finding> */
    private function ofFeed(): array
    {
        return match (true) {
            $this->hasFloat === null, $this->hasFloat && $this->hasFeedStop === null => [self::say(
                Severity::Watch,
                Phrase::WhetherAnythingShutsItsFeed,
                Phrase::AFloatOnTheProductLine,
                Phrase::LookAndWriteItDown,
            )],
            $this->hasFloat && $this->hasFeedStop === false => [self::say(
                Severity::Fix,
                Phrase::WasteWaterRuns,
                Phrase::AFloatOnTheProductLineStops,
                Phrase::AShutOffOnTheFeed,
            )],
            default => [],
        };
    }

    /** @param  array<string, Quantity>  $parts */
    private static function say(Severity $severity, Phrase $what, Phrase $why, ?Phrase $remedy, array $parts = []): Finding
    {
        return Finding::of(
            $severity,
            'W-63',
            'topoff',
            Sentence::of($what, $parts),
            Sentence::of($why, $parts),
            $remedy === null ? null : Sentence::of($remedy, $parts),
        );
    }

    private static function minutes(float $minutes): Quantity
    {
        return Quantity::of($minutes, Kind::Minutes);
    }
}
