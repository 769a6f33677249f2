<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** A kind of job (S-1): how often, how long, with whom, in which steps, with which cautions. */
final readonly class TaskType
{
    /**
     * @param  list<string>  $steps
     * @param  list<string>  $cautions  shown at the step where the hand is
     * @param  list<OffWhile>  $off
     * @param  list<string>  $readings  parameters to read
     * @param  list<string>  $turns
     * @param  list<string>  $tools
     * @param  list<string>  $materials
     */
    public function __construct(
        public string $key,
        public string $name,
        public float $everyDays,
        public float $minutes,
        public array $steps,
        public array $cautions = [],
        public array $off = [],
        public array $readings = [],
        public int $persons = 1,
        public ?string $skill = null,
        public array $turns = [],
        /** Leaves the water cloudy or the animals upset: told beforehand, looked at again next day (X-12). */
        public bool $messy = false,
        public ?float $latestDays = null,
        /** Done once, while a system is built. */
        public bool $build = false,
        /** Stage of the course of work it belongs to; null: wherever it is needed. */
        public ?string $stage = null,
        public string $purpose = '',
        public string $whenNot = '',
        public array $tools = [],
        public array $materials = [],
        /** What shows that it is done: a photo, a reading. */
        public string $proof = '',
        /** What is written down. */
        public string $record = '',
        /**
         * Steps, counted from 0, that must be ticked before the job counts as done: what cannot be undone comes after them (X-42).
         *
         * @var list<int>
         */
        public array $holds = [],
        /** How it looks is kept before the first step (S-49). */
        public bool $photoFirst = false,
    ) {
    }
}
