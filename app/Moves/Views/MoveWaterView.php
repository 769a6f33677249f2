<?php

declare(strict_types=1);

namespace App\Moves\Views;

use Velbrin\Core\Moves\Acclimation;
use Velbrin\Core\Moves\HoldingCare;
use Velbrin\Core\Moves\WaterJump;

/** What animals meet: the jump of each parameter, minutes to bring them over, what the holding asks for. */
final readonly class MoveWaterView
{
    /** @param  list<array{parameter: string, after: float, jump: float, isOver: bool, freshMost: float|null}>  $jumps */
    private function __construct(
        public array $jumps,
        public ?float $acclimationMin,
        public bool $isStraight,
        public ?float $holdingHours,
        public ?float $holdingChangePercent,
    ) {
    }

    public static function of(?WaterJump $jump, ?Acclimation $way, ?HoldingCare $holding): self
    {
        $jumps = [];
        foreach ($jump->jump ?? [] as $parameter => $by) {
            $jumps[] = [
                'parameter' => $parameter,
                'after' => $jump->after[$parameter] ?? 0.0,
                'jump' => $by,
                'isOver' => in_array($parameter, $jump->over ?? [], true),
                'freshMost' => $jump->freshMost[$parameter] ?? null,
            ];
        }

        return new self(
            jumps: $jumps,
            acclimationMin: $way?->minutes,
            isStraight: $way->isStraight ?? false,
            holdingHours: $holding === null || is_infinite($holding->hoursToMost) ? null : $holding->hoursToMost,
            holdingChangePercent: $holding === null ? null : 100 * $holding->changeShare,
        );
    }
}
