<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\JobSheets;
use App\Rounds\SiteStep;
use App\Rounds\TaskType;
use Illuminate\Support\Collection;
use Velbrin\Core\Rounds\SheetStep;

/** A job as worked at one place, and the differences it is made of. */
final readonly class SiteJobView
{
    /**
     * @param  list<string>  $sheet  the company's own steps
     * @param  list<StepView>  $steps
     * @param  list<array{id: int, text: string, why: string, by: string, on: string}>  $own
     */
    private function __construct(
        public int $typeId,
        public string $name,
        public int $version,
        public array $sheet,
        public array $steps,
        public array $own,
    ) {
    }

    /** @param  Collection<int, SiteStep>  $own  loaded with user */
    public static function of(TaskType $t, Collection $own): self
    {
        return new self(
            $t->id,
            $t->name,
            $t->version,
            $t->steps,
            array_map(
                fn (SheetStep $s): StepView => StepView::of($s, []),
                JobSheets::at(
                    $t->steps,
                    [],
                    $own->map(fn (SiteStep $s): object => (object) $s->getAttributes())->values(),
                ),
            ),
            array_values(
                $own
                    ->map(
                        fn (SiteStep $s): array => [
                            'id' => $s->id,
                            'text' => ($t->steps[$s->step] ?? 'a step that is gone').
                                ': '.
                                $s->does->label().
                                ($s->text === '' ? '' : ", {$s->text}"),
                            'why' => $s->why,
                            'by' => (string) $s->user?->name,
                            'on' => (string) $s->created_at?->toDateString(),
                        ],
                    )
                    ->all(),
            ),
        );
    }
}
