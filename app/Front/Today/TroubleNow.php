<?php

declare(strict_types=1);

namespace App\Front\Today;

use App\Alerts\Live\Troubles;
use App\Alerts\Views\TroubleView;
use App\Front\Views\TodayGroupView;
use App\Front\Views\TodayLineView;
use Carbon\CarbonImmutable;
use Velbrin\Core\Measure\Severity;

/** Alarms that go on or wait for an answer: before anything else on the day of whoever can answer. */
final class TroubleNow
{
    /** @return list<TodayGroupView> none when nothing stands */
    public static function groups(): array
    {
        $open = (new Troubles())->open();
        if ($open === []) {
            return [];
        }

        return [new TodayGroupView('Trouble now', '', array_map(self::line(...), $open), '/alarms', 'answer it, see who is called')];
    }

    private static function line(TroubleView $trouble): TodayLineView
    {
        $since = CarbonImmutable::parse($trouble->raisedAt)->diffForHumans();
        $next = $trouble->next === null || $trouble->nextAt === null
            ? ($trouble->answeredBy === null ? 'nobody more is called' : "{$trouble->answeredBy} has it")
            : "next call: {$trouble->next}, ".CarbonImmutable::parse($trouble->nextAt)->diffForHumans();

        return new TodayLineView(
            "{$trouble->name}: {$trouble->system}, {$trouble->site}",
            "{$trouble->words} Raised {$since}; {$next}.",
            '/alarms',
            $trouble->answeredBy === null ? Severity::Stop->value : Severity::Watch->value,
        );
    }
}
