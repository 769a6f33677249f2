<?php

declare(strict_types=1);

namespace App\Front\Today;

use App\Front\Views\TodayGroupView;
use App\Front\Views\TodayLineView;
use App\Systems\AmmoniaWatch;
use App\Systems\System;
use App\Team\User;
use Velbrin\Core\Measure\Severity;

/** Water that harms animals now: first on the day of everybody who can act, until a re-test is lower (C-59). */
final class HarmNow
{
    private const SHOWN = 12;

    /** @return list<TodayGroupView> none when nothing stands */
    public static function groups(User $user): array
    {
        $systems = System::query()
            ->current()
            ->where('ammonia_severity', Severity::Stop->value)
            ->where(fn ($q) => $q->whereNull('has_animals')->orWhere('has_animals', true))
            ->with(['bands', 'site'])
            ->orderByDesc('ammonia_at')
            ->limit(self::SHOWN)
            ->get();
        if ($systems->isEmpty()) {
            return [];
        }
        $line = fn (System $s): TodayLineView => new TodayLineView(
            "{$s->name}, {$s->site?->name}",
            AmmoniaWatch::judged($s)?->finding->what->in($user->units()).', read '.$s->ammonia_at?->diffForHumans(),
            "/systems/{$s->id}",
            Severity::Stop->value,
        );

        return [new TodayGroupView('Stop: ammonia burns', '', array_values($systems->map($line)->all()))];
    }
}
