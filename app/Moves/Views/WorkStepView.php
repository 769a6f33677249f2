<?php

declare(strict_types=1);

namespace App\Moves\Views;

use App\Moves\Works\WorkMark;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Moves\Work\StepState;
use Velbrin\Core\Moves\Work\Todo;

/** One step of a work, in the units of whoever reads. */
final readonly class WorkStepView
{
    /**
     * @param  list<string>  $first  what has to be done before
     * @param  list<string>  $firstKeys  the same, by the keys of these steps
     * @param  list<WorkMarkView>  $marks
     */
    private function __construct(
        public string $key,
        public string $words,
        public ?string $caution,
        public int $visit,
        /** said, yes-no, verdict, number, count, photo, register, vessel, ripples */
        public string $proof,
        /** done, open, waits, later, refused */
        public string $state,
        public ?string $doneAt,
        /** Not before this moment. */
        public ?string $from,
        public array $first,
        public array $firstKeys,
        /** So long after these, h; 0: at once. */
        public float $holdH,
        /** What a number may be, in words; its unit as it is typed. */
        public ?string $limit,
        public ?string $unit,
        public ?string $counted,
        public array $marks,
    ) {
    }

    /** @param  list<WorkMark>  $marks  of this step, loaded with work and user */
    public static function of(StepState $state, array $marks, User $user): self
    {
        $step = $state->step;
        $units = $user->units();
        $moment = fn (?float $s): ?string => $s === null ? null : CarbonImmutable::createFromTimestamp((int) ceil($s))->toIso8601String();

        return new self(
            key: $step->todo->value,
            words: $step->todo->says()->in($units),
            caution: $step->todo->caution()?->in($units),
            visit: $step->visit,
            proof: $step->proof->value,
            state: self::state($state),
            doneAt: $moment($state->doneS),
            from: $moment($state->fromS),
            first: array_map(fn (Todo $t): string => $t->says()->in($units), $state->missing),
            firstKeys: array_map(fn (Todo $t): string => $t->value, $state->missing),
            holdH: $step->holdH,
            limit: $step->limit()?->in($units),
            unit: $step->unit?->value,
            counted: $step->wanted === null ? null : sprintf(
                '%s of %s',
                $units->show(Quantity::of($state->counted, Kind::Count)),
                $units->show(Quantity::of($step->wanted, Kind::Count)),
            ),
            marks: array_map(fn (WorkMark $m): WorkMarkView => WorkMarkView::of($m, $step, $user), $marks),
        );
    }

    private static function state(StepState $state): string
    {
        return match (true) {
            $state->doneS !== null => 'done',
            $state->isRefused => 'refused',
            $state->isOpen((float) now()->getTimestamp()) => 'open',
            $state->missing === [] => 'waits',
            default => 'later',
        };
    }
}
