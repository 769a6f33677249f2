<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** One line of a job as it is worked at a place. */
final readonly class SheetStep
{
    public function __construct(
        public string $text,
        /** The sheet's own words, where the place differs; empty for a step the sheet does not have. */
        public ?string $was = null,
        public ?string $why = null,
        public ?int $photo = null,
        /** The product this step opens. */
        public ?int $product = null,
        /** Not done here. */
        public bool $left = false,
        /** Its step is gone from the sheet: somebody must look where it belongs now. */
        public bool $adrift = false,
        /** Must be ticked before the job counts as done. */
        public bool $hold = false,
    ) {
    }
}
