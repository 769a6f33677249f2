<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic\ReturnPump;
use Velbrin\Core\Build\Topic\Sized;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** What a plan takes: materials by kilogram, litre, metre and piece, and labour by stage (B-70). What waits for a fact is named. */
final readonly class TakeOff
{
    /** Priced keys in their order, with what one of each is. */
    public const KEYS = [
        'display-glass' => ['Display, panes', 'kg'],
        'sump-glass' => ['Sump, panes', 'kg'],
        'vessel-glass' => ['Other vessels, panes', 'kg'],
        'stand' => ['Stand', 'piece'],
        'rock' => ['Rock, dry', 'kg'],
        'sand' => ['Sand', 'kg'],
        'salt' => ['Salt', 'kg'],
        'ro-water' => ['RO water', 'L'],
        'drain-pipe' => ['Drain pipe with fittings', 'm'],
        'return-pipe' => ['Return pipe with fittings', 'm'],
        'return-pump' => ['Return pump', 'piece'],
        'stream-pump' => ['Stream pump', 'piece'],
        'bulkhead' => ['Bulkhead', 'piece'],
        'union' => ['Union', 'piece'],
        'gate-valve' => ['Gate valve', 'piece'],
        'guard' => ['Jump guard, mesh', 'm²'],
        'heater' => ['Heater', 'piece'],
        'lamp' => ['Lamp', 'piece'],
        'fixing' => ['Fixing in the ceiling', 'piece'],
        'controller' => ['Controller', 'piece'],
        'thermostat' => ['Thermostat', 'piece'],
        'timer' => ['Timer', 'piece'],
        'level-switch' => ['Level switch', 'piece'],
        'strip' => ['Power strip', 'piece'],
        'driver' => ['Pump driver', 'piece'],
        'doser' => ['Dosing pump', 'piece'],
        'cable' => ['Cable', 'm'],
        'label' => ['Label', 'piece'],
        'reagents' => ['Test reagents, first set', 'set'],
        'labour' => ['Labour', 'h'],
    ];

    /**
     * @param  list<TakeOffLine>  $lines
     * @param  array<string, list<string>>  $waits  fields by line
     */
    private function __construct(public array $lines, public array $waits, public ?float $roDays)
    {
    }

    public static function of(PlanBrief $brief, PlanAnswers $answers): self
    {
        $lines = $waits = [];
        foreach (self::makers($answers) as $key => $make) {
            try {
                $line = $make(Facts::of($brief));
                if ($line !== null && $line->quantity->value > 0) {
                    $lines[] = $line;
                }
            } catch (Missing $e) {
                $waits[$key] = $e->fields;
            } catch (OutOfRange $e) {
                $waits[$key] = [$e->field];
            }
        }

        return new self($lines, $waits, self::roDays($brief));
    }

    /** Days the plant needs for the first fill at its feed’s temperature (W-52); null while it is not described. */
    public static function roDays(PlanBrief $brief): ?float
    {
        $facts = Facts::of($brief);
        try {
            return $facts->knows(F::RoRatedLd) ? Volumes::systemL($facts) / Sized::roLd($facts) : null;
        } catch (Missing|OutOfRange) {
            return null;
        }
    }

    /** @return array<string, callable(Facts): ?TakeOffLine> */
    private static function makers(PlanAnswers $answers): array
    {
        return [
            'display-glass' => fn (Facts $f): TakeOffLine => self::line(
                'display-glass',
                DisplayTank::vessel($f)->massKg(),
                Kind::Mass,
                Sentence::of(Phrase::WallPanes, ['wall' => Quantity::of($f->number(F::WallMm), Kind::Length)]),
            ),
            'sump-glass' => fn (Facts $f): ?TakeOffLine => SumpWater::isDescribed($f)
                ? self::line('sump-glass', SumpWater::of($f)->vessel->massKg(), Kind::Mass)
                : null,
            'vessel-glass' => fn (Facts $f): TakeOffLine => self::line(
                'vessel-glass',
                array_sum(array_map(fn (OtherVessel $v): float => $v->vessel->massKg(), $f->brief->vessels)),
                Kind::Mass,
            ),
            'stand' => fn (Facts $f): TakeOffLine => self::line(
                'stand',
                1,
                Kind::Count,
                Sentence::of(Phrase::HHigh, ['h' => Quantity::of($f->number(F::StandHeightMm), Kind::Length)]),
            ),
            'rock' => fn (Facts $f): TakeOffLine => self::line('rock', $f->number(F::RockKg), Kind::Mass),
            'sand' => fn (Facts $f): TakeOffLine => self::line(
                'sand',
                DisplayTank::of($f)->volume($f)->sandKg,
                Kind::Mass,
            ),
            'salt' => fn (Facts $f): TakeOffLine => self::line(
                'salt',
                (Volumes::systemL($f) * $f->number(F::MixGramsPerL) * $f->number(F::Salinity)) / 35 / 1000,
                Kind::Mass,
                Sentence::of(Phrase::ForTheFirstFill),
            ),
            'ro-water' => fn (Facts $f): TakeOffLine => self::line(
                'ro-water',
                Volumes::systemL($f),
                Kind::Volume,
                Sentence::of(Phrase::ForTheFirstFill),
            ),
            'drain-pipe' => fn (Facts $f): TakeOffLine => self::line(
                'drain-pipe',
                self::known($f, F::Drains, F::DrainBoreMm)->number(F::DrainLengthM) * self::drains($f),
                Kind::Height,
                Sentence::of(Phrase::PipesOf, [
                    'n' => Quantity::of(self::drains($f), Kind::Count),
                    'bore' => Quantity::of($f->number(F::DrainBoreMm), Kind::Length),
                ]),
            ),
            'return-pipe' => self::returnPipe(...),
            'return-pump' => fn (Facts $f): TakeOffLine => self::line(
                'return-pump',
                self::returns($f),
                Kind::Count,
                Sentence::of(Phrase::ThroughTheLine, ['flow' => Quantity::of($f->number(F::FlowLh), Kind::Flow)]),
            ),
            'stream-pump' => fn (Facts $f): TakeOffLine => self::line(
                'stream-pump',
                count($f->brief->rows('streams')),
                Kind::Count,
            ),
            'bulkhead' => fn (Facts $f): TakeOffLine => self::line(
                'bulkhead',
                count($f->brief->holes),
                Kind::Count,
                Sentence::of(Phrase::OneAHole),
            ),
            'union' => fn (Facts $f): TakeOffLine => self::line(
                'union',
                max(self::joints($f, 'union'), self::returns($f)),
                Kind::Count,
                Sentence::of(Phrase::OneAtLeastAtEachReturn),
            ),
            'gate-valve' => fn (Facts $f): TakeOffLine => self::line(
                'gate-valve',
                DrainSchool::from(self::known($f, F::Drains)->word(F::Drains))->isSiphon() ? BlockedMain::mains($f) : 0,
                Kind::Count,
                Sentence::of(Phrase::ToTrimTheSiphon),
            ),
            'guard' => fn (Facts $f): ?TakeOffLine => self::known($f, F::Guard)->word(F::Guard) === 'mesh'
                ? self::line('guard', DisplayTank::vessel($f)->insideAreaM2(), Kind::Area)
                : null,
            ...self::onBoard(),
            'cable' => fn (Facts $f): TakeOffLine => self::line(
                'cable',
                array_sum(
                    array_map(
                        fn (TableRow $w): float => ($w->number('cables') * $w->number('runMm')) / 1000,
                        $f->brief->rows('ways'),
                    ),
                ),
                Kind::Height,
                Sentence::of(Phrase::EachLeadByItsWay),
            ),
            'label' => fn (Facts $f): TakeOffLine => self::line(
                'label',
                2 * count($f->brief->rows('loads')),
                Kind::Count,
                Sentence::of(Phrase::BothEndsOfEachLead),
            ),
            'reagents' => fn (Facts $f): TakeOffLine => self::line('reagents', 1, Kind::Count),
            'heater' => function (Facts $f) use ($answers): ?TakeOffLine {
                $set = $answers->heating?->chosen;

                return $set === null
                    ? null
                    : self::line(
                        'heater',
                        $set->count,
                        Kind::Count,
                        Sentence::of(Phrase::WattsEach, ['watts' => Quantity::of($set->wattsEach, Kind::Power)]),
                    );
            },
            'lamp' => fn (Facts $f): TakeOffLine => self::line('lamp', count($f->brief->lamps), Kind::Count),
            'fixing' => fn (Facts $f): ?TakeOffLine => $f->numberOrNone(F::LampsKg) === null
                ? null
                : self::line('fixing', $f->number(F::Fixings), Kind::Count),
            'labour' => fn (Facts $f): TakeOffLine => self::line(
                'labour',
                array_sum(array_map(fn (Stage $s): float => $s->personHours(), Stages::of($f))),
                Kind::Hours,
                Sentence::of(Phrase::AllStagesHoursOfOnePerson),
            ),
        ];
    }

    /** @throws Missing naming all of them at once */
    private static function known(Facts $facts, F ...$fields): Facts
    {
        $facts->need(...$fields);

        return $facts;
    }

    /**
     * Devices of the board, kind by kind: one controller or separate devices, each at its own price.
     *
     * @return array<string, callable(Facts): TakeOffLine>
     */
    private static function onBoard(): array
    {
        $makers = [];
        foreach (
            [
                'controller' => 'controller',
                'thermostat' => 'thermostat',
                'timer' => 'timer',
                'level-switch' => 'switch',
                'strip' => 'strip',
                'driver' => 'driver',
                'doser' => 'doser',
            ] as $key => $kind
        ) {
            $makers[$key] = fn (Facts $f): TakeOffLine => self::line(
                $key,
                count(array_filter($f->brief->rows('board'), fn (TableRow $r): bool => $r->word('kind') === $kind)),
                Kind::Count,
            );
        }

        return $makers;
    }

    private static function joints(Facts $facts, string $kind): int
    {
        return count(array_filter($facts->brief->rows('joints'), fn (TableRow $r): bool => $r->word('kind') === $kind));
    }

    /** A line of pipe for each return that has one of its own. */
    private static function returnPipe(Facts $facts): TakeOffLine
    {
        $lines = ReturnPump::lines($facts);
        $parts = [
            'n' => Quantity::of($lines, Kind::Count),
            'bore' => Quantity::of($facts->number(F::ReturnBoreMm), Kind::Length),
        ];
        $note = Sentence::of($lines === 1 ? Phrase::BoreBore : Phrase::LinesOfBore, $parts);

        return self::line('return-pipe', $lines * $facts->number(F::ReturnLengthM), Kind::Height, $note);
    }

    private static function returns(Facts $facts): int
    {
        return $facts->word(F::Returns) === 'one' ? 1 : 2;
    }

    private static function drains(Facts $facts): int
    {
        return BlockedMain::mains($facts) + DrainSchool::from($facts->word(F::Drains))->standby();
    }

    private static function line(string $key, float $value, Kind $kind, ?Sentence $note = null): TakeOffLine
    {
        // To a tenth: what stands on the quote times its price is what stands beside it.
        return new TakeOffLine($key, self::KEYS[$key][0], Quantity::of(round($value, 1), $kind), $note);
    }
}
