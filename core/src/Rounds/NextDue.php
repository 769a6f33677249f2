<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** The first of a task’s triggers to ask for it (S-48). */
final readonly class NextDue
{
    private function __construct(public Window $window, public Trigger $by)
    {
    }

    /**
     * @param  list<Trigger>  $triggers
     * @return self|null null: nothing asks for it now
     */
    public static function of(array $triggers, TaskFacts $facts): ?self
    {
        $first = null;
        foreach ($triggers as $trigger) {
            $window = $trigger->window($facts);
            if ($window !== null && ($first === null || $window->dueDay < $first->window->dueDay)) {
                $first = new self($window, $trigger);
            }
        }

        return $first;
    }

    /** @param  list<Trigger>  $triggers */
    public static function isOver(array $triggers, TaskFacts $facts): bool
    {
        foreach ($triggers as $trigger) {
            if (! $trigger->isOver($facts)) {
                return false;
            }
        }

        return $triggers !== [];
    }
}
