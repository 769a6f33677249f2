<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Views\FindingView;
use App\Systems\Views\LogLineView;
use App\Systems\Views\NoteView;
use App\Systems\Views\ParameterView;

/** A system as it is met at a visit: what differs first, then the work. */
final readonly class VisitSystemView
{
    /**
     * @param  list<NoteView>  $notes
     * @param  list<LogLineView>  $changes  since our last visit
     * @param  list<FollowUpView>  $carried
     * @param  list<OffView>  $offs
     * @param  list<VisitTaskView>  $tasks
     * @param  list<ParameterView>  $readings
     * @param  list<ParameterView>  $others  what may be read too, but is not followed here
     * @param  list<string>  $ripples
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $volume,
        public ?string $isolated,
        public ?string $settling,
        public array $notes,
        public array $changes,
        public array $carried,
        public array $offs,
        public array $tasks,
        public array $readings,
        public array $others,
        public array $ripples,
        public ?AmmoniaTableView $ammonia,
        /** What the last reading of ammonia asks for, until a re-test. */
        public ?FindingView $ammoniaStands,
        /** @var list<string> not before a day, because of a job that was done */
        public array $locks,
        /** @var list<LiftedView> */
        public array $lifted,
        /** Null: no sand job today. */
        public ?SandView $sand,
    ) {
    }
}
