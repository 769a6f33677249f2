<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

/** One critical function: what carries it, what stands behind it, whether it survives any single loss (R-46). */
final readonly class FunctionRow
{
    /**
     * @param  list<string>  $primary  names of what carries it
     * @param  bool|null  $survives  any one thing gone on the worst day; null: facts are missing
     * @param  list<string>  $breaks  what alone takes it away
     * @param  list<string>  $detects  alarms that see it
     */
    public function __construct(
        public CriticalFunction $function,
        public array $primary,
        public Backup $backup,
        public ?bool $survives,
        public array $breaks,
        public array $detects,
        public ?float $harmH,
        public ?float $helpH,
        /** Years since anything that carries or backs it was proved; null: never. */
        public ?float $provenYears,
    ) {
    }
}
