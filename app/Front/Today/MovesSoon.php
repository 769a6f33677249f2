<?php

declare(strict_types=1);

namespace App\Front\Today;

use App\Front\Views\TodayGroupView;
use App\Front\Views\TodayLineView;
use App\House\Days;
use App\Moves\Move;
use App\Team\User;
use Velbrin\Core\Measure\Severity;

/** Moves of today and the days before them: to whoever comes, and to the office. */
final class MovesSoon
{
    /** So many days ahead the evening before, the water and the packing are near. */
    private const AHEAD_DAYS = 7;

    /** @return list<TodayGroupView> none when no move is near */
    public static function groups(User $user): array
    {
        $moves = Move::query()
            ->current()
            ->whereNull('closed_at')
            ->whereBetween('on', [Days::text(), Days::text(self::AHEAD_DAYS)])
            ->when(! $user->plans(), fn ($q) => $q->whereHas('hands', fn ($h) => $h->whereKey($user->id)))
            ->with('from', 'to')
            ->orderBy('on')
            ->limit(10)
            ->get();

        return $moves->isEmpty() ? [] : [
            new TodayGroupView('Moves', '', array_values($moves->map(fn (Move $m): TodayLineView => self::line($m, $user))->all())),
        ];
    }

    private static function line(Move $move, User $user): TodayLineView
    {
        $days = $move->on === null ? 0 : Days::number($move->on) - Days::number(Days::today());
        $where = $move->from?->name.($move->to === null ? '' : " to {$move->to->name}");

        return new TodayLineView(
            "{$move->name}: {$where}",
            match ($days) {
                0 => 'Today.',
                1 => 'Tomorrow: forecast, water measured, keys, boxes counted.',
                default => "In {$days} days.",
            },
            $days === 0 && ! $user->plans() ? "/moves/{$move->id}/go" : "/moves/{$move->id}",
            $days === 0 ? Severity::Watch->value : 'none',
        );
    }
}
