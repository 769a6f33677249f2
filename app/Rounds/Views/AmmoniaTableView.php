<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\AmmoniaTable;

/**
 * What a phone looks up when ammonia is typed without signal: by pH and temperature the total from which one acts or stops, and
 * the share of new water that answers it. In every unit a reading may be typed in; the phone only compares.
 */
final readonly class AmmoniaTableView
{
    private const FIGURES = 4;

    /**
     * @param  list<array{ph: float, temp: array<string, float>, act: array<string, float>, stop: array<string, float>}>  $limits
     * @param  list<array{ph: float, change: string, most: array<string, float>, peak: string}>  $changes
     * @param  string  $none  what is said when no share is enough
     */
    private function __construct(
        public array $limits,
        public array $changes,
        public ?float $ph,
        public ?float $tempC,
        public float $warmestC,
        /** Counted while nobody has read it. */
        public float $worstPh,
        public string $none,
    ) {
    }

    /**
     * @param  float|null  $ph  read within a day
     * @param  float|null  $tempC  likewise
     */
    public static function of(AmmoniaTable $table, ?float $volumeL, ?float $ph, ?float $tempC, Units $units): self
    {
        $in = fn (Parameter $p, float $value): array => self::each($p, $value);
        $litres = fn (float $share): string => $volumeL === null
            ? ''
            : $units->show(Quantity::of($share * $volumeL, Kind::Volume)).', ';

        return new self(
            array_map(
                fn (array $r): array => [
                    'ph' => $r['ph'],
                    'temp' => $in(Parameter::Temperature, $r['tempC']),
                    'act' => $in(Parameter::Ammonia, $r['act']),
                    'stop' => $in(Parameter::Ammonia, $r['stop']),
                ],
                $table->limits,
            ),
            array_map(
                fn (array $r): array => [
                    'ph' => $r['ph'],
                    'change' => $litres($r['share']).$units->show(Quantity::of(100 * $r['share'], Kind::Percent)),
                    'most' => $in(Parameter::Ammonia, $r['most']),
                    'peak' => sprintf('%.1f', $r['peak']),
                ],
                $table->changes,
            ),
            $ph,
            $tempC,
            $table->tempC,
            AmmoniaJudgement::WORST_PH,
            'No share of new water is enough at once: change half, test again, repeat; lower the new water’s pH first.',
        );
    }

    /** @return array<string, float> by unit as it is typed */
    private static function each(Parameter $parameter, float $value): array
    {
        $shown = [];
        foreach (ReadingUnit::for($parameter) as $unit) {
            $shown[$unit->value] = (float) sprintf('%.'.self::FIGURES.'g', $unit->shown($value));
        }

        return $shown;
    }
}
