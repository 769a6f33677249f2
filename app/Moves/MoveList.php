<?php

declare(strict_types=1);

namespace App\Moves;

use App\Clients\Site;
use App\House\Days;
use App\Moves\Views\MoveLineView;
use App\Moves\Views\WorkLineView;
use App\Moves\Works\Work;
use App\Team\User;
use Illuminate\Support\Facades\Cache;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\MoveState;
use Velbrin\Core\Version;

/** The moves there are, in a line each, and where a new one could go from and to. */
final class MoveList
{
    /** A line is kept so long, s. */
    private const KEPT_S = 86400;

    /** @return list<MoveLineView> what comes first, what is over last */
    public function lines(): array
    {
        $moves = Move::query()
            ->current()
            ->with(['from', 'to', 'system'])
            ->withMax('events', 'at')
            ->orderByRaw('closed_at is not null, `on` is null, `on`')
            ->limit(200)
            ->get();

        // What the last moves have taught changes how long the next ones take.
        $taught = Paces::newest();

        return array_values($moves->map(fn (Move $m): MoveLineView => $this->line($m, $taught))->all());
    }

    /** @return list<WorkLineView> changes of running systems that are under way, the oldest first */
    public function works(User $user): array
    {
        $works = Work::query()->open()->with(['system', 'vessel', 'marks'])->oldest('id')->limit(200)->get();

        return array_values($works->map(fn (Work $w): WorkLineView => WorkLineView::of($w, $user))->all());
    }

    private function line(Move $move, int $taught): MoveLineView
    {
        $sum = $move->closed_at === null
            ? Cache::remember(
                "move|{$move->id}|{$move->revision}|{$taught}|{$move->updated_at?->getTimestamp()}|".Version::NUMBER,
                self::KEPT_S,
                fn (): array => self::sum($move),
            )
            : ['worst' => null, 'stops' => 0, 'done' => null, 'state' => null];
        // What was said on the day changes no revision; until then the plan alone says how far it is.
        $isSaid = $move->closed_at !== null || $move->getAttribute('events_max_at') !== null;
        $state = $isSaid ? MoveStands::of($move) : MoveState::tryFrom((string) $sum['state']) ?? MoveState::Draft;

        return MoveLineView::of($move, $state, $sum['worst'], $sum['stops'], $sum['done']);
    }

    /**
     * In one line; worked out once for each revision.
     *
     * @return array{worst: string|null, stops: int, done: string|null, state: string|null}
     */
    private static function sum(Move $move): array
    {
        try {
            $answers = AnsweredOnce::of($move, MoveDocument::read($move));
        } catch (OutOfRange) {
            return ['worst' => null, 'stops' => 0, 'done' => null, 'state' => null];
        }

        return [
            'worst' => ($answers->findings[0]->severity ?? null)?->value,
            'stops' => count(array_filter($answers->findings, fn (Finding $f): bool => $f->severity === Severity::Stop)),
            'state' => MoveStands::of($move, $answers->brief)->value,
            'done' => $answers->day === null ? null : Days::clock($answers->brief->beginsMin + $answers->day->finishMin),
        ];
    }

    /** @return list<array{id: int, name: string}> */
    public function sites(): array
    {
        return array_values(Site::query()->current()->orderBy('name')->get(['id', 'name'])->map(
            fn (Site $s): array => ['id' => $s->id, 'name' => $s->name],
        )->all());
    }
}
