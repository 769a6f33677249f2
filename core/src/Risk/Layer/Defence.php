<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Corner;
use Velbrin\Core\Risk\Rate\Rates;

/**
 * The chance that every protection fails, once the fault is there (R-24, R-54 … R-60; layers of protection after IEC 61511). A
 * protection that hangs on what failed is none. Parts that several hang on are tried dead and alive; kinship takes its share. Where nobody
 * wrote down what something hangs on it may hang on the same, and the worse of both stands.
 */
final readonly class Defence
{
    /** Shared parts tried in every combination; beyond that they are taken as dead. */
    private const MOST_EXACT = 12;

    /** @param  list<Credit>  $credits  in the order they were given */
    private function __construct(public float $fails, public array $credits)
    {
    }

    /**
     * @param  list<Layer>  $layers
     * @param  float|null  $harmH  null: no harm comes; then nothing has to act
     * @param  array<string, float>  $dead  chance that a part is dead already, "probe:p1"
     */
    public static function of(
        Initiator $fault,
        array $layers,
        ?float $harmH,
        array $dead,
        Rates $rates,
        Corner $corner = Corner::Likely,
    ): self {
        $credits = array_map(
            fn (Layer $l): Credit => self::credit($fault, $l, $layers, $harmH, $rates, $corner),
            $layers,
        );
        $counted = array_values(array_filter($credits, fn (Credit $c): bool => $c->counts()));
        $fails = self::noneHolds($counted, $dead, $corner, $rates);
        if ($corner === Corner::High) {
            // What may be shared draws from what is known to be shared: the worse of both stands.
            $fails = max($fails, self::noneHolds($counted, $dead, Corner::Likely, $rates));
        }

        return new self($fails, $credits);
    }

    /** @param  list<Layer>  $all */
    private static function credit(
        Initiator $fault,
        Layer $layer,
        array $all,
        ?float $harmH,
        Rates $rates,
        Corner $corner,
    ): Credit {
        $mayShare = $fault->hangs->mayShare($layer->hangs);
        $isHard = $fault->hangs->shares($layer->hangs) !== [];
        $refused = match (true) {
            $layer->outOf !== null => Refused::Out,
            $isHard => Refused::SharesFault,
            $layer->actsH === null => Refused::Never,
            $harmH !== null && $layer->actsH > $harmH => Refused::TooLate,
            $mayShare !== [] && $corner === Corner::High => Refused::MayShareFault,
            default => null,
        };
        $shares = $fault->hangs->shares($layer->hangs);
        foreach ($all as $other) {
            if ($other !== $layer) {
                $shares = [...$shares, ...$layer->hangs->shares($other->hangs)];
                $mayShare = [...$mayShare, ...$layer->hangs->mayShare($other->hangs)];
            }
        }
        $own = $layer->fails->at($corner);
        if ($fault->kin !== null && $layer->kin !== null && $fault->kin->isKinOf($layer->kin)) {
            $beta = self::beta($fault->kin, $layer->kin, $rates);
            $own = $beta + (1 - $beta) * $own;
        }

        return new Credit(
            $layer,
            $refused,
            $refused === null ? $own : 1.0,
            array_values(array_unique($shares)),
            array_values(array_unique($mayShare)),
        );
    }

    /**
     * A part somebody has said to be dead with some chance takes its protections with it, beside their own chance. Other parts are
     * within the protection's own chance already: what several share is moved out of it, so that each by itself fails as often as before.
     *
     * @param  list<Credit>  $counted
     * @param  array<string, float>  $dead
     */
    private static function noneHolds(array $counted, array $dead, Corner $corner, Rates $rates): float
    {
        if ($counted === []) {
            return 1.0;
        }
        $parts = array_map(fn (Credit $c): array => self::partsOf($c, $counted, $corner), $counted);
        $users = [];
        foreach ($parts as $i => $mine) {
            foreach ($mine as $part) {
                $users[$part][] = $i;
            }
        }
        $chance = [];
        foreach ($users as $part => $who) {
            $chance[$part] = $dead[$part] ?? self::usual($part, array_map(
                fn (int $i): float => $counted[$i]->fails / max(1, count(array_diff($parts[$i], array_keys($dead)))),
                $who,
            ), $rates);
        }
        $own = [];
        foreach ($counted as $i => $credit) {
            $own[$i] = self::withoutParts($credit->fails, array_diff($parts[$i], array_keys($dead)), $chance);
        }
        $shared = array_filter($users, fn (array $who): bool => count($who) > 1);
        foreach ($users as $part => $who) {
            if (! isset($shared[$part])) {
                $own[$who[0]] = 1 - (1 - $own[$who[0]]) * (1 - $chance[$part]);
            }
        }
        if (count($shared) > self::MOST_EXACT) {
            return self::bound($own, $parts, $shared, $chance);
        }

        return self::overStates(array_keys($shared), $shared, $chance, [], $counted, $own, $rates);
    }

    /**
     * One protection with all it hangs on: no set of protections fails more often than any one of them.
     *
     * @param  array<int, float>  $own
     * @param  list<list<string>>  $parts
     * @param  array<string, list<int>>  $shared
     * @param  array<string, float>  $chance
     */
    private static function bound(array $own, array $parts, array $shared, array $chance): float
    {
        $least = 1.0;
        foreach ($own as $i => $fails) {
            $holds = 1 - $fails;
            foreach (array_intersect($parts[$i], array_keys($shared)) as $part) {
                $holds *= 1 - $chance[$part];
            }
            $least = min($least, 1 - $holds);
        }

        return $least;
    }

    /**
     * @param  array<array-key, string>  $parts
     * @param  array<string, float>  $chance
     */
    private static function withoutParts(float $fails, array $parts, array $chance): float
    {
        $hold = 1.0;
        foreach ($parts as $part) {
            $hold *= 1 - $chance[$part];
        }

        return $hold > 0 ? max(0.0, 1 - (1 - $fails) / $hold) : 0.0;
    }

    /**
     * Every combination of shared parts dead and alive.
     *
     * @param  list<string>  $open  parts still to be tried
     * @param  array<string, list<int>>  $users
     * @param  array<string, float>  $chance
     * @param  list<int>  $down  protections that are dead with a part
     * @param  list<Credit>  $counted
     * @param  array<int, float>  $own
     */
    private static function overStates(
        array $open,
        array $users,
        array $chance,
        array $down,
        array $counted,
        array $own,
        Rates $rates,
    ): float {
        if ($open === []) {
            return self::product(array_diff_key($counted, array_flip($down)), $own, $rates);
        }
        $part = array_shift($open);
        $dead = self::overStates($open, $users, $chance, [...$down, ...$users[$part]], $counted, $own, $rates);
        $alive = self::overStates($open, $users, $chance, $down, $counted, $own, $rates);

        return $chance[$part] * $dead + (1 - $chance[$part]) * $alive;
    }

    /**
     * Protections with nothing in common but kinship: each family fails as one in a share of cases.
     *
     * @param  array<int, Credit>  $alive
     * @param  array<int, float>  $own
     */
    private static function product(array $alive, array $own, Rates $rates): float
    {
        $families = [];
        foreach ($alive as $i => $credit) {
            $families[$credit->layer->kin->type ?? "#{$i}"][$i] = $credit->layer->kin;
        }
        $all = 1.0;
        foreach ($families as $family) {
            $all *= self::familyFails($family, $own, $rates);
        }

        return $all;
    }

    /**
     * @param  non-empty-array<int, Kin|null>  $family
     * @param  array<int, float>  $own
     */
    private static function familyFails(array $family, array $own, Rates $rates): float
    {
        $fails = array_intersect_key($own, $family);
        if (count($family) === 1) {
            return (float) array_sum($fails);
        }
        $beta = 0.0;
        foreach ($family as $i => $one) {
            foreach ($family as $j => $other) {
                if ($i < $j && $one !== null && $other !== null) {
                    $beta = max($beta, self::beta($one, $other, $rates));
                }
            }
        }
        $all = $beta * min([1.0, ...$fails]) + (1 - $beta) * array_product($fails);
        // All of them fail no more often than all but one: a twin more is never worse than none.
        foreach (array_keys($family) as $i) {
            $fewer = array_diff_key($family, [$i => true]);
            $all = $fewer === [] ? $all : min($all, self::familyFails($fewer, $own, $rates));
        }

        return $all;
    }

    /**
     * What it hangs on; at the bad corner also the kinds of parts it may share with another, each under one name.
     *
     * @param  list<Credit>  $counted
     * @return list<string>
     */
    private static function partsOf(Credit $credit, array $counted, Corner $corner): array
    {
        $parts = $credit->layer->hangs->all();
        if ($corner !== Corner::High) {
            return $parts;
        }
        foreach ($counted as $other) {
            if ($other !== $credit) {
                foreach ($credit->layer->hangs->mayShare($other->layer->hangs) as $kind) {
                    $parts[] = "{$kind}:?";
                }
            }
        }

        return array_values(array_unique($parts));
    }

    /**
     * How often a part is dead of which nobody has said anything; never more often than what hangs on it fails.
     *
     * @param  non-empty-list<float>  $most
     */
    private static function usual(string $part, array $most, Rates $rates): float
    {
        $kind = Part::tryFrom(strstr($part, ':', true) ?: '');
        $often = in_array($kind, [Part::Probe, Part::Person, Part::Key], true);

        return min($rates->of($often ? Assumed::TypicalFails : Assumed::ProvedFails), ...$most);
    }

    private static function beta(Kin $one, Kin $other, Rates $rates): float
    {
        return $rates->of($one->isTwinOf($other) ? Assumed::BetaTwins : Assumed::Beta);
    }
}
