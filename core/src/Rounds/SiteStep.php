<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** One difference of a place from a job sheet, with its reason and perhaps a photo (P-22). */
final readonly class SiteStep
{
    /**
     * @param  int  $step  of the sheet it belongs to, counted from 0
     * @param  string  $text  what is done here; empty for a step that is left out
     */
    public function __construct(
        public int $step,
        public SiteDoes $does,
        public string $text,
        public string $why,
        public ?int $photo = null,
    ) {
    }
}
