<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\OnRecord;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\HeaterBank;
use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The heaters that stand in a running system, judged as they are (B-41, R-49, R-50). The rooms are weighed already. */
final class RegisteredHeat
{
    /**
     * @throws Missing while the watts of one are not written down
     * @throws OutOfRange
     */
    public static function answer(Facts $facts, TankHeat $heat, OnRecord $record): TopicAnswer
    {
        if ($record->withoutWatts !== []) {
            throw Missing::fields(array_map(fn (string $name): string => "the watts of {$name}", $record->withoutWatts));
        }
        $bank = self::bank($facts, $heat, $record->heaters);
        $findings = $record->heaters === [] ? [self::none($facts, $heat, $record)] : self::judged($facts, $bank);

        return new TopicAnswer(self::figures($facts, $heat, $bank), $findings);
    }

    /** @param  list<Heater>  $heaters */
    private static function bank(Facts $facts, TankHeat $heat, array $heaters): HeaterBank
    {
        return HeaterBank::of(
            heat: $heat,
            heaters: $heaters,
            setpointC: $facts->number(F::SetpointC),
            coldRoomC: $facts->number(F::WinterC),
            warmRoomC: $facts->number(F::SummerC),
            backgroundW: Warmth::backgroundW($facts),
            lowerHarmC: Warmth::LOWER_HARM_C,
            upperHarmC: $facts->number(F::UpperHarmC),
        );
    }

    /** @return list<Figure> */
    private static function figures(Facts $facts, TankHeat $heat, HeaterBank $bank): array
    {
        $set = $facts->number(F::SetpointC);
        $winter = $facts->number(F::WinterC);
        $settles = $heat->coldCourse($bank->restW, $winter, $set, Warmth::LOWER_HARM_C)->settlesC ?? $winter;
        $parts = [
            'need' => Quantity::of($bank->needW, Kind::Power),
            'low' => Quantity::of(Warmth::LOWER_HARM_C, Kind::Temperature),
            'harm' => Quantity::of($facts->number(F::UpperHarmC), Kind::Temperature),
        ];
        if ($bank->heaters === []) {
            return [
                Figure::words('heaters', 'none in the register', Sentence::of('need {need}', $parts), $facts->basis()),
                Figure::number(
                    'oneOffC',
                    Quantity::of(min($set, $settles), Kind::Temperature),
                    Sentence::of('without any; harm is below {low}', $parts),
                    $facts->basis(),
                ),
                Figure::words('stuckOnH', 'nothing to stick', null, $facts->basis()),
            ];
        }

        return [
            Figure::words(
                'heaters',
                $bank->words(),
                Sentence::of('as they stand in the register; need {need}', $parts),
                $facts->basis(),
            ),
            Figure::number(
                'oneOffC',
                Quantity::of(min($set, $settles), Kind::Temperature),
                Sentence::of('harm is below {low}', $parts),
                $facts->basis(),
            ),
            $bank->stuckOnHours === null
                ? Figure::words('stuckOnH', 'never', Sentence::of('it stays below {harm}', $parts), $facts->basis())
                : Figure::number(
                    'stuckOnH',
                    Quantity::of($bank->stuckOnHours, Kind::Hours),
                    Sentence::of('from the set point to {harm} on the hottest day', $parts),
                    $facts->basis(),
                ),
        ];
    }

    private static function none(Facts $facts, TankHeat $heat, OnRecord $record): Finding
    {
        $winter = $facts->number(F::WinterC);
        $settles =
            $heat->coldCourse(0.0, $winter, $facts->number(F::SetpointC), Warmth::LOWER_HARM_C)->settlesC ?? $winter;
        $parts = [
            'settles' => Quantity::of($settles, Kind::Temperature)->apartFrom(Warmth::LOWER_HARM_C),
            'low' => Quantity::of(Warmth::LOWER_HARM_C, Kind::Temperature),
            'because' => $record->noHeater->because ?? '',
            'while' => $record->noHeater->while ?? '',
        ];
        [$severity, $what, $why, $remedy] = match (true) {
            $settles >= Warmth::LOWER_HARM_C => [
                Severity::Fine,
                'No heater: the coldest room leaves {settles}',
                'Harm is below {low}.',
                null,
            ],
            $record->noHeater === null => [
                Severity::Fix,
                'No heater, and the coldest room leaves {settles}',
                'Harm is below {low}.',
                'A heater; or the answer why none is needed, and while what holds.',
            ],
            $record->noHeater->isOverdue => [
                Severity::Fix,
                'No heater on purpose: the day to look at that again has passed',
                'It was so because {because}, while {while}. The coldest room leaves {settles}.',
                'Say whether it still holds, or fit a heater.',
            ],
            default => [
                Severity::Watch,
                'No heater, on purpose',
                'Because {because}; while {while}. Without that, the coldest room leaves {settles}.',
                'It comes back when that ends.',
            ],
        };

        return Finding::of(
            severity: $severity,
            rule: 'R-50',
            about: 'heat',
            what: Sentence::of($what, $parts),
            why: Sentence::of($why, $parts),
            remedy: $remedy === null ? null : Sentence::of($remedy),
            basis: $facts->basis(),
            working: 'lossWinterW',
        );
    }

