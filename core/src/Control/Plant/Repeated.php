<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What happened in a run, the same thing again and again told once. */
final readonly class Repeated
{
    /** What comes again later than this is told anew, s. */
    private const APART_S = 900.0;

    /** Fewer are told one by one. */
    private const LEAST = 4;

    /** @param  float  $untilS  when it happened last */
    private function __construct(public Happening $first, public int $times, public float $untilS)
    {
    }

    /**
     * @param  list<Happening>  $happened  in time
     * @return list<self> by when each began
     */
    public static function gather(array $happened): array
    {
        $runs = $open = [];
        foreach ($happened as $n => $one) {
            $key = "{$one->kind} {$one->of} {$one->says}";
            $run = $open[$key] ?? null;
            $last = $run === null ? null : $happened[$runs[$run][count($runs[$run]) - 1]];
            if ($run === null || $last === null || $one->atS - $last->atS > self::APART_S) {
                $run = $open[$key] = count($runs);
                $runs[] = [];
            }
            $runs[$run][] = $n;
        }
        $told = [];
        foreach ($runs as $members) {
            foreach (count($members) < self::LEAST ? array_map(fn (int $n): array => [$n], $members) : [$members] as $alike) {
                $told[$alike[0]] = new self($happened[$alike[0]], count($alike), $happened[$alike[count($alike) - 1]]->atS);
            }
        }
        ksort($told);

        return array_values($told);
    }
}
