<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Response;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\Standing\Standing;

/** The table of critical functions (R-46): read off the same losses as the single failures. */
final class Functions
{
    /**
     * @param  list<Loss>  $losses  of {@see SingleFailures}
     * @param  list<Job>  $onShelf  whole devices within reach, tested
     * @return list<FunctionRow> one a function that something carries
     */
    public static function of(Standing $standing, array $losses, Moment $worst, array $onShelf = []): array
    {
        $rows = [];
        foreach (CriticalFunction::cases() as $function) {
            $carriers = array_values(
                array_filter(
                    $standing->devices,
                    fn (Device $d): bool => $d->stands() && in_array($d->job, $function->jobs(), true),
                ),
            );
            if ($carriers !== []) {
                $rows[] = self::row($function, $carriers, $losses, $worst, $onShelf);
            }
        }

        return $rows;
    }

    /**
     * @param  non-empty-list<Device>  $carriers
     * @param  list<Loss>  $losses
     * @param  list<Job>  $onShelf
     */
    private static function row(
        CriticalFunction $function,
        array $carriers,
        array $losses,
        Moment $worst,
        array $onShelf,
    ): FunctionRow {
        // The mains take everything at once: that is a row of its own.
        $single = array_filter($losses, fn (Loss $l): bool => $l->id !== 'mains');
        $breaking = array_values(
            array_filter($single, fn (Loss $l): bool => in_array($function, $l->functions, true)),
        );
        $isOpen = array_filter($breaking, fn (Loss $l): bool => $l->needs !== []) !== []
            || array_filter($carriers, fn (Device $d): bool => $d->hangs()->unsaid() !== []) !== [];
        $harms = array_filter(array_map(fn (Loss $l): ?float => $l->harm?->hours, $breaking), is_float(...));
        $proved = array_filter(array_map(fn (Device $d): ?float => $d->provenYears, $carriers), is_float(...));
        $hazard = $function->hazard();
        $detects = array_filter(
            $worst->alarms,
            fn (AlarmWay $a): bool => $a->sees($hazard) && $a->reachedAfterH($hazard, $worst->tank) !== null,
        );

        return new FunctionRow(
            function: $function,
            primary: array_map(fn (Device $d): string => $d->name, $carriers),
            backup: self::backup($function, $carriers, $breaking, $onShelf),
            survives: match (true) {
                $breaking === [] && ! $isOpen => true,
                $isOpen && self::deviceBreaks($breaking) === [] => null,
                default => false,
            },
            breaks: array_map(fn (Loss $l): string => $l->name, $breaking),
            detects: array_values(array_map(fn (AlarmWay $a): string => $a->name, $detects)),
            harmH: $harms === [] ? null : min($harms),
            helpH: Response::of($hazard, $worst->tank, $worst->alarms, $worst->place)->actsH,
            provenYears: $proved === [] ? null : min($proved),
        );
    }

    /**
     * @param  list<Loss>  $breaking
     * @return list<Loss> by one device alone
     */
    private static function deviceBreaks(array $breaking): array
    {
        return array_values(array_filter($breaking, fn (Loss $l): bool => str_starts_with($l->id, 'device:')));
    }

    /**
     * @param  non-empty-list<Device>  $carriers
     * @param  list<Loss>  $breaking
     * @param  list<Job>  $onShelf
     */
    private static function backup(CriticalFunction $function, array $carriers, array $breaking, array $onShelf): Backup
    {
        return match (true) {
            count($carriers) > 1 && self::deviceBreaks($breaking) === [] => Backup::RunningPair,
            array_intersect(
                array_map(fn (Job $j): string => $j->value, $function->jobs()),
                array_map(fn (Job $j): string => $j->value, $onShelf),
            ) !== [] => Backup::ShelfUnit,
            default => Backup::None,
        };
    }
}
