<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic\Circuits;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** What a year of running takes: power, salt, RO and its waste water, care, and what wears (B-89). What waits for a fact is named. */
final readonly class RunningCost
{
    /** Priced keys beyond those of the take-off, with what one of each is. */
    public const KEYS = [
        'power' => ['Power', 'kWh'],
        'waste-water' => ['Waste water', 'L'],
        'media' => ['Media and additives', 'hundred litres'],
        'wear' => ['Wear parts', 'hundred litres'],
    ];

    private const DAYS = 365.25;

    /**
     * @param  list<TakeOffLine>  $lines
     * @param  array<string, list<string>>  $waits  fields by line
     */
    private function __construct(public array $lines, public array $waits)
    {
    }

    public static function of(PlanBrief $brief): self
    {
        $lines = $waits = [];
        foreach (self::makers() as $key => $make) {
            try {
                $line = $make(Facts::of($brief));
                if ($line->quantity->value > 0) {
                    $lines[] = $line;
                }
            } catch (Missing $e) {
                $waits[$key] = $e->fields;
            } catch (OutOfRange $e) {
                $waits[$key] = [$e->field];
            }
        }

        return new self($lines, $waits);
    }

    /** @return array<string, callable(Facts): TakeOffLine> */
    private static function makers(): array
    {
        return [
            'power' => fn (Facts $f): TakeOffLine => self::line(
                'power',
                (Circuits::meanW($f) * 24 * self::DAYS) / 1000,
                Kind::Energy,
                Sentence::of(Phrase::InTheMean2, ['w' => Quantity::of(Circuits::meanW($f), Kind::Power)]),
            ),
            'salt' => fn (Facts $f): TakeOffLine => self::line(
                'salt',
                (self::changedL($f) * $f->number(F::MixGramsPerL) * $f->number(F::Salinity)) / 35 / 1000,
                Kind::Mass,
                Sentence::of(Phrase::ChangedAMonth, [
                    'share' => Quantity::of($f->number(F::ChangePct), Kind::Percent),
                ]),
            ),
            'ro-water' => fn (Facts $f): TakeOffLine => self::line(
                'ro-water',
                self::roL($f),
                Kind::Volume,
                Sentence::of(Phrase::ChangesAndEvaporation),
            ),
            'waste-water' => fn (Facts $f): TakeOffLine => self::line(
                'waste-water',
                self::roL($f) * $f->number(F::WastePerL),
                Kind::Volume,
                Sentence::of(Phrase::TimesTheRO, ['n' => Quantity::of($f->number(F::WastePerL), Kind::Factor)]),
            ),
            'media' => fn (Facts $f): TakeOffLine => self::line(
                'media',
                Volumes::systemL($f) / 100,
                Kind::Factor,
                Sentence::of(Phrase::HundredsOfLitresInTheSystem),
            ),
            'wear' => fn (Facts $f): TakeOffLine => self::line(
                'wear',
                Volumes::systemL($f) / 100,
                Kind::Factor,
                Sentence::of(Phrase::ImpellersSealsMembranesTestKits),
            ),
            'labour' => fn (Facts $f): TakeOffLine => self::line(
                'labour',
                (12 * $f->number(F::VisitsMonth) * $f->number(F::CareMin)) / 60,
                Kind::Hours,
                Sentence::of(Phrase::CareOfTheEquipment),
            ),
        ];
    }

    private static function changedL(Facts $facts): float
    {
        return ((12 * $facts->number(F::ChangePct)) / 100) * Volumes::systemL($facts);
    }

    /** Changes, and what evaporates in a room between its winter and its summer. */
    private static function roL(Facts $facts): float
    {
        $facts->need(F::WinterC, F::SummerC);
        $room = ($facts->number(F::WinterC) + $facts->number(F::SummerC)) / 2;

        return self::changedL($facts) +
            self::DAYS * Warmth::heat($facts)->evaporation($facts->number(F::SetpointC), $room)->litresPerDay;
    }

    private static function line(string $key, float $value, Kind $kind, ?Sentence $note = null): TakeOffLine
    {
        return new TakeOffLine(
            $key,
            (self::KEYS[$key] ?? TakeOff::KEYS[$key])[0],
            Quantity::of(round($value, 1), $kind),
            $note,
        );
    }
}
