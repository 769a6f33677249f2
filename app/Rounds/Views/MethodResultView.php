<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\Trial;
use App\Rounds\Verdict;
use App\Team\User;
use Illuminate\Support\Collection;
use Velbrin\Core\Chemistry\TrialResults;
use Velbrin\Core\Measure\Quantity;

/** One method across systems: how often it was kept, and how far the results lie apart. */
final readonly class MethodResultView
{
    /**
     * @param  list<array{systemId: int, system: string, change: float|null, text: string|null, verdict: string,
     *     words: string}>  $trials  change in the core's unit, for the drawing
     */
    private function __construct(
        public string $method,
        public ?string $parameter,
        public int $count,
        public int $kept,
        public int $dropped,
        public int $unclear,
        public ?string $mean,
        public ?string $spread,
        public ?float $meanAt,
        public array $trials,
    ) {
    }

    /** @param  Collection<int, Trial>  $same  judged trials of one method and parameter, loaded with system */
    public static function of(Collection $same, User $user): self
    {
        $first = $same->firstOrFail();
        $parameter = $first->measured();
        $show = fn (float $v): string => $parameter === null
            ? ''
            : ($v > 0 ? '+' : '').$user->units()->show(Quantity::of($v, $parameter->differenceKind()));
        $changes = array_values(
            array_filter(
                $same->map(fn (Trial $t): ?float => $t->effect === null ? null : (float) $t->effect['change'])->all(),
                is_float(...),
            ),
        );
        $results = $changes === [] ? null : TrialResults::of($changes);
        $verdicts = $same->countBy(fn (Trial $t): string => $t->verdict->value ?? '');

        return new self(
            method: $first->method,
            parameter: $parameter?->label(),
            count: $same->count(),
            kept: $verdicts->get(Verdict::Keep->value, 0),
            dropped: $verdicts->get(Verdict::Drop->value, 0),
            unclear: $verdicts->get(Verdict::Unclear->value, 0),
            mean: $results === null ? null : $show($results->mean),
            spread: $results?->spread === null ? null : ltrim($show($results->spread), '+'),
            meanAt: $results?->mean,
            trials: array_values(
                $same
                    ->map(
                        fn (Trial $t): array => [
                            'systemId' => $t->system_id,
                            'system' => (string) $t->system?->name,
                            'change' => $t->effect === null ? null : (float) $t->effect['change'],
                            'text' => $t->effect === null ? null : $show((float) $t->effect['change']),
                            'verdict' => $t->verdict->value ?? '',
                            'words' => (string) $t->verdict_words,
                        ],
                    )
                    ->all(),
            ),
        );
    }
}
