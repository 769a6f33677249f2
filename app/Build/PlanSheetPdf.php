<?php

declare(strict_types=1);

namespace App\Build;

use Dompdf\Dompdf;
use Dompdf\Options;
use Velbrin\Core\Build\Plan as CorePlan;
use Velbrin\Core\Build\PlanBrief;
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
        $answers = CorePlan::answer(PlanBrief::read($version->brief));
        $section = $answers->section;
        $drawing = $section === null ? null : 'data:image/svg+xml;base64,'.base64_encode(SectionSvg::paint($section, $units));
        $findings = array_values(array_filter($answers->findings, fn (Finding $f): bool => ! $forClient || in_array($f->severity, [Severity::Stop, Severity::Fix], true)));
        $html = view('build.plan-sheet', [
            'version' => $version, 'plan' => $version->plan, 'site' => $version->plan?->site, 'units' => $units, 'answers' => $answers, 'findings' => $findings,
            'drawing' => $drawing, 'ratio' => $section === null ? 1 : $section->heightMm / ($section->widthMm * (1 + 2 * SectionSvg::MARGIN)), 'forClient' => $forClient,
        ])->render();
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setIsJavascriptEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setTempDir(storage_path('framework/cache'));
        $options->setFontCache(self::fontCache());
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();
        $font = (string) $pdf->getFontMetrics()->getFont('DejaVu Sans');
        $pdf->getCanvas()->page_text(500, 812, 'page {PAGE_NUM} of {PAGE_COUNT}', $font, 7, [0.34, 0.39, 0.42]);

        return (string) $pdf->output();
    }

    private static function fontCache(): string
    {
        $dir = storage_path('framework/cache/fonts');
        if (! is_dir($dir)) {
            mkdir($dir, 0775, true);
        }

        return $dir;
    }
}
