<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Brief\MoveKind;
use Velbrin\Core\Moves\Brief\PackingLine;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\EventKind;
use Velbrin\Core\Moves\Day\HeadCount;
use Velbrin\Core\Moves\Day\KitCount;

/**
 * How far a move has come, one after the other; closed, it has settled when its tank has. A day that is promised too early takes it no
 * further (M-1).
 */
enum MoveState: string
{
    case Draft = 'draft';
    case Surveyed = 'surveyed';
    case HoldingProved = 'holding-proved';
    case Dated = 'dated';
    case Packed = 'packed';
    case UnderWay = 'under-way';
    case AnimalsSafe = 'animals-safe';
    case Standing = 'standing';
    case Closed = 'closed';
    case Settled = 'settled';
    /** A gate said no: the animals stay in the holding. */
    case PlanB = 'plan-b';

    private const PLAN_B = 'plan-b';

    public function label(): string
    {
        return match ($this) {
            self::Draft => 'draft',
            self::Surveyed => 'surveyed',
            self::HoldingProved => 'holding proved',
            self::Dated => 'day promised',
            self::Packed => 'packed',
            self::UnderWay => 'under way',
            self::AnimalsSafe => 'animals safe',
            self::Standing => 'standing',
            self::Closed => 'closed',
            self::Settled => 'settled',
            self::PlanB => 'plan B: in the holding',
        };
    }

    /** @return list<self> those a move of that kind comes through, in their order */
    public static function way(MoveKind $kind): array
    {
        $left = match (true) {
            $kind === MoveKind::Removal => [self::Standing, self::Settled, self::PlanB],
            $kind->drives() => [self::PlanB],
            default => [self::Surveyed, self::PlanB],
        };

        return array_values(array_filter(self::cases(), fn (self $s): bool => ! in_array($s, $left, true)));
    }

    /**
     * @param  list<Event>  $events  what was said on the day
     * @param  list<PackingLine>  $kit  what goes along
     * @param  bool  $isDated  a day is promised
     */
    public static function of(MoveBrief $brief, array $events, array $kit, bool $isDated): self
    {
        $isStep = fn (Event $e): bool => in_array($e->kind, [EventKind::Began, EventKind::Done], true);
        $said = array_filter($events, $isStep);
        $done = array_map(fn (Event $e): ?string => $e->of, array_filter($said, fn (Event $e): bool => $e->kind === EventKind::Done));
        $isHome = $brief->animals === [] || in_array('animals', $done, true);
        if ($isHome && in_array('leak', $done, true)) {
            return self::Standing;
        }
        if (self::isHeldBack($events)) {
            return self::PlanB;
        }
        if ($said !== []) {
            return in_array('animals', $done, true) || self::areSafe($brief, $events) ? self::AnimalsSafe : self::UnderWay;
        }

        return self::before($brief, KitCount::of($events), $kit, $isDated);
    }

    /** @param  list<PackingLine>  $kit */
    private static function before(MoveBrief $brief, KitCount $count, array $kit, bool $isDated): self
    {
        $isPacked = $kit !== [] && array_filter($kit, fn (PackingLine $l): bool => ! isset($count->taken[$l->code])) === [];

        return match (true) {
            $brief->kind->drives() && ! $brief->ticks->has('surveyed') => self::Draft,
            // Where nobody has listed an animal, nobody knows that none rides.
            ! $brief->isHoldingProved() => $brief->kind->drives() ? self::Surveyed : self::Draft,
            ! $isDated => self::HoldingProved,
            $isPacked => self::Packed,
            default => self::Dated,
        };
    }

    /**
     * Each box is counted empty, and nobody is missing: home, or in the holding.
     *
     * @param  list<Event>  $events
     */
    private static function areSafe(MoveBrief $brief, array $events): bool
    {
        $heads = HeadCount::of($brief, $events);

        return $heads->isBegun() && $heads->notHome(isHoldingEmpty: true) === 0;
    }

    /** @param  list<Event>  $events */
    private static function isHeldBack(array $events): bool
    {
        usort($events, fn (Event $a, Event $b): int => [$a->atMin, $a->id] <=> [$b->atMin, $b->id]);
        $last = null;
        foreach ($events as $event) {
            $last = $event->kind === EventKind::Gate ? $event->words : $last;
        }

        return $last === self::PLAN_B;
    }
}
