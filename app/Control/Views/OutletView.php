<?php

declare(strict_types=1);

namespace App\Control\Views;

/** An outlet on the wiring: what is plugged in, what it does, where its work goes. */
final readonly class OutletView
{
    /**
     * @param  list<string>  $manners  times, delays, pauses, in sentences
     * @param  list<string>  $guards
     */
    public function __construct(
        public int $id,
        public string $key,
        public string $name,
        public string $place,
        /** What is plugged in, in words; null: nothing. */
        public ?string $load,
        public ?string $job,
        public ?string $watts,
        public string $does,
        public string $lost,
        public ?float $lostLevel,
        public array $manners,
        public array $guards,
        /** The water its device works in, by its key among the waters; null: none. */
        public ?string $into,
        public bool $isLabelled,
        public bool $isSet,
        public ?string $wrong,
        /** The worst that stands against it. */
        public ?string $mark,
        /** How far it is installed, where animals rely on it and nobody has tested it. */
        public ?string $notProved,
    ) {
    }
}
