<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/** Whether animals stay in the tank or go into boxes, by numbers (E-9). Null in: nobody knows; that is never a reason to stay. */
final readonly class StayOrGo
{
    private function __construct(
        /** True: go; false: stay; null: a number is missing. */
        public ?bool $go,
        /** Which of the three decides, or is missing: tank, boxes, catch. */
        public string $by,
    ) {
    }

    /**
     * @param  float|null  $tankH  hours in hand in the tank
     * @param  float|null  $restoreH  until the tank is right again
     * @param  float|null  $boxesH  what the boxes hold: air, warmth, ammonia
     * @param  float|null  $catchH  until all are caught and boxed
     * @param  float|null  $nextPlaceH  until they can be moved on; null: nowhere to go
     */
    public static function of(
        ?float $tankH,
        ?float $restoreH,
        ?float $boxesH,
        ?float $catchH,
        ?float $nextPlaceH = null,
    ): self {
        if ($tankH === null) {
            // It never harms them.
            return new self(false, 'tank');
        }
        if ($restoreH !== null && $tankH >= $restoreH) {
            return new self(false, 'tank');
        }
        if ($boxesH === null) {
            return new self(null, 'boxes');
        }
        if ($catchH === null) {
            return new self(null, 'catch');
        }
        $needed = array_filter([$restoreH, $nextPlaceH], fn (?float $h): bool => $h !== null);
        if ($needed === []) {
            return new self(null, 'restore');
        }

        return match (true) {
            $boxesH < min($needed) => new self(false, 'boxes'),
            $catchH >= $tankH => new self(false, 'catch'),
            default => new self(true, 'tank'),
        };
    }

    public function words(): string
    {
        return match ([$this->go, $this->by]) {
            [true, 'tank'] => 'Take them out: the tank does not last until it is right again, the boxes do, '.
                'and there is time to catch them.',
            [false, 'tank'] => 'They stay: the tank lasts until it is right again.',
            [false, 'boxes'] => 'They stay: the boxes would not last until the tank is right again or they can be moved on.',
            [false, 'catch'] => 'They stay: catching them takes longer than the tank lasts.',
            [null, 'boxes'] => 'Say how long the boxes hold.',
            [null, 'catch'] => 'Say how long catching takes.',
            default => 'Say when the tank is right again, or where else they can go.',
        };
    }
}
