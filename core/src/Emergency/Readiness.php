<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Risk\Hazard;

/** The share of hazards for which what is needed is within reach in less time than the harm takes (E-1). Not known is not served. */
final readonly class Readiness
{
    /**
     * @param  list<Hazard>  $served
     * @param  list<Hazard>  $unserved
     */
    private function __construct(
        public float $share,
        /** The same by yearly loss; null: nobody has said what is at stake. */
        public ?float $shareByLoss,
        public array $served,
        public array $unserved,
    ) {
    }

    /**
     * @param  array<string, float|null>  $harmH  hours to harm by hazard; null: it does none and is left out
     * @param  list<Need>  $needs
     * @param  array<string, float>  $lossOf  yearly, by hazard
     */
    public static function of(array $harmH, array $needs, array $lossOf = []): self
    {
        $served = $unserved = [];
        $all = $covered = 0.0;
        foreach ($harmH as $code => $hours) {
            $hazard = Hazard::tryFrom((string) $code);
            $mine = $hazard === null ? [] : array_filter($needs, fn (Need $n): bool => in_array($hazard, $n->serves, true));
            if ($hazard === null || $hours === null || $mine === []) {
                continue;
            }
            $late = array_filter($mine, fn (Need $n): bool => ! $n->servesIn($hours));
            $all += $lossOf[$code] ?? 0.0;
            if ($late === []) {
                $served[] = $hazard;
                $covered += $lossOf[$code] ?? 0.0;
            } else {
                $unserved[] = $hazard;
            }
        }
        $count = count($served) + count($unserved);

        return new self(
            share: $count === 0 ? 0.0 : count($served) / $count,
            shareByLoss: $all > 0 ? $covered / $all : null,
            served: $served,
            unserved: $unserved,
        );
    }
}
