<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Measure\Finding;

/**
 * Reads a whole set-up and says what is wrong before it costs an animal (K-20). Worst first. A quantity nobody tracks raises none
 * (K-66): what is not measured needs no rung and no alarm.
 */
final class Checker
{
    /** @return list<Row> in the order of their names */
    public static function rows(): array
    {
        return [
            new Check\BandsOverlap(),
            new Check\BandChatters(),
            new Check\AlarmInBand(),
            new Check\GuardInSwing(),
            new Check\GuardUntold(),
            new Check\OneProbeForBoth(),
            new Check\BackupOnOneStrip(),
            new Check\LostLinkUnsafe(),
            new Check\HeaterWithoutLink(),
            new Check\SkimmerWithoutReturn(),
            new Check\RunWithoutEnd(),
            new Check\SkimmerBackTooSoon(),
            new Check\CompressorTooOften(),
            new Check\ProbeOverdue(),
            new Check\ChainOfOne(),
            new Check\AlarmUntested(),
            new Check\PlugUnlabelled(),
            new Check\StartTogether(),
            new Check\GuardsContradict(),
            new Check\HeaterInStillWater(),
            new Check\BlindUnsaid(),
            new Check\DoseUncapped(),
            new Check\AlarmLate(),
            new Check\HazardUntold(),
            new Check\StripOverloaded(),
            new Check\LampFlickers(),
            new Check\PulseAtClockChange(),
            new Check\GuardThroughItsRelay(),
            new Check\GuardBeyondHarm(),
            new Check\GuardCuresItself(),
            new Check\DeadHeaterMasked(),
            new Check\RungsTooNear(),
            new Check\RelayWorn(),
            new Check\RefillTooMuch(),
            new Check\FillingLineTooLong(),
            new Check\RefillSeesPause(),
            new Check\ProbeInOtherWater(),
            new Check\DosesTooNear(),
            new Check\DoserMaySiphon(),
            new Check\PhSeesLittle(),
            new Check\GasWithoutFeed(),
            new Check\TopOffStopped(),
            new Check\DrawsNothingByItself(),
            new Check\PausesTakeTooMuch(),
            new Check\AllOnAtBoot(),
            new Check\LampComesBack(),
            new Check\PlanWithoutClock(),
            new Check\BatteryUntested(),
            new Check\RefugiumWithDisplay(),
        ];
    }

    /** @return list<Finding> */
    public static function check(Setup $setup): array
    {
        $found = [];
        foreach (self::rows() as $row) {
            array_push($found, ...$row->look($setup));
        }

        return Finding::sorted($found);
    }
}
