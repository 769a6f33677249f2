<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** An alarm of a set-up: on a value, or on an act of a guard. */
final readonly class AlarmOf
{
    /**
     * @param  string|null  $probe  the value it watches
     * @param  string|null  $act  the guard whose act it tells
     * @param  int  $calls  persons it reaches, one after the other
     * @param  float|null  $testedDaysAgo  null: never
     */
    public function __construct(
        public string $id,
        public ?string $probe,
        public ?string $act,
        public ?float $low,
        public ?float $high,
        public int $calls,
        public ?float $testedDaysAgo,
    ) {
    }
}
