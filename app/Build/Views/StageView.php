<?php

declare(strict_types=1);

namespace App\Build\Views;

use Carbon\CarbonImmutable;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\Stages;
use Velbrin\Core\Measure\OutOfRange;

/** One stage on the course of work, in days from its start. */
final readonly class StageView
{
    /** @param  list<string>  $cautions */
    private function __construct(public string $key, public string $label, public float $hours, public int $persons, public float $begins, public float $stands, public string $earliestOn, public string $proof, public array $cautions, public string $waits, public bool $mayBeWaived)
    {
    }

    /** @return list<self> empty while the plan cannot say */
    public static function all(PlanBrief $brief, CarbonImmutable $from): array
    {
        try {
            $stages = Stages::of(Facts::of($brief));
        } catch (Missing|OutOfRange) {
            return [];
        }
        $course = Stages::course($stages);

        return array_map(fn (Stage $s): self => new self(
            $s->key, $s->label, $s->hours, $s->persons, $course[$s->key][0], $course[$s->key][1], $from->addDays((int) ceil($course[$s->key][1]))->toDateString(), $s->proof, $s->cautions,
            $s->waitDays > 0 ? sprintf('%d days: %s', (int) ceil($s->waitDays), $s->waitsFor) : '', $s->mayBeWaived,
        ), $stages);
    }
}
