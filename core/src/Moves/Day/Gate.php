<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Day;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\Ticks;

/** A point at which a move goes on, or does not (M-8): what is asked there, and what speaks against it. */
final readonly class Gate
{
    private const LABELS = [
        'G0' => 'A date is promised',
        'G1' => 'The evening before',
        'G2' => 'Before the fish come out',
        'G3' => 'Before leaving',
        'G4' => 'On arrival',
        'G5' => 'Before filling',
        'G6' => 'Before animals go in',
    ];

    /** Findings that keep a gate shut, by where they stand in the way. */
    private const STOPPED_BY = [
        'G0' => [
            'move-no-animals',
            'move-holding',
            'move-plan-b',
            'move-verdict',
            'move-piece-heavy',
            'truck-payload',
            'truck-no-place',
            'truck-axle',
            'truck-steers',
            'move-drivers',
        ],
        'G1' => ['move-no-course', 'move-cold', 'move-box-weather', 'move-box-unknown', 'move-no-box'],
        'G2' => [
            'move-no-animals',
            'move-no-course',
            'move-box-unknown',
            'move-box-weather',
            'move-no-box',
            'move-end-missed',
            'move-clock-runs-out',
            'move-box-temperature',
            'move-box-small',
            'move-not-alone',
            'move-box-heavy',
        ],
        'G3' => ['move-count-in', 'move-count-none'],
        'G4' => ['move-count-off'],
        'G5' => ['move-old-acrylic'],
        'G6' => [],
    ];

    /** Where nothing rides, nobody leaves and nobody arrives. */
    private const OF_THE_ROAD = ['G3', 'G4'];

    /** The step each stands before, where it is one of the day. */
    public const BEFORE = ['G2' => 'fish', 'G3' => 'drive', 'G4' => 'unload', 'G5' => 'fill', 'G6' => 'animals'];

    /**
     * @param  list<array{key: string, label: string, isSo: bool}>  $asked
     * @param  list<Finding>  $against
     */
    private function __construct(public string $key, public string $label, public array $asked, public array $against)
    {
    }

    /**
     * What was counted goes before what was ticked.
     *
     * @param  HeadCount|null  $heads  of the day; null: it has not begun
     * @return list<self> in their order
     */
    public static function all(MoveAnswers $answers, ?HeadCount $heads = null): array
    {
        $gates = [];
        $counted = [
            'counted' => $heads?->isBegun() === true ? $heads->areAllIn() : null,
            'countedOff' => $heads?->isLoading() === true ? $heads->areAllOff() : null,
        ];
        $findings = [...$answers->findings, ...($heads?->findings() ?? [])];
        foreach (self::LABELS as $key => $label) {
            if (! $answers->brief->kind->drives() && in_array($key, self::OF_THE_ROAD, true)) {
                continue;
            }
            $asked = [];
            foreach (Ticks::ASKED[$key] as $name => $question) {
                $asked[] = ['key' => $name, 'label' => $question, 'isSo' => $counted[$name] ?? $answers->brief->ticks->has($name)];
            }
            $against = array_filter($findings, fn (Finding $f): bool => in_array($f->code, self::STOPPED_BY[$key], true)
                && in_array($f->severity, [Severity::Stop, Severity::Fix], true));
            $gates[] = new self($key, $label, $asked, array_values($against));
        }

        return $gates;
    }

    /** Nothing is open, and nothing speaks against it. */
    public function isOpen(): bool
    {
        return $this->against === [] && array_filter($this->asked, fn (array $a): bool => ! $a['isSo']) === [];
    }
}
