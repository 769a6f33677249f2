<?php

declare(strict_types=1);

namespace App\Reports;

use App\Alerts\Alarm;
use App\Alerts\AlarmCall;
use App\Build\Answered;
use App\Build\PlanVersion;
use App\Build\SectionSvg;
use App\House\BoardSvg;
use App\House\Days;
use App\House\Paper;
use App\House\Views\DayPlanView;
use App\Rounds\Task;
use App\Rounds\TaskTriggers;
use App\Systems\Band;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Systems\SystemFindings;
use Carbon\CarbonImmutable;
use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\FirstDays;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** What the client keeps beside the tank: drawing, volumes, plugs, limits, what to do when, whom to call, the first ninety days (B-73). */
final readonly class Handover
{
    /** Answers a client reads, in order. */
    private const FIGURES = [
        'displayNetL',
        'systemL',
        'massKg',
        'runningBelowRimMm',
        'downL',
        'spareL',
        'leakL',
        'evaporationLd',
        'topOffDays',
        'heaters',
        'energyKwh',
    ];

    public static function pdf(System $system, Units $units): string
    {
        $system->load([
            'vessels',
            'site.client',
            'room',
            'keeper',
            'bands',
            'items' => fn ($q) => $q->whereNull('retired_at')->orderBy('id'),
        ]);
        $answers = self::asAccepted($system) ?? SystemFindings::answers($system);
        $section = $answers->section;

        return Paper::pdf('reports.handover', [
            'system' => $system,
            'figures' => self::figures($answers, $units),
            'items' => $system->items,
            'bands' => self::bands($system, $units),
            'when' => WhatToDoWhen::of($system, $answers, $units),
            'alarms' => Alarm::query()
                ->where('system_id', $system->id)
                ->current()
                ->with('calls.user')
                ->orderBy('id')
                ->get()
                ->map(
                    fn (Alarm $a): array => [
                        'name' => $a->name,
                        'tested' => $a->tested_on?->format('j M Y'),
                        'calls' => $a->calls
                            ->map(fn (AlarmCall $c): string => trim("{$c->user?->name} {$c->user?->phone}"))
                            ->all(),
                    ],
                )
                ->all(),
            'tasks' => Task::query()
                ->where('system_id', $system->id)
                ->whereNull('ended_at')
                ->with('type')
                ->orderBy('every_days')
                ->get()
                ->map(
                    fn (Task $t): array => [
                        'name' => (string) $t->type?->name,
                        'every' => implode('; ', [
                            ...$t->every_days === null ? [] : [$units->show(Quantity::of($t->every_days, Kind::Days))],
                            ...TaskTriggers::words($t),
                        ]),
                    ],
                )
                ->all(),
            'board' => $answers->board === null
                    ? null
                    : 'data:image/svg+xml;base64,'.base64_encode(BoardSvg::paint($answers->board)),
            'programme' => self::programme($system, $answers, $units),
            'first' => self::firstDays($system),
            'accepted' => AcceptedWith::of($system),
            'drawing' => $section === null
                    ? null
                    : 'data:image/svg+xml;base64,'.base64_encode(SectionSvg::paint($section, $units)),
            'ratio' => $section === null ? 1 : $section->heightMm / ($section->widthMm * (1 + 2 * SectionSvg::MARGIN)),
        ]);
    }

    /** While the record says what was accepted, in every fact, its answers are those of that day. */
    private static function asAccepted(System $system): ?PlanAnswers
    {
        $version = PlanVersion::query()->find($system->plan_version_id);
        if ($version === null) {
            return null;
        }
        $accepted = Answered::of($version)->answers();
        $facts = Comparison::of(PlanBrief::read($version->brief), $accepted, SystemBrief::running($system), $accepted)->facts;

        return $facts === [] ? $accepted : null;
    }

    /**
     * What it is set to: the water's warmth and each channel's day.
     *
     * @return list<array{label: string, value: string}>
     */
    private static function programme(System $system, PlanAnswers $answers, Units $units): array
    {
        $set = SystemBrief::read($system)->values[PlanField::SetpointC->value] ?? null;
        $lines = is_float($set)
            ? [['label' => 'Heating holds', 'value' => $units->show(Quantity::of($set, Kind::Temperature))]]
            : [];
        foreach ($answers->day === null ? [] : DayPlanView::of($answers->day, $units)->channels as $channel) {
            $lines[] = ['label' => 'Light, '.$channel['name'], 'value' => $channel['says']];
        }

        return $lines;
    }

    /** @return list<array{label: string, value: string}> */
    private static function figures(PlanAnswers $answers, Units $units): array
    {
        $lines = [];
        foreach (self::FIGURES as $key) {
            $figure = $answers->figure($key);
            $value = $figure?->quantity === null ? $figure?->word : $units->show($figure->quantity);
            if ($figure !== null && $value !== null) {
                $lines[] = ['label' => $figure->label, 'value' => $value];
            }
        }

        return $lines;
    }

    /** @return list<array{label: string, fine: string, act: string}> */
    private static function bands(System $system, Units $units): array
    {
        $range = function (Band $band, ?float $low, ?float $high) use ($units): string {
            $show = fn (float $v): string => $units->show(Quantity::of($v, $band->parameter->kind()));

            return match (true) {
                $low !== null && $high !== null => "{$show($low)} to {$show($high)}",
                $low !== null => "from {$show($low)}",
                $high !== null => "up to {$show($high)}",
                default => '',
            };
        };

        return array_values(
            $system->bands
                ->where('tracked', true)
                ->map(
                    fn (Band $b): array => [
                        'label' => $b->parameter->label(),
                        'fine' => $range($b, $b->fine_low, $b->fine_high),
                        'act' => $range($b, $b->act_low, $b->act_high),
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array{on: string, words: string}> nothing once they are over */
    private static function firstDays(System $system): array
    {
        $start = $system->started_on;
        $steps = $start === null ? [] : FirstDays::of((float) (Days::number(Days::today()) - Days::number($start)));
        if ($start === null || $steps === []) {
            return [];
        }
        $lines = array_map(
            fn (int $day, string $words): array => ['on' => $start->addDays($day)->format('j M'), 'words' => $words],
            array_keys($steps),
            $steps,
        );
        if ($system->settling_until !== null && $system->settling_until->isFuture()) {
            $lines[] = [
                'on' => CarbonImmutable::parse($system->settling_until)->format('j M'),
                'words' => 'Until here it settles: limits are wide, and nothing delicate moves in.',
            ];
        }

        return $lines;
    }
}
