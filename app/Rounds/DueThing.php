<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use Velbrin\Core\Rounds\KeepsClear;
use Velbrin\Core\Rounds\VisitJob;
use Velbrin\Core\Rounds\Window;

/** Something that asks for somebody at a place: a task that recurs, or a later, a look, a job asked for once. */
final readonly class DueThing
{
    public function __construct(
        public int $siteId,
        public int $systemId,
        public ?int $taskId,
        public ?int $followUpId,
        public int $typeId,
        /** Of the kind of job, as the library names it. */
        public string $typeKey,
        /** In the words it was asked for; null: the kind of job says it. */
        public ?string $title,
        public ?string $turn,
        /** In whole days. */
        public Window $window,
        public VisitJob $job,
        public ?float $litres,
        /** How long it leaves the water disturbed; null: it does not. */
        public ?float $disturbsH = null,
        /** @var list<KeepsClear> days it keeps off */
        public array $clear = [],
    ) {
    }

    /**
     * The same in another window: its load follows.
     *
     * @param  list<KeepsClear>  $clear
     */
    public function within(Window $window, array $clear): self
    {
        $job = new VisitJob(
            minutes: $this->job->minutes,
            window: $window,
            changeL: $this->job->changeL,
            bringsWater: $this->job->bringsWater,
            hoseLh: $this->job->hoseLh,
            kg: $this->job->kg,
            persons: $this->job->persons,
            skill: $this->job->skill,
        );

        return new self(
            siteId: $this->siteId,
            systemId: $this->systemId,
            taskId: $this->taskId,
            followUpId: $this->followUpId,
            typeId: $this->typeId,
            typeKey: $this->typeKey,
            title: $this->title,
            turn: $this->turn,
            window: $window,
            job: $job,
            litres: $this->litres,
            disturbsH: $this->disturbsH,
            clear: $clear,
        );
    }

    public function keepsOff(float $day): bool
    {
        foreach ($this->clear as $event) {
            if ($event->forbids($day)) {
                return true;
            }
        }

        return false;
    }

    /** One thing, wherever it stands. */
    public function key(): string
    {
        return $this->taskId === null ? "f{$this->followUpId}" : "t{$this->taskId}";
    }

    /** @return array<string, mixed> a row of visit_tasks */
    public function row(): array
    {
        $on = fn (float $day): string => Days::date((int) $day)->toDateString();

        return [
            'system_id' => $this->systemId,
            'task_id' => $this->taskId,
            'follow_up_id' => $this->followUpId,
            'task_type_id' => $this->typeId,
            'title' => $this->title,
            'turn' => $this->turn,
            'minutes' => $this->job->minutes,
            'litres' => $this->litres,
            'kg' => $this->job->kg,
            'disturbs_h' => $this->disturbsH,
            'persons' => $this->job->persons,
            'skill' => $this->job->skill,
            'reason' => $this->litres === null ? null : 'routine',
            'steps' => [],
            'earliest_on' => $on($this->window->earliestDay),
            'due_on' => $on($this->window->dueDay),
            'latest_on' => $on($this->window->latestDay),
        ];
    }
}
