<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Water\RoLine;

/** A change that answers an objection; offered, never made by itself (K-21). */
final readonly class Correction
{
    private const COMPRESSOR_RESTS_S = 300.0;

    private const SKIMMER_LATER_S = 600.0;

    /** Between two starts after a power cut, s. */
    private const APART_S = 10.0;

    /**
     * @param  string  $words  what the button says
     * @param  list<array{id: string, path: string, value: string|float}>  $changes  of outlets and guards, by their key in the document
     */
    private function __construct(public string $words, public array $changes)
    {
    }

    /** Null where a person has to decide. */
    public static function of(Finding $finding, Setup $setup): ?self
    {
        $outlet = self::outlet($setup, $finding->subject ?? '');

        return match ($finding->code) {
            'X-26' => new self('off without a link', [
                self::change($finding->subject ?? '', 'lostLink', 'off'),
                self::change($finding->subject ?? '', 'lostLinkSummer', 'off'),
            ]),
            'K-20k' => $outlet === null ? null : self::lostLink($outlet, $setup),
            'K-20n' => $outlet === null ? null : self::skimmer($outlet, $setup),
            'K-20q' => new self('5 min off at least', [self::change($finding->subject ?? '', 'minimumOffS', self::COMPRESSOR_RESTS_S)]),
            'K-20w' => self::apart($setup, (float) ($finding->subject ?? 0)),
            'W-63' => $outlet === null ? null : self::line($outlet, $setup),
            'K-53' => new self('off when it cannot see', [
                self::change($finding->subject ?? '', $outlet === null ? 'blind' : 'rule.blind', 'off'),
            ]),
            default => null,
        };
    }

    private static function lostLink(Outlet $outlet, Setup $setup): ?self
    {
        $job = ($setup->hung[$outlet->id] ?? null)?->job;
        $state = match (true) {
            in_array($job, [Job::TopOff, Job::Doser, Job::RoUnit, Job::Reactor, Job::Light], true) => 'off',
            in_array($job, [Job::ReturnPump, Job::CirculationPump], true) => 'on',
            // A heater off is cold in winter, on it has one guard only: somebody has to say which is worse here.
            default => null,
        };

        return $state === null ? null : new self("{$state} without a link", [self::change($outlet->id, 'lostLink', $state)]);
    }

    /** Back after the last of the pumps, in each pause they share. */
    private static function skimmer(Outlet $skimmer, Setup $setup): self
    {
        $changes = [];
        foreach ($setup->doing(Job::ReturnPump) as $pump) {
            foreach ($pump->pauses as $group => $pause) {
                $own = $skimmer->pauses[$group] ?? null;
                if ($pause->level <= 0 && ($own === null || $own->lengthS <= $pause->lengthS)) {
                    $changes[] = self::change($skimmer->id, "pauses.{$group}.state", 'off');
                    $changes[] = self::change($skimmer->id, "pauses.{$group}.s", $pause->lengthS + self::SKIMMER_LATER_S);
                }
            }
        }

        return new self('10 min after the pump', $changes);
    }

    /** As long as its store needs at the coldest. */
    private static function line(Outlet $outlet, Setup $setup): ?self
    {
        $fillsL = ($setup->hung[$outlet->id] ?? null)?->fillsL;
        $rule = $outlet->rule;
        if ($fillsL === null || ! $rule instanceof Refill) {
            return null;
        }
        $limitMin = floor((new RoLine($fillsL, $rule->litresPerH))->limitMin());

        return new self("at most {$limitMin} min", [self::change($outlet->id, 'rule.longestS', $limitMin * 60)]);
    }

    private static function apart(Setup $setup, float $delayS): self
    {
        $changes = [];
        $n = 0;
        foreach ($setup->doing(Job::ReturnPump, Job::CirculationPump, Job::Skimmer, Job::Chiller) as $outlet) {
            if ($outlet->powerReturnS === $delayS) {
                $changes[] = self::change($outlet->id, 'powerReturnS', $delayS + self::APART_S * $n++);
            }
        }

        return new self('10 s apart', $changes);
    }

    /** @return array{id: string, path: string, value: string|float} */
    private static function change(string $id, string $path, string|float $value): array
    {
        return ['id' => $id, 'path' => $path, 'value' => $value];
    }

    private static function outlet(Setup $setup, string $id): ?Outlet
    {
        foreach ($setup->programme->outlets as $outlet) {
            if ($outlet->id === $id) {
                return $outlet;
            }
        }

        return null;
    }
}
