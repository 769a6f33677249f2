<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** The steps of a job at one place: the company's sheet with the place's differences shown, none of them lost (P-22, P-23). */
final class JobSheet
{
    /**
     * @param  list<string>  $steps  of the version in force
     * @param  list<SiteStep>  $own  differences of the place, in the order they were written
     * @param  array<int, int>  $products  by step: the product it opens
     * @param  list<int>  $holds  steps that must be ticked before the job counts as done
     * @return list<SheetStep> each step once, each difference once
     */
    public static function at(array $steps, array $own, array $products = [], array $holds = []): array
    {
        $at = [];
        foreach ($steps as $n => $text) {
            $product = $products[$n] ?? null;
            $hold = in_array($n, $holds, true);
            $here = array_values(array_filter($own, fn (SiteStep $s): bool => $s->step === $n));
            $replaces = array_values(array_filter($here, fn (SiteStep $s): bool => $s->does !== SiteDoes::After));
            $first = array_shift($replaces);
            $at[] = match ($first?->does) {
                null, SiteDoes::After => new SheetStep($text, product: $product, hold: $hold),
                SiteDoes::Skip => new SheetStep($text, $text, $first->why, $first->photo, left: true),
                SiteDoes::Instead => new SheetStep(
                    $first->text,
                    $text,
                    $first->why,
                    $first->photo,
                    $product,
                    hold: $hold,
                ),
            };
            // A second word on one step does not push out the first: it stands below.
            foreach (
                [...$replaces, ...array_filter($here, fn (SiteStep $s): bool => $s->does === SiteDoes::After)] as $more
            ) {
                $at[] = self::added($more, false);
            }
        }
        foreach ($own as $s) {
            if ($s->step < 0 || $s->step >= count($steps)) {
                $at[] = self::added($s, true);
            }
        }

        return $at;
    }

    private static function added(SiteStep $s, bool $adrift): SheetStep
    {
        return new SheetStep(
            $s->does === SiteDoes::Skip ? "Left out here: {$s->why}" : $s->text,
            '',
            $s->why,
            $s->photo,
            left: $s->does === SiteDoes::Skip,
            adrift: $adrift,
        );
    }

    /**
     * What a new version changes, line by line in the order of the new sheet: '=' stays, '+' is new, '−' is gone.
     *
     * @param  list<string>  $old
     * @param  list<string>  $new
     * @return list<array{0: string, 1: string}> mark and words
     */
    public static function differences(array $old, array $new): array
    {
        // Longest common run of lines, from the end, so that a moved line shows as gone and new.
        $common = array_fill(0, count($old) + 1, array_fill(0, count($new) + 1, 0));
        for ($i = count($old) - 1; $i >= 0; $i--) {
            for ($j = count($new) - 1; $j >= 0; $j--) {
                $common[$i][$j] =
                    $old[$i] === $new[$j] ? $common[$i + 1][$j + 1] + 1 : max($common[$i + 1][$j], $common[$i][$j + 1]);
            }
        }
        [$i, $j, $lines] = [0, 0, []];
        while ($i < count($old) || $j < count($new)) {
            if ($i < count($old) && $j < count($new) && $old[$i] === $new[$j]) {
                $lines[] = ['=', $old[$i++]];
                $j++;
            } elseif ($i < count($old) && ($j >= count($new) || $common[$i + 1][$j] >= $common[$i][$j + 1])) {
                $lines[] = ['−', $old[$i++]];
            } else {
                $lines[] = ['+', $new[$j++]];
            }
        }

        return $lines;
    }
}
