<?php

declare(strict_types=1);

namespace App\Reports;

use App\Build\SectionSvg;
use App\Clients\Attachment;
use App\House\Paper;
use App\Reports\Views\ReportView;
use App\Systems\System;
use App\Systems\SystemFindings;
use Illuminate\Support\Facades\Storage;
use Velbrin\Core\Measure\Units;

/** The report on paper: a photo of the visit, or else the first system's section. */
final class ReportPdf
{
    public static function of(Report $report, Units $units): string
    {
        $view = ReportView::of($report, $units);

        return Paper::pdf('reports.report', ['view' => $view, ...self::picture($report, $view, $units)]);
    }

    /** @return array{picture: string|null, ratio: float, drawn: bool} */
    private static function picture(Report $report, ReportView $view, Units $units): array
    {
        $photo = $report->photo;
        if ($photo instanceof Attachment && Storage::disk('local')->exists($photo->path)) {
            $bytes = (string) Storage::disk('local')->get($photo->path);
            $size = @getimagesizefromstring($bytes);
            if ($size !== false && $size[0] > 0) {
                return [
                    'picture' => "data:{$photo->mime};base64,".base64_encode($bytes),
                    'ratio' => $size[1] / $size[0],
                    'drawn' => false,
                ];
            }
        }
        $system = System::query()
            ->with('vessels')
            ->whereKey($view->systems[0]->id ?? 0)
            ->first();
        $section = $system === null ? null : SystemFindings::answers($system)->section;

        return $section === null
            ? ['picture' => null, 'ratio' => 1.0, 'drawn' => true]
            : [
                'picture' => 'data:image/svg+xml;base64,'.base64_encode(SectionSvg::paint($section, $units)),
                'ratio' => $section->heightMm / ($section->widthMm * (1 + 2 * SectionSvg::MARGIN)),
                'drawn' => true,
            ];
    }
}
