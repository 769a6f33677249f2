<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Grounds;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Something bought for a stage: when it was promised, whether it came, and came whole (B-75). Days of any one count. */
final readonly class Delivery
{
    public function __construct(
        public string $what,
        public string $stage,
        public int $promisedDay,
        public ?int $receivedDay = null,
        public bool $isWhole = true,
    ) {
    }

    /**
     * Days from today before which each stage cannot begin. What is late holds its stage from today on, for as long as it stays out.
     *
     * @param  list<self>  $deliveries
     * @return array<string, float> by stage
     */
    public static function holds(array $deliveries, int $today): array
    {
        $holds = [];
        foreach ($deliveries as $d) {
            if ($d->isOut()) {
                $holds[$d->stage] = max($holds[$d->stage] ?? 0.0, (float) max(0, $d->promisedDay - $today));
            }
        }

        return $holds;
    }

    /**
     * @param  list<self>  $deliveries
     * @param  array<string, string>  $labels  of stages, by key
     * @return list<Finding>
     */
    public static function findings(array $deliveries, array $labels, int $today): array
    {
        $findings = [];
        foreach ($deliveries as $d) {
            $parts = [
                'what' => ucfirst($d->what),
                'days' => Quantity::of($today - $d->promisedDay, Kind::Days),
                'stage' => $labels[$d->stage] ?? $d->stage,
            ];
            if ($d->receivedDay !== null && ! $d->isWhole) {
                $findings[] = Finding::of(
                    Severity::Fix,
                    'B-75',
                    'orders',
                    Sentence::of(Phrase::CameWrongOrIncomplete, $parts),
                    Sentence::of(Phrase::WaitsForIt, $parts),
                    Sentence::of(Phrase::HaveItCompleted),
                    Grounds::plain(Basis::Measured),
                );
            } elseif ($d->receivedDay === null && $d->promisedDay < $today) {
                $findings[] = Finding::of(
                    Severity::Fix,
                    'B-75',
                    'orders',
                    Sentence::of(Phrase::IsLate, $parts),
                    Sentence::of(Phrase::WaitsForItAnd, $parts),
                    Sentence::of(Phrase::AskTheSupplier),
                    Grounds::plain(Basis::Measured),
                );
            }
        }

        return $findings;
    }

    /** Not here, or not whole. */
    public function isOut(): bool
    {
        return $this->receivedDay === null || ! $this->isWhole;
    }
}
