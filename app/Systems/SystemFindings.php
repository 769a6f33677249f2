<?php

declare(strict_types=1);

namespace App\Systems;

use App\Systems\Views\SystemLineView;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingFinding;
use Velbrin\Core\Control\ChangesCalendar;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Control\Makeshift;
use Velbrin\Core\Control\Replacement;
use Velbrin\Core\Control\StandIn;
use Velbrin\Core\Control\SurveyAge;
use Velbrin\Core\Measure\Finding;

/** What stands in the margin of a system: its build, its readings, the age of its devices. */
final class SystemFindings
{
    public static function answers(System $system): PlanAnswers
    {
        return Plan::answer(SystemBrief::running($system));
    }

    /** @return list<Finding> readings that are out of their band or about to leave it */
    public static function readings(System $system): array
    {
        $ammonia = AmmoniaWatch::of($system);
        $asks = $ammonia?->judged->asksToAct() === true;
        $findings = $asks ? [$ammonia->finding] : [];
        foreach ($system->judgements as $j) {
            if ($asks && $j->parameter === Parameter::Ammonia) {
                continue;
            }
            $findings[] = ReadingFinding::of(
                parameter: $j->parameter,
                latest: $j->latest,
                standing: $j->standing,
                slopePerDay: $j->slope_per_day,
                steady: $j->steady,
                daysToLeave: SystemLineView::days($j),
                ratePerDay: Band::for($system, $j->parameter)?->rate_per_day,
                band: Band::for($system, $j->parameter)?->limits(),
            );
        }

        foreach ($system->products as $product) {
            foreach ($product->inputs() as $input) {
                $j = StoredJudgement::for($system, $input->parameter);
                $findings[] =
                    $j === null
                        ? null
                        : $input->against($j->standing, $j->slope_per_day, $j->steady, SystemLineView::days($j));
            }
        }

        return Finding::sorted(array_values(array_filter($findings)));
    }

    /** @return list<Finding> changes that came too close on each other */
    public static function changes(System $system): array
    {
        $entries = $system
            ->logEntries()
            ->where('kind', 'change')
            ->where('happened_at', '>', now()->subDays(3 * (int) ChangesCalendar::SETTLES_DAYS))
            ->orderBy('happened_at')
            ->limit(30)
            ->get(['text', 'happened_at']);

        return ChangesCalendar::findings(
            array_values(
                $entries
                    ->map(fn (LogEntry $e): array => ['day' => (float) Judge::day($e->happened_at), 'text' => $e->text])
                    ->all(),
            ),
            (float) Judge::day(now()),
        );
    }

    /** @return list<Finding> devices past their life or about to age out, surveys that no longer hold */
    public static function ages(System $system): array
    {
        $findings = [];
        foreach ($system->items as $item) {
            $months = $item->life_months ?? $item->job->lifeMonths();
            if ($item->retired_at === null && $item->installed_on !== null && $months !== null) {
                $findings[] = Replacement::of(Judge::day($item->installed_on), $months, Judge::day(now()))->finding(
                    $item->name,
                    $item->installed_precision !== 'day',
                );
            }
        }

        foreach ($system->items as $item) {
            if ($item->retired_at === null && $item->temporary_until !== null) {
                $findings[] = Makeshift::finding(
                    $item->name,
                    (string) $item->temporary_why,
                    Judge::day($item->temporary_until),
                    Judge::day(now()),
                );
            }
        }
        foreach ($system->items as $item) {
            if ($item->retired_at === null && $item->away_since !== null) {
                $findings[] = StandIn::finding(
                    item: $item->name,
                    standIn: $item->away_instead,
                    guards: Installed::Mounted->leavesUnprotected($item->job),
                    everyDays: $item->away_hand_days,
                    doneDay: $item->away_hand_on === null ? null : Judge::day($item->away_hand_on),
                    nowDay: Judge::day(now()),
                );
            }
        }
        foreach ([['light', $system->light_read_on], ['flow', $system->flow_read_on]] as [$what, $on]) {
            $findings[] = $on === null ? null : SurveyAge::finding($what, Judge::day($on), Judge::day(now()));
        }

        return Finding::sorted(array_values(array_filter($findings)));
    }
}
