<?php

declare(strict_types=1);

namespace App\House;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A4 from a view: nothing fetched, nothing run, pages numbered. */
final class Paper
{
    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $data
     */
    public static function pdf(string $view, array $data): string
    {
        $options = new Options();
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setIsJavascriptEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setTempDir(storage_path('framework/cache'));
        $options->setFontCache(self::fontCache());
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml(view($view, $data)->render(), 'UTF-8');
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
