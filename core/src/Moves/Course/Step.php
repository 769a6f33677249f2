<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * A step of a move: how long, how many hands, what it uses, what stands before it. Whole minutes from the beginning of the day’s
 * work.
 */
final readonly class Step
{
    private const LONGEST_MIN = 2880;

    private const MOST_PERSONS = 20;

    /**
     * @param  list<string>  $skills  each of them by somebody of those who do it; or somebody by name
     * @param  list<string>  $uses  truck, hose, aid, lift
     * @param  list<Need>  $needs
     * @param  int|null  $fromMin  not begun before
     * @param  int|null  $toMin  not done later
     * @param  float|null  $dropCost  what it costs to leave it for another day; null: it is never left
     * @param  string  $becomes  what is owed then
     * @param  bool  $isForAll  takes everybody who is there then: nobody is left behind
     * @param  bool  $isRest  a break: as long at any pace
     *
     * @throws OutOfRange
     */
    public function __construct(
        public string $id,
        public int $minutes,
        public int $persons = 1,
        public array $skills = [],
        public array $uses = [],
        public array $needs = [],
        public ?int $fromMin = null,
        public ?int $toMin = null,
        public string $label = '',
        public ?float $dropCost = null,
        public string $becomes = '',
        public bool $isForAll = false,
        public bool $isRest = false,
    ) {
        Guard::within("{$id}.minutes", $minutes, 0, self::LONGEST_MIN);
        Guard::within("{$id}.persons", $persons, 0, self::MOST_PERSONS);
    }

    /** @param  list<Need>  $needs */
    public function needing(array $needs): self
    {
        return new self(
            id: $this->id,
            minutes: $this->minutes,
            persons: $this->persons,
            skills: $this->skills,
            uses: $this->uses,
            needs: $needs,
            fromMin: $this->fromMin,
            toMin: $this->toMin,
            label: $this->label,
            dropCost: $this->dropCost,
            becomes: $this->becomes,
            isForAll: $this->isForAll,
            isRest: $this->isRest,
        );
    }
}
