<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Answered;
use App\Build\PlanVersion;
use App\Build\SectionSvg;
use App\House\BoardSvg;
use App\House\Paper;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Trade;
use Velbrin\Core\Build\TradeSheet;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** A dated sheet for another trade; what changed since the version before is marked (B-74). */
final class TradeSheetController
{
    public function __invoke(PlanVersion $version, Trade $trade, #[CurrentUser] User $user): Response
    {
        $version->load('plan.site.client');
        Gate::authorize('view', $version);
        abort_unless($user->isStaff(), 403);
        $units = $user->units();
        $answers = Answered::of($version)->answers();
        $before = PlanVersion::query()
            ->where('plan_id', $version->plan_id)
            ->where('number', '<', $version->number)
            ->orderByDesc('number')
            ->first();
        [$drawing, $ratio] = $this->drawing($trade, $answers, $units);

        return response(
            Paper::pdf('build.trade', [
                'version' => $version,
                'trade' => $trade,
                'before' => $before?->number,
                'lines' => $this->lines($trade, $version, $before, $units),
                'drawing' => $drawing === null ? null : 'data:image/svg+xml;base64,'.base64_encode($drawing),
                'ratio' => $ratio,
            ]),
            200,
            [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => 'inline; filename="'.
                    Str::slug($version->plan->name ?? 'plan').
                    "-v{$version->number}-{$trade->value}.pdf\"",
            ],
        );
    }

    /** @return array{0: string|null, 1: float} what helps this trade to see, and its height by its width */
    private function drawing(Trade $trade, PlanAnswers $answers, Units $units): array
    {
        if ($trade === Trade::Electrician) {
            return $answers->board === null
                ? [null, 1.0]
                : [BoardSvg::paint($answers->board), $answers->board->heightMm / $answers->board->widthMm];
        }
        $section = $answers->section;

        return $section === null
            ? [null, 1.0]
            : [
                SectionSvg::paint($section, $units),
                $section->heightMm / ($section->widthMm * (1 + 2 * SectionSvg::MARGIN)),
            ];
    }

    /** @return list<array{label: string, value: string|null, was: string|null, changed: bool}> */
    private function lines(Trade $trade, PlanVersion $version, ?PlanVersion $before, Units $units): array
    {
        $now = $this->shown($trade, $version, $units);
        $then = $before === null ? null : $this->shown($trade, $before, $units);

        return array_map(
            fn (string $key, array $line): array => [
                ...$line,
                'was' => $then[$key]['value'] ?? null,
                'changed' => $then !== null && ($then[$key]['value'] ?? null) !== $line['value'],
            ],
            array_keys($now),
            $now,
        );
    }

    /** @return array<string, array{label: string, value: string|null}> */
    private function shown(Trade $trade, PlanVersion $version, Units $units): array
    {
        $brief = PlanBrief::read($version->brief);

        return array_map(
            fn (array $l): array => [
                'label' => $l['label'],
                'value' => $l['value'] instanceof Quantity ? $units->show($l['value']) : $l['value'],
            ],
            TradeSheet::lines($trade, $brief, Answered::of($version)->answers()),
        );
    }
}