    /** @return list<Finding> */
    private static function judged(Facts $facts, HeaterBank $bank): array
    {
        $parts = [
            'bank' => $bank->words(),
            'need' => Quantity::of($bank->needW, Kind::Power),
            'wanted' => Quantity::of(HeaterChoice::SPARE * $bank->needW, Kind::Power)->apartFrom($bank->totalW),
            'total' => Quantity::of($bank->totalW, Kind::Power)->apartFrom(HeaterChoice::SPARE * $bank->needW),
            'rest' => Quantity::of($bank->restW, Kind::Power)->apartFrom($bank->harmNeedW),
            'harmNeed' => Quantity::of($bank->harmNeedW, Kind::Power)->apartFrom($bank->restW),
            'stuck' => Quantity::of($bank->stuckW, Kind::Power),
            'hours' => Quantity::of($bank->stuckOnHours ?? 0.0, Kind::Hours)->apartFrom(HeaterChoice::STUCK_ON_HOURS),
            'asked' => Quantity::of(HeaterChoice::STUCK_ON_HOURS, Kind::Hours),
            'low' => Quantity::of(Warmth::LOWER_HARM_C, Kind::Temperature),
            'harm' => Quantity::of($facts->number(F::UpperHarmC), Kind::Temperature),
        ];
        $of = fn (Severity $severity, string $what, string $why, ?string $remedy): Finding => Finding::of(
            severity: $severity,
            rule: 'B-41',
            about: 'heat',
            what: Sentence::of($what, $parts),
            why: Sentence::of($why, $parts),
            remedy: $remedy === null ? null : Sentence::of($remedy, $parts),
            basis: $facts->basis(),
            working: 'heaters',
        );
        $together = $bank->isSwitchUnknown
            ? ' Nobody has said what switches them: on one switch they fail and stick together.'
            : '';
        $ask = $bank->isSwitchUnknown ? 'Write down at each heater what switches it; or ' : '';
        $found = [];
        if (! $bank->holds) {
            $found[] = $of(
                Severity::Fix,
                'Heaters of {bank} give too little for the coldest night',
                '{total} stand there; {wanted} are asked, a fifth over the need of {need}.',
                'More watts, or less loss.',
            );
        }
        if (! $bank->survivesOff()) {
            $severity = $bank->isSwitchUnknown ? Severity::Watch : Severity::Fix;
            $found[] = $of(
                $severity,
                'What fails off together leaves {rest}',
                '{harmNeed} keep the coldest night above {low}.'.$together,
                $ask.'a heater more on a switch of its own.',
            );
        }
        if (! $bank->isSafeStuckOn()) {
            $severity = $bank->isSwitchUnknown ? Severity::Watch : Severity::Fix;
            $found[] = $of(
                $severity,
                '{stuck} stuck on together reach {harm} in {hours}',
                '{asked} are asked on the hottest day.'.$together,
                $ask.'smaller heaters, each on its own thermostat, or a second one in series.',
            );
        }
        $stuck =
            $bank->stuckOnHours === null ? 'stuck on it never reaches {harm}' : 'stuck on it takes {hours} to {harm}';

        return $found !== []
            ? $found
            : [
                $of(
                    Severity::Fine,
                    'Heaters of {bank} hold it and fail safely',
                    "All on give {total} of {wanted} asked; the largest off leaves {rest} of {harmNeed}; {$stuck}.",
                    null,
                ),
            ];
    }
}
