<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Day;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Brief\Animal;
use Velbrin\Core\Moves\Brief\BoxChecks;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Phrase;

/**
 * Animals are counted box by box (M-8, M-17): those at home, in boxes, in the holding and signed for as lost are as many as before the
 * first net, at every moment of the day.
 */
final readonly class HeadCount
{
    /**
     * @param  list<BoxCount>  $boxes  that animals are meant for, in their order
     * @param  array<string, int>  $lost  signed for, by animal
     * @param  int  $planned  all animals of the plan, in a box or not
     */
    private function __construct(public array $boxes, public array $lost, private int $planned, private bool $hasUnloaded)
    {
    }

    /** @param  list<Event>  $events  in any order; of what is counted again the last counts */
    public static function of(MoveBrief $brief, array $events): self
    {
        usort($events, fn (Event $a, Event $b): int => [$a->atMin, $a->id] <=> [$b->atMin, $b->id]);
        $boxOf = array_map(fn (Animal $a): ?string => $a->box, array_column($brief->animals, null, 'id'));
        $counted = $lost = $lostBefore = $seen = [];
        $hasUnloaded = false;
        foreach ($events as $event) {
            $of = $event->of ?? '';
            $hasUnloaded = $hasUnloaded || ($event->kind === EventKind::Done && $of === 'unload');
            if ($event->kind === EventKind::Lost && array_key_exists($of, $boxOf)) {
                $lost[$of] = (int) $event->value;
            } elseif ($event->kind->counts()) {
                $counted[$event->kind->value][$of] = (int) $event->value;
            } elseif (in_array($event->kind, [EventKind::Loaded, EventKind::Off], true)) {
                $seen[$event->kind->value][$of] = true;
            }
            if ($event->kind === EventKind::Count) {
                $lostBefore[$of] = self::lostOf($of, $boxOf, $lost);
            }
        }
        $boxes = [];
        foreach ($brief->boxes as $box) {
            $in = $brief->in($box);
            if ($in !== []) {
                $boxes[] = new BoxCount(
                    box: $box,
                    planned: self::heads($in),
                    in: $counted[EventKind::Count->value][$box->id] ?? null,
                    home: $counted[EventKind::Home->value][$box->id] ?? null,
                    held: $counted[EventKind::Held->value][$box->id] ?? null,
                    lost: self::lostOf($box->id, $boxOf, $lost),
                    lostBefore: $lostBefore[$box->id] ?? 0,
                    isLoaded: isset($seen[EventKind::Loaded->value][$box->id]),
                    isOff: isset($seen[EventKind::Off->value][$box->id]),
                );
            }
        }

        return new self($boxes, $lost, self::heads($brief->animals), $hasUnloaded);
    }

    /** @param  list<Animal>  $animals */
    private static function heads(array $animals): int
    {
        return array_sum(array_map(fn (Animal $a): int => $a->count, $animals));
    }

    /**
     * @param  array<string, string|null>  $boxOf
     * @param  array<string, int>  $lost
     */
    private static function lostOf(string $box, array $boxOf, array $lost): int
    {
        $ofIt = array_filter($lost, fn (string $animal): bool => ($boxOf[$animal] ?? null) === $box, ARRAY_FILTER_USE_KEY);

        return array_sum($ofIt);
    }

    /** Somebody has begun to count. */
    public function isBegun(): bool
    {
        return array_filter($this->boxes, fn (BoxCount $b): bool => $b->in !== null || $b->isEmptied()) !== [];
    }

    /** Every box is counted in, and nobody who was to go is left behind unsigned. */
    public function areAllIn(): bool
    {
        $uncounted = array_filter($this->boxes, fn (BoxCount $b): bool => $b->in === null);

        return $this->boxes !== [] && $uncounted === [] && $this->planned <= $this->boxed();
    }

    /** Every box that animals ride in was seen on the truck and off it. */
    public function areAllOff(): bool
    {
        return $this->boxes !== [] && array_filter($this->boxes, fn (BoxCount $b): bool => ! $b->isLoaded || ! $b->isOff) === [];
    }

    /** Somebody has said which boxes are on the truck. */
    public function isLoading(): bool
    {
        return array_filter($this->boxes, fn (BoxCount $b): bool => $b->isLoaded || $b->isOff) !== [];
    }

    /** In the holding by what was counted there. */
    public function held(): int
    {
        return array_sum(array_map(fn (BoxCount $b): int => $b->held ?? 0, $this->boxes));
    }

    /** As many as before the first net: those planned, or those found. */
    public function all(): int
    {
        return max($this->planned, $this->boxed());
    }

    /**
     * Neither in their new water nor signed for; null: nobody has counted.
     *
     * @param  bool  $isHoldingEmpty  who was held came home, counted
     */
    public function notHome(bool $isHoldingEmpty): ?int
    {
        if (! $this->isBegun()) {
            return $this->planned === 0 || $isHoldingEmpty ? 0 : null;
        }
        $home = array_sum(array_map(fn (BoxCount $b): int => $b->home ?? 0, $this->boxes));

        return max(0, $this->all() - $home - ($isHoldingEmpty ? $this->held() : 0) - array_sum($this->lost));
    }

    /** Counted into boxes, or signed for before. */
    private function boxed(): int
    {
        return array_sum(array_map(fn (BoxCount $b): int => $b->in === null ? 0 : $b->in + $b->lostBefore, $this->boxes));
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $counted = array_filter($this->boxes, fn (BoxCount $b): bool => $b->in !== null);
        $isShort = array_sum(array_map(fn (BoxCount $b): int => $b->short(), $counted)) > 0;
        $found = [];
        foreach ($this->boxes as $box) {
            array_push($found, ...self::in($box, $isShort), ...self::out($box));
            if ($this->hasUnloaded && $box->isLoaded && ! $box->isOff) {
                $found[] = self::say(
                    $box,
                    Severity::Fix,
                    'move-count-off',
                    [Phrase::BoxIsNotSeenOff, Phrase::ABoxLeftOnTheTruckIsNobodys, Phrase::LookOnTheTruck],
                );
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function in(BoxCount $box, bool $isShort): array
    {
        return match (true) {
            $box->in === null && ($box->isLoaded || $box->isEmptied()) => [self::say(
                $box,
                Severity::Fix,
                'move-count-none',
                [Phrase::BoxIsNotCounted, Phrase::WhatIsNotCountedIsNotMissed, Phrase::CountItThroughTheLid],
            )],
            $box->in !== null && $isShort && $box->short() > 0 => [self::say(
                $box,
                Severity::Fix,
                'move-count-in',
                [Phrase::BoxHasFewerThanMeant, Phrase::TheyAreSomewhereStill, Phrase::LookThereCountAgainOrSign],
            )],
            $box->in !== null && $box->short() < 0 => [self::say(
                $box,
                Severity::Watch,
                'move-count-more',
                [Phrase::BoxHasMoreThanMeant, Phrase::ItsHoursAreForFewer, Phrase::SpreadThemOrMendTheList],
            )],
            default => [],
        };
    }

    /** @return list<Finding> */
    private static function out(BoxCount $box): array
    {
        $inside = $box->inside();

        return match (true) {
            ! $box->isEmptied() || $inside === null || $inside === 0 => [],
            $inside > 0 => [self::say(
                $box,
                Severity::Fix,
                'move-count-out',
                [Phrase::FewerCameOutThanWentIn, Phrase::TheyAreInItOrBesideIt, Phrase::LookThroughItOrSign],
            )],
            default => [self::say(
                $box,
                Severity::Watch,
                'move-count-wrong',
                [Phrase::MoreCameOutThanWentIn, Phrase::OneOfTheCountsIsWrong, Phrase::CountAgain],
            )],
        };
    }

    /** @param  array{Phrase, Phrase, Phrase}  $words */
    private static function say(BoxCount $box, Severity $severity, string $code, array $words): Finding
    {
        return BoxChecks::say($severity, 'M-8', $code, $words, [
            'box' => $box->box->label,
            'planned' => Quantity::of($box->planned, Kind::Count),
            'in' => Quantity::of($box->in ?? 0, Kind::Count),
            'out' => Quantity::of($box->out(), Kind::Count),
            'short' => Quantity::of(abs($box->short()), Kind::Count),
            'inside' => Quantity::of(abs($box->inside() ?? 0), Kind::Count),
            'lost' => Quantity::of($box->lost, Kind::Count),
        ], $box->box->id);
    }
}
