<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\FieldError;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Measure\Units;

/** Everything a build can say, ready to be painted: the same for a plan and for a running system. */
final readonly class AnswersView
{
    /**
     * @param  list<FigureView>  $figures
     * @param  list<FindingView>  $findings
     * @param  array<string, string>  $errors  by field
     * @param  array<string, list<string>>  $waiting  labels of the answers that wait, by the label of the fact
     * @param  list<FrameView>  $powerCut
     * @param  list<FrameView>  $cloggedCut
     */
    private function __construct(
        public array $figures,
        public array $findings,
        public array $errors,
        public array $waiting,
        public ?SectionView $section,
        public array $powerCut,
        public array $cloggedCut,
    ) {
    }

    public static function of(PlanAnswers $answers, Units $units): self
    {
        $errors = $waiting = [];
        foreach ($answers->errors as $error) {
            $errors[$error->field] = self::error($error, $units);
        }
        foreach ($answers->waiting() as $field => $labels) {
            $waiting[FigureView::fieldLabel($field)] = array_values(array_unique([...$waiting[FigureView::fieldLabel($field)] ?? [], ...$labels]));
        }
        $section = $answers->section;

        return new self(
            array_map(fn (Figure $f): FigureView => FigureView::of($f, $units), array_values($answers->figures)),
            FindingView::all($answers->findings, $units), $errors, $waiting,
            $section === null ? null : SectionView::of($section, $units),
            $section === null ? [] : FrameView::all($answers->powerCut, $section, $units),
            $section === null ? [] : FrameView::all($answers->cloggedCut, $section, $units),
        );
    }

    public function withoutFindings(): self
    {
        return new self($this->figures, [], [], [], $this->section, $this->powerCut, $this->cloggedCut);
    }

    private static function error(FieldError $error, Units $units): string
    {
        if ($error->least !== null && $error->most !== null) {
            return 'This cannot be. Allowed: '.$units->show($error->least).' to '.$units->show($error->most).'.';
        }

        return ucfirst($error->allowed === '' ? $error->message : 'must be '.$error->allowed).'.';
    }
}
