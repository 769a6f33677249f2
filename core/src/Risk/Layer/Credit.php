<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

/** What one protection is worth against one fault. */
final readonly class Credit
{
    public function __construct(
        public Layer $layer,
        /** Null: it counts. */
        public ?Refused $refused,
        /** Chance that it fails here, kinship with the fault counted; 1 where it does not count. */
        public float $fails,
        /** @var list<string> parts it shares with the fault or another protection, "probe:p1" */
        public array $shares = [],
        /** @var list<string> kinds of parts it may share, nobody wrote down which */
        public array $mayShare = [],
    ) {
    }

    public function counts(): bool
    {
        return $this->refused === null;
    }
}
