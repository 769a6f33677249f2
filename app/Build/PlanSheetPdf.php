<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Paper;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** A version on paper: drawing, answers, findings, what to confirm locally. */
final class PlanSheetPdf
{
    /**
     * @param  bool  $forClient  the client edition: every open point about people, the building or a risk they carry, in plain words;
     *                           the internal one holds all findings
     */
    public static function of(PlanVersion $version, Units $units, bool $forClient): string
    {
        $answered = Answered::of($version);
        $answers = $answered->answers();
        $section = $answers->section;
        $drawing =
            $section === null
                ? null
                : 'data:image/svg+xml;base64,'.base64_encode(SectionSvg::paint($section, $units));
        $findings = array_values(
            array_filter(
                $answers->findings,
                fn (Finding $f): bool => ! $forClient || in_array($f->severity, [Severity::Stop, Severity::Fix], true),
            ),
        );

        return Paper::pdf('build.plan-sheet', [
            'version' => $version,
            'plan' => $version->plan,
            'site' => $version->plan?->site,
            'units' => $units,
            'answers' => $answers,
            'how' => $answered->how,
            'arithmetic' => $answered->coreVersion,
            'findings' => $findings,
            'drawing' => $drawing,
            'ratio' => $section === null ? 1 : $section->heightMm / ($section->widthMm * (1 + 2 * SectionSvg::MARGIN)),
            'forClient' => $forClient,
        ]);
    }
}
