<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use ArithmeticError;
use JsonException;
use Velbrin\Core\Measure\OutOfRange;

/** Takes questions as JSON text and gives answers as JSON text. */
final class Desk
{
    public const DIALECT = 'https://json-schema.org/draft/2020-12/schema';

    /** @var array<string, class-string<Question>> */
    public const QUESTIONS = [
        'access' => Question\AccessQuestion::class,
        'acclimation' => Question\AcclimationQuestion::class,
        'alarm-chain' => Question\AlarmChainQuestion::class,
        'battery-hours' => Question\BatteryHoursQuestion::class,
        'cabinet-fit' => Question\CabinetFitQuestion::class,
        'carry-team' => Question\CarryTeamQuestion::class,
        'change-habit' => Question\ChangeHabitQuestion::class,
        'change-plan' => Question\ChangePlanQuestion::class,
        'circuit-load' => Question\CircuitLoadQuestion::class,
        'container-hours' => Question\ContainerHoursQuestion::class,
        'cooling-container' => Question\CoolingContainerQuestion::class,
        'cooling-curve' => Question\CoolingCurveQuestion::class,
        'dead-band' => Question\DeadBandQuestion::class,
        'dosing-vessel' => Question\DosingVesselQuestion::class,
        'drain-capacity' => Question\DrainCapacityQuestion::class,
        'drain-down' => Question\DrainDownQuestion::class,
        'due-list' => Question\DueListQuestion::class,
        'evaporation' => Question\EvaporationQuestion::class,
        'failure-chance' => Question\FailureChanceQuestion::class,
        'fault-sheet' => Question\FaultSheetQuestion::class,
        'floor-load' => Question\FloorLoadQuestion::class,
        'free-ammonia' => Question\FreeAmmoniaQuestion::class,
        'grain-motion' => Question\GrainMotionQuestion::class,
        'hanging' => Question\HangingQuestion::class,
        'hazard-rates' => Question\HazardRatesQuestion::class,
        'heat-loss' => Question\HeatLossQuestion::class,
        'heater-set' => Question\HeaterSetQuestion::class,
        'holding-hours' => Question\HoldingHoursQuestion::class,
        'hole-plan' => Question\HolePlanQuestion::class,
        'hours-in-hand' => Question\HoursInHandQuestion::class,
        'hydrometer' => Question\HydrometerQuestion::class,
        'insertion-cost' => Question\InsertionCostQuestion::class,
        'judgement' => Question\JudgementQuestion::class,
        'ladder' => Question\LadderQuestion::class,
        'light-field' => Question\LightFieldQuestion::class,
        'light-survey' => Question\LightSurveyQuestion::class,
        'measures' => Question\MeasuresQuestion::class,
        'mixing' => Question\MixingQuestion::class,
        'move-timetable' => Question\MoveTimetableQuestion::class,
        'oxygen-course' => Question\OxygenCourseQuestion::class,
        'paired-dose' => Question\PairedDoseQuestion::class,
        'panel-stress' => Question\PanelStressQuestion::class,
        'ph' => Question\PhQuestion::class,
        'plan' => Question\PlanQuestion::class,
        'programme-check' => Question\ProgrammeCheckQuestion::class,
        'readiness' => Question\ReadinessQuestion::class,
        'refill' => Question\RefillQuestion::class,
        'refractometer' => Question\RefractometerQuestion::class,
        'return-flow' => Question\ReturnFlowQuestion::class,
        'return-line' => Question\ReturnLineQuestion::class,
        'rewarm' => Question\RewarmQuestion::class,
        'riser-litres' => Question\RiserLitresQuestion::class,
        'running-year' => Question\RunningYearQuestion::class,
        'salinity-correction' => Question\SalinityCorrectionQuestion::class,
        'salinity-drift' => Question\SalinityDriftQuestion::class,
        'salinity-from-conductivity' => Question\SalinityFromConductivityQuestion::class,
        'sand-to-bring' => Question\SandToBringQuestion::class,
        'seawater' => Question\SeawaterQuestion::class,
        'simulate' => Question\SimulateQuestion::class,
        'single-failures' => Question\SingleFailuresQuestion::class,
        'spares' => Question\SparesQuestion::class,
        'stage-schedule' => Question\StageScheduleQuestion::class,
        'storm' => Question\StormQuestion::class,
        'temperature-course' => Question\TemperatureCourseQuestion::class,
        'top-up' => Question\TopUpQuestion::class,
        'trial-effect' => Question\TrialEffectQuestion::class,
        'turnover' => Question\TurnoverQuestion::class,
        'vessel-volume' => Question\VesselVolumeQuestion::class,
        'volume-by-salt' => Question\VolumeBySaltQuestion::class,
        'water-change' => Question\WaterChangeQuestion::class,
        'water-day' => Question\WaterDayQuestion::class,
        'water-jump' => Question\WaterJumpQuestion::class,
        'weir-crest' => Question\WeirCrestQuestion::class,
        'weir-head' => Question\WeirHeadQuestion::class,
    ];

