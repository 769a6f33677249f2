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
            $walk->symptom->value,
            $walk->symptom->label(),
            $given,
            array_map(
                fn (array $t): array => ['way' => $t['way']->label(), 'ask' => $t['ask'], 'answer' => $t['answer']],
                $walk->trail,
            ),
            $check?->way->label(),
            $check?->ask,
            $check?->how,
            $check === null ? $cause?->caution : $check->caution,
            $check === null ? [] : array_map(strval(...), array_keys($check->answers)),
            $cause?->says,
            $cause?->part,
            $cause?->follow,
            $cause === null ? null : Days::today()->addDays($cause->days)->toDateString(),
            $check !== null && in_array($check->way->value, ['power', 'swap'], true),
        );
    }
}
