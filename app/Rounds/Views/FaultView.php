<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Days;
use Velbrin\Core\Control\FaultWalk;

/** Where a walk down a fault-finding sheet stands. */
final readonly class FaultView
{
    /**
     * @param  list<int>  $given
     * @param  list<array{way: string, ask: string, answer: string}>  $trail
     * @param  list<string>  $answers
     */
    private function __construct(
        public string $symptom,
        public string $label,
        public array $given,
        public array $trail,
        public ?string $way,
        public ?string $ask,
        public ?string $how,
        public ?string $caution,
        public array $answers,
        public ?string $cause,
        public ?string $part,
        public ?string $follow,
        public ?string $followOn,
        /** The device's watts and plugs help here. */
        public bool $power,
    ) {
    }

    /** @param  list<int>  $given */
    public static function of(FaultWalk $walk, array $given): self
    {
        [$check, $cause] = [$walk->check, $walk->cause];

        return new self(
            symptom: $walk->symptom->value,
            label: $walk->symptom->label(),
            given: $given,
            trail: array_map(
                fn (array $t): array => ['way' => $t['way']->label(), 'ask' => $t['ask'], 'answer' => $t['answer']],
                $walk->trail,
            ),
            way: $check?->way->label(),
            ask: $check?->ask,
            how: $check?->how,
            caution: $check === null ? $cause?->caution : $check->caution,
            answers: $check === null ? [] : array_map(strval(...), array_keys($check->answers)),
            cause: $cause?->says,
            part: $cause?->part,
            follow: $cause?->follow,
            followOn: $cause === null ? null : Days::today()->addDays($cause->days)->toDateString(),
            power: $check !== null && in_array($check->way->value, ['power', 'swap'], true),
        );
    }
}
