<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\FieldError;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Light\LightSurvey;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** Everything a build can say, ready to be painted: the same for a plan and for a running system. */
final readonly class AnswersView
{
    /**
     * @param  list<FigureView>  $figures
     * @param  list<FindingView>  $findings
     * @param  list<OpenCheckView>  $open  what cannot be called Fine yet
     * @param  array<string, string>  $errors  by field
     * @param  array<string, list<string>>  $waiting  labels of the answers that wait, by the label of the fact
     * @param  list<FrameView>  $powerCut
     * @param  list<FrameView>  $cloggedCut
     * @param  list<LightMapView>  $light  at five depths; empty while no lamp is given
     * @param  list<string>  $metered  what each reading of the meter is beside the prediction
     * @param  list<DrilledPaneView>  $panes  drilled ones; empty while no hole is given
     * @param  list<HoleView>  $proposedHoles
     * @param  list<PackingView>  $cabinet  compartment by compartment, the one with the sump first; empty while nothing is listed
     * @param  list<WayThroughView>  $ways  in, and out where the finished place is another
     * @param  array<int, array{words: string, bad: bool}>  $cableWays  how full each is, by row
     * @param  list<array{0: float, 1: float}>  $outline  the display’s inside from above, mm; empty while its sizes are missing
     * @param  list<HeaterCellView>  $heaterMap  number by watts; empty while it cannot be drawn
     */
    private function __construct(
        public array $figures,
        public array $findings,
        public array $open,
        public array $errors,
        public array $waiting,
        public ?SectionView $section,
        public array $powerCut,
        public array $cloggedCut,
        public array $heaterMap,
        public array $light,
        public array $metered,
        public ?DayPlanView $day,
        public ?PumpChartView $pump,
        public array $panes,
        public array $proposedHoles,
        public array $cabinet,
        public array $ways,
        public ?BoardView $board,
        public array $cableWays,
        public ?PowerTreeView $power,
        public array $outline,
    ) {
    }

    /** @param  bool  $withLight  the lines of light are dear to draw, and only a plan shows them */
    public static function of(PlanAnswers $answers, Units $units, bool $withLight = true): self
    {
        $errors = $waiting = [];
        foreach ($answers->errors as $error) {
            $errors[$error->field] = self::error($error, $units);
        }
        foreach ($answers->waiting() as $field => $labels) {
            $waiting[FigureView::fieldLabel($field)] = array_values(
                array_unique([...$waiting[FigureView::fieldLabel($field)] ?? [], ...$labels]),
            );
        }
        $section = $answers->section;

        return new self(
            figures: array_map(fn (Figure $f): FigureView => FigureView::of($f, $units), array_values($answers->figures)),
            findings: FindingView::all($answers->findings, $units),
            open: OpenCheckView::all($answers->open, $units),
            errors: $errors,
            waiting: $waiting,
            section: $section === null ? null : SectionView::of($section, $units),
            powerCut: $section === null ? [] : FrameView::all($answers->powerCut, $section, $units),
            cloggedCut: $section === null ? [] : FrameView::all($answers->cloggedCut, $section, $units),
            heaterMap: $answers->heating === null
                ? []
                : HeaterCellView::all($answers->heating->sets, $answers->heating->chosen, $units),
            light: $withLight ? LightMapView::all($answers->light, $units) : [],
            metered: self::metered($answers->lightSurvey, $units),
            day: $answers->day === null ? null : DayPlanView::of($answers->day, $units),
            pump: $answers->pump === null ? null : PumpChartView::of($answers->pump, $units),
            panes: DrilledPaneView::all($answers->holes, $units),
            proposedHoles: array_map(HoleView::proposed(...), $answers->proposedHoles),
            cabinet: PackingView::all($answers->cabinet),
            ways: WayThroughView::all($answers->ways, $units),
            board: $answers->board === null ? null : BoardView::of($answers->board),
            cableWays: self::cableWays($answers, $units),
            power: $answers->power === null ? null : PowerTreeView::of($answers->power, $units),
            outline: array_map(fn (array $p): array => [round($p[0], 1), round($p[1], 1)], $answers->outline),
        );
    }

    public function withoutFindings(): self
    {
        return new self(
            figures: $this->figures,
            findings: [],
            open: [],
            errors: [],
            waiting: [],
            section: $this->section,
            powerCut: $this->powerCut,
            cloggedCut: $this->cloggedCut,
            heaterMap: $this->heaterMap,
            light: $this->light,
            metered: $this->metered,
            day: $this->day,
            pump: $this->pump,
            panes: $this->panes,
            proposedHoles: [],
            cabinet: $this->cabinet,
            ways: [],
            board: $this->board,
            cableWays: $this->cableWays,
            power: $this->power,
            outline: $this->outline,
        );
    }

    /** @return array<int, array{words: string, bad: bool}> */
    private static function cableWays(PlanAnswers $answers, Units $units): array
    {
        $ways = [];
        foreach ($answers->cableWays->ways ?? [] as $way) {
            $ways[$way['row']] = [
                'words' => 'filled by '.$units->show(Quantity::of($way['fillPct'], Kind::Percent)),
                'bad' => $way['isOver'],
            ];
        }

        return $ways;
    }

    /** @return list<string> */
    private static function metered(?LightSurvey $survey, Units $units): array
    {
        return $survey === null
            ? []
            : array_map(
                fn (float $predicted, float $read): string => sprintf(
                    '%s predicted, %+d %%',
                    $units->show(Quantity::of($predicted, Kind::Par)),
                    $predicted > 0 ? (int) round(100 * ($read / $predicted - 1)) : 0,
                ),
                $survey->predicted,
                $survey->measured,
            );
    }

    private static function error(FieldError $error, Units $units): string
    {
        if ($error->least !== null && $error->most !== null) {
            return 'This cannot be. Allowed: '.
                $units->show($error->least).
                ' to '.
                $units->show($error->most).
                '.';
        }

        $said = $error->said?->in($units) ?? $error->message;
        $allows = $error->allows?->in($units) ?? $error->allowed;

        return ucfirst($allows === '' ? $said : "must be {$allows}").'.';
    }
}
