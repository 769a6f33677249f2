<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Answered;
use App\Build\PassedStage;
use App\Build\PlanVersion;
use App\Build\StageTool;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Build\Delivery;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Build\Stages;
use Velbrin\Core\Rounds\BuildJobs;

/** One stage on the course of work, in days from today, with its gate. */
final readonly class StageView
{
    /**
     * @param  list<string>  $cautions
     * @param  list<string>  $ways  by which its gate can pass
     * @param  list<string>  $tools
     * @param  list<string>  $holds  ticked before it passes
     * @param  array<string, string>  $sheets  job sheets of this stage, by key
     */
    private function __construct(
        public string $key,
        public string $label,
        public float $hours,
        public int $persons,
        public float $begins,
        /** Day its own work ends; what it waits for comes after. */
        public float $workedBy,
        public float $stands,
        public string $earliestOn,
        public string $proof,
        public array $cautions,
        public string $waits,
        public bool $mayBeWaived,
        public array $ways,
        /** proof, waiver or document, once it has passed. */
        public ?string $passedBy,
        public ?string $passedOn,
        public ?string $signedBy,
        public ?string $words,
        public ?string $document,
        public array $tools,
        public ?StageFirmView $firm,
        public array $sheets,
        public array $holds,
    ) {
    }

    /**
     * The version is loaded with passedStages, orders, consents, jointLooks and firms.
     *
     * @return list<self> empty while the plan cannot say
     */
    public static function all(Answered $answered, PlanVersion $version, CarbonImmutable $from): array
    {
        $stages = $answered->whole()->stages;
        if ($stages === []) {
            return [];
        }
        $forGates = $answered->forGates();
        /** @var Collection<string, PassedStage> $passed */
        $passed = $version->passedStages->keyBy('stage');
        $course = Stages::course(
            $stages,
            array_map(strval(...), array_keys($passed->all())),
            $version->orders->isEmpty() ? null : Delivery::holds($version->deliveries(), PassedStage::day($from)),
        );
        $waits = $version->waits() + $version->lacks();
        $tools = StageTool::lists($stages);
        $firms = $version->firms->keyBy('stage');

        return array_map(
            fn (Stage $s): self => self::one(
                stage: $s,
                days: $course[$s->key],
                ways: StageGate::ways($s, $forGates),
                passed: $passed->get($s->key),
                from: $from,
                waits: $waits[$s->key] ?? null,
                tools: $tools[$s->key],
                firm: StageFirmView::of($firms->get($s->key)),
            ),
            $stages,
        );
    }

    /**
     * @param  array{0: float, 1: float}  $days
     * @param  list<string>  $ways
     * @param  list<string>  $tools
     */
    private static function one(
        Stage $stage,
        array $days,
        array $ways,
        ?PassedStage $passed,
        CarbonImmutable $from,
        ?string $waits,
        array $tools,
        ?StageFirmView $firm,
    ): self {
        return new self(
            key: $stage->key,
            label: $stage->label,
            hours: $stage->hours,
            persons: $stage->persons,
            begins: $days[0],
            workedBy: $days[0] + $stage->hours / Stages::HOURS_A_DAY,
            stands: $days[1],
            earliestOn: $from->addDays((int) ceil($days[1]))->toDateString(),
            proof: $stage->proof,
            cautions: $stage->cautions,
            waits: $waits ??
                ($stage->waitDays > 0 ? sprintf('%d days: %s', (int) ceil($stage->waitDays), $stage->waitsFor) : ''),
            mayBeWaived: $stage->mayBeWaived,
            ways: $ways,
            passedBy: $passed?->by,
            passedOn: $passed?->passed_on->toDateString(),
            signedBy: $passed?->signed_by,
            words: $passed?->words,
            document: $passed?->attachment_id === null ? null : "/attachments/{$passed->attachment_id}",
            tools: $tools,
            firm: $firm,
            sheets: BuildJobs::at($stage->key),
            holds: $stage->holds,
        );
    }
}
