<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

/** What a day of a probe comes to as a reading (C-5): its middle value; of pH one of the morning and one of the evening. */
final readonly class DayMedian
{
    /** Fewer values say nothing of a day. */
    public const LEAST = 12;

    /** The site's clock: pH is lowest before the lights, highest before they go. */
    private const PH_HALVES = ['morning' => [4, 10], 'evening' => [16, 22]];

    private const ALL_DAY = ['day' => [0, 24]];

    private function __construct(
        /** day, morning, evening. */
        public string $half,
        public float $value,
        /** The middle of the hours it speaks of, on the site's clock. */
        public float $hour,
        public int $count,
    ) {
    }

    /** @return list<string> the parts of a day there may be a reading of */
    public static function halves(): array
    {
        return array_keys([...self::ALL_DAY, ...self::PH_HALVES]);
    }

    /**
     * @param  list<array{hour: float, value: float}>  $values  hour of the site's day, 0 … 24
     * @return list<self> none where too few came
     */
    public static function of(Parameter $parameter, array $values): array
    {
        $medians = [];
        foreach ($parameter === Parameter::Ph ? self::PH_HALVES : self::ALL_DAY as $half => [$from, $to]) {
            $here = array_values(
                array_map(
                    fn (array $v): float => $v['value'],
                    array_filter($values, fn (array $v): bool => $v['hour'] >= $from && $v['hour'] < $to && is_finite($v['value'])),
                ),
            );
            if (count($here) >= self::LEAST) {
                $medians[] = new self($half, self::median($here), ($from + $to) / 2, count($here));
            }
        }

        return $medians;
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
