<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Follow;
use Velbrin\Core\Control\Programme\Guard;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Outlet;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A guard that stops the feed of a reactor while carbon dioxide goes on into it. */
final readonly class GasWithoutFeed implements Row
{
    public function code(): string
    {
        return 'K-61';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        $gas = array_filter(
            $setup->programme->outlets,
            fn (Outlet $o): bool => ($setup->hung[$o->id] ?? null)?->doses === Liquid::CarbonDioxide,
        );
        $feeds = array_map(fn (Outlet $o): string => $o->id, $setup->doing(Job::Reactor));
        foreach ($setup->programme->guards as $guard) {
            foreach (in_array($guard->outlet, $feeds, true) && $guard->level <= 0 ? $gas : [] as $valve) {
                $follows = $valve->rule instanceof Follow && $valve->rule->outlet === $guard->outlet && ! $valve->rule->isInverse;
                if (! $follows && ! $this->isCutToo($setup, $guard, $valve)) {
                    $found[] = Objection::of(
                        Severity::Fix,
                        $this->code(),
                        $guard->id,
                        Phrase::TheGuardOfStopsItsFeed,
                        Phrase::TheReactorFillsWithGas,
                        Phrase::LetFollow,
                        ['feed' => $setup->place($guard->outlet), 'gas' => $valve->place],
                    );
                }
            }
        }

        return $found;
    }

    /** By a guard that looks at the same. */
    private function isCutToo(Setup $setup, Guard $feed, Outlet $valve): bool
    {
        foreach ($setup->programme->guards as $guard) {
            if ($guard->outlet === $valve->id && $guard->level <= 0 && $guard->when == $feed->when) {
                return true;
            }
        }

        return false;
    }
}