    /** @var array<string, array{0: Question, 1: Input}> */
    private array $open = [];

    /** @return array<string, string> names with their line */
    public static function lines(): array
    {
        return array_map(fn (string $class): string => (new $class())->line(), self::QUESTIONS);
    }

    /**
     * @return array{input: array<string, mixed>, output: array<string, mixed>}
     *
     * @throws OutOfRange
     */
    public function schema(string $name): array
    {
        [$question, $input] = $this->question($name);
        $head = ['$schema' => self::DIALECT, 'title' => $name, 'description' => $question->line()];

        return [
            'input' => [...$head, ...$input->schema()],
            'output' => [...$head, ...Input::object($question->output(), open: true)],
        ];
    }

    /** @return array{0: string, 1: bool} the answer or error as JSON, and whether it is an answer */
    public function ask(string $name, string $json): array
    {
        try {
            [$question, $input] = $this->question($name);

            return [self::answered($question, $input->read(self::decode($json))), true];
        } catch (OutOfRange $e) {
            return [self::error($e), false];
        }
    }

    /** One line of a batch: {"question": …, "input": {…}}. */
    public function line(string $json): string
    {
        try {
            $request = self::decode($json);
            foreach (array_keys($request) as $key) {
                if ($key !== 'question' && $key !== 'input') {
                    throw OutOfRange::field(
                        (string) $key,
                        Phrase::IsNotAFieldOf,
                        Phrase::OnlyQuestionInput,
                        ['key' => (string) $key],
                    );
                }
            }
            $name = $request['question'] ?? null;
            [$question, $input] = $this->question(is_string($name) ? $name : '');
            $raw = $request['input'] ?? null;
            if (! is_array($raw) || ($raw !== [] && array_is_list($raw))) {
                throw OutOfRange::field('input', Phrase::InputMustBeAJSONObject, Phrase::AJSONObject);
            }

            return self::answered($question, $input->read($raw));
        } catch (OutOfRange $e) {
            return self::error($e);
        }
    }

    /**
     * Sums that leave what a number can hold are the asker's error, never the end of the other lines.
     *
     * @throws OutOfRange
     */
    private static function answered(Question $question, Given $given): string
    {
        try {
            return self::encode($question->answer($given));
        } catch (ArithmeticError|JsonException) {
            throw OutOfRange::field(
                'input',
                Phrase::TheseNumbersLeadBeyond,
                Phrase::NumbersOfASizeThatOccurs,
            );
        }
    }

    public static function error(OutOfRange $e): string
    {
        return self::encode([
            'error' => ['field' => $e->field, 'message' => $e->getMessage(), 'allowed' => $e->allowed],
        ]);
    }

    /** @param  array<string, mixed>  $value */
    public static function encode(array $value): string
    {
        return json_encode(
            $value,
            JSON_THROW_ON_ERROR |
                JSON_UNESCAPED_UNICODE |
                JSON_UNESCAPED_SLASHES |
                JSON_PRESERVE_ZERO_FRACTION |
                JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /**
     * @return array{0: Question, 1: Input}
     *
     * @throws OutOfRange
     */
    private function question(string $name): array
    {
        if (! isset(self::QUESTIONS[$name])) {
            throw OutOfRange::field(
                'question',
                Phrase::QuestionIsNotOneThisProgram,
                Phrase::List,
                ['list' => implode(', ', array_keys(self::QUESTIONS))],
            );
        }
        if (! isset($this->open[$name])) {
            $question = new (self::QUESTIONS[$name])();
            $this->open[$name] = [$question, $question->input()];
        }

        return $this->open[$name];
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws OutOfRange
     */
    private static function decode(string $json): array
    {
        try {
            $value = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw OutOfRange::field(
                'input',
                Phrase::InputIsNotWellFormedJSON,
                Phrase::OneJSONObject,
                ['because' => $e->getMessage()],
            );
        }
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw OutOfRange::field('input', Phrase::InputMustBeAJSONObject, Phrase::OneJSONObject);
        }

        return $value;
    }
}
