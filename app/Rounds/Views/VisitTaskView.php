<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\ChangeReader;
use App\Rounds\Entries\Offs;
use App\Rounds\VisitTask;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Rounds\OffWhile;
use Velbrin\Core\Water\ChangeMethod;

/** One job of a visit, step by step, with the caution where the hand is. */
final readonly class VisitTaskView
{
    /**
     * @param  list<StepView>  $steps
     * @param  list<int>  $ticked
     * @param  list<string>  $cautions
     * @param  list<OffNeedView>  $off
     * @param  list<string>  $readings
     * @param  list<MethodView>  $methods
     * @param  list<string>  $waterWords  limits and rates of a change, in sentences
     */
    private function __construct(
        public int $id,
        public int $systemId,
        public string $key,
        public string $name,
        /** All it was asked for in, where its name says only how it begins. */
        public ?string $asked,
        public ?string $turn,
        public string $state,
        public array $steps,
        public array $ticked,
        public array $cautions,
        public array $off,
        public array $readings,
        public bool $messy,
        /** How it looks is kept before the first step. */
        public bool $photoFirst,
        /** It is: a photo, or the reason why there is none; null: not yet. */
        public ?string $before,
        public ?string $note,
        public ?float $litres,
        public ?string $litresText,
        public ?float $outL,
        public ?float $inL,
        public ?string $reason,
        public array $methods,
        public array $waterWords,
        /** "version 3 of 2 Nov 2026" */
        public string $sheet,
        /** The phone’s own number of a job it added. */
        public ?string $uuid,
        /** @var list<string> charges of media: what is exchanged now, what stays */
        public array $charges,
    ) {
    }

    /**
     * The task is loaded with type; the system with judgements, vessels and items.
     *
     * @param  list<string>  $jobs  of the devices that run there
     * @param  list<StepView>  $steps
     * @param  list<string>  $charges
     */
    public static function of(
        VisitTask $task,
        System $system,
        array $jobs,
        User $user,
        array $steps,
        array $charges = [],
    ): self {
        $type = $task->type;
        $units = $user->units();
        $change = $type?->key === 'change';
        $words = fn (mixed $list): array => is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
        $off = [];
        foreach ($words($type?->off) as $job) {
            $why = OffWhile::tryFrom($job);
            if ($why !== null && in_array($job, $jobs, true)) {
                $off[] = new OffNeedView(Offs::name($job), $why->why());
            }
        }

        return new self(
            id: $task->id,
            systemId: $task->system_id,
            key: (string) $type?->key,
            name: $task->name(),
            asked: self::asked($task),
            turn: $task->turn,
            state: $task->state,
            steps: $steps,
            ticked: array_values(array_filter($task->steps, is_int(...))),
            cautions: $words($task->sheet['cautions'] ?? $type?->cautions),
            off: $off,
            readings: $words($type?->readings),
            messy: $type?->messy === true,
            photoFirst: $type?->photo_first === true,
            before: $task->before_photo === null ? $task->before_because : 'a photo',
            note: $task->note,
            litres: $task->litres,
            litresText: $task->litres === null ? null : $units->show(Quantity::of($task->litres, Kind::Volume)),
            outL: $task->out_l,
            inL: $task->in_l,
            reason: $task->reason,
            methods: ! $change || $task->litres === null
                ? []
                : array_map(
                    fn (ChangeMethod $m): MethodView => MethodView::of($m, $units),
                    ChangeReader::methods($system, $task->litres),
                ),
            waterWords: ! $change || $task->litres === null ? [] : ChangeWords::of($system, $task->litres, $units),
            sheet: self::sheet($task),
            uuid: $task->client_uuid,
            charges: $charges,
        );
    }

    private static function asked(VisitTask $task): ?string
    {
        $asked = $task->followUp?->text;
        $begins = rtrim($task->name(), '…');

        return $asked !== null && $asked !== $begins && str_starts_with($asked, $begins) ? $asked : null;
    }

    private static function sheet(VisitTask $task): string
    {
        $kept = $task->sheet;
        $on = $kept === null ? $task->type?->getAttributes()['version_on'] ?? null : $kept['on'];

        return 'version '.
            ($kept['version'] ?? ($task->type->version ?? 1)).
            (is_string($on) ? ' of '.CarbonImmutable::parse($on)->format('j M Y') : '').
            ($kept === null ? '' : ', kept with this visit');
    }
}
