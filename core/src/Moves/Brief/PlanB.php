<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** What happens when it does not go on: how long animals stay, who has agreed to that and when, and the day kept beside it (M-1). */
final readonly class PlanB
{
    /**
     * @param  float|null  $days  in the holding
     * @param  string|null  $agreedBy  whoever speaks for the animals
     * @param  string|null  $agreedOn  a date
     * @param  string|null  $otherDay  a date, should weather or a crack keep it from going
     * @param  array<string, string>  $stops  what is done if a Stop is still one on the day, by the key of its finding
     */
    public function __construct(
        public ?float $days,
        public ?string $agreedBy,
        public ?string $agreedOn,
        public ?string $otherDay,
        public array $stops = [],
    ) {
    }

    /** @return list<string> what nobody has said of the agreement */
    public function lacks(): array
    {
        return array_keys(array_filter([
            'how many days in the holding' => $this->days === null,
            'who agreed' => $this->agreedBy === null,
            'when' => $this->agreedOn === null,
        ]));
    }
}
