<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\PlainSentence;
use App\Systems\OffDevices;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/** Works out hours in hand, for a page or to be kept for the fleet. */
final class Exposures
{
    public function __construct(private readonly NextLook $visits, private readonly OffDevices $off)
    {
    }

    /** @return list<HoursInHand>|string what one system's hazards say now, or what is still to be said */
    public function of(System $system, Night $night, ?Helpers $helpers = null): array|string
    {
        $system->loadMissing(TonightReader::loads());

        $around = Around::of(collect([$system]));

        return $this->answer(
            $system,
            Under::calendar($night),
            $helpers ?? $this->helpers($system),
            $this->off->ids([$system->id]),
            $around,
        );
    }

    /** @return list<HoursInHand>|string the same, with what was read for a year of it already */
    public function within(StandingReader $reader, System $system, Under $under): array|string
    {
        return $this->answer($system, $under, $reader->helpers, $reader->off, $reader->around);
    }

    public function helpers(System $system): Helpers
    {
        return Helpers::around(collect([$system]), $this->visits);
    }

    /**
     * Kept row by row, so that a fleet is read sorted.
     *
     * @param  Collection<int, System>  $systems
     */
    public function keep(Collection $systems, Night $night): void
    {
        $rows = $worst = [];
        $helpers = Helpers::around($systems, $this->visits);
        $at = CarbonImmutable::now();
        $off = $this->off->ids(array_values($systems->map(fn (System $s): int => $s->id)->all()));
        $around = Around::of($systems);
        foreach ($systems as $system) {
            $tank = TonightReader::read($system, $night, $off, $around);
            $answer = is_string($tank) ? $tank : self::worked($tank, $system, Under::calendar($night), $helpers);
            $rows = [
                ...$rows,
                ...is_string($tank) ? self::waiting($system, $night, $tank, $at) : self::rows($system, $night, $answer, $tank, $at),
            ];
            $shortest = is_string($answer) ? null : HoursInHand::worst(...$answer);
            $worst[] = [
                'system_id' => $system->id,
                'night' => $night->value,
                'rank' => $shortest?->rank(),
                'hazard' => $shortest?->hazard->value,
                'cause' => $shortest?->cause()->code(),
            ];
        }
        DB::transaction(function () use ($rows, $worst, $systems, $night): void {
            // What can no longer fail has no row any more.
            DB::table('exposures')->where('night', $night->value)->whereIn('system_id', $systems->pluck('id'))->delete();
            foreach (array_chunk($rows, 300) as $chunk) {
                DB::table('exposures')->insert($chunk);
            }
            foreach (array_chunk($worst, 500) as $chunk) {
                DB::table('exposure_worst')->upsert($chunk, ['system_id', 'night']);
            }
        });
    }

    /**
     * @param  list<int>  $off
     * @return list<HoursInHand>|string
     */
    private function answer(
        System $system,
        Under $under,
        Helpers $helpers,
        array $off,
        Around $around,
    ): array|string {
        $tank = TonightReader::read($system, $under->night, $off, $around);

        return is_string($tank) ? $tank : self::worked($tank, $system, $under, $helpers);
    }

    /** @return list<HoursInHand>|string */
    private static function worked(Tonight $tank, System $system, Under $under, Helpers $helpers): array|string
    {
        try {
            $alarms = $helpers->alarms($system, $under->night);
            $place = $helpers->place($system, $under);

            return array_map(
                fn (Hazard $h): HoursInHand => HoursInHand::of($h, $tank, $alarms, $place),
                self::hazards($tank),
            );
        } catch (OutOfRange $e) {
            return "a sound {$e->field}";
        }
    }

    /**
     * @param  list<HoursInHand>|string  $answer
     * @return list<array<string, mixed>>
     */
    private static function rows(System $system, Night $night, array|string $answer, Tonight $tank, CarbonImmutable $at): array
    {
        return is_string($answer)
            ? self::waiting($system, $night, $answer, $at)
            : array_map(fn (HoursInHand $h): array => self::row($system, $night, $h, $tank, $at), $answer);
    }

    /** @return array<string, mixed> */
    private static function row(System $system, Night $night, HoursInHand $h, Tonight $tank, CarbonImmutable $at): array
    {
        return [
            'system_id' => $system->id,
            'night' => $night->value,
            'hazard' => $h->hazard->value,
            'harm_by' => $h->harms[0]->by ?? null,
            'harm_h' => $h->harms[0]->hours ?? null,
            'noticed_h' => $h->response->noticedH,
            'acts_h' => $h->response->actsH,
            'hours' => $h->hours,
            'who' => $h->response->who,
            'how' => mb_substr($h->response->how, 0, 200),
            'needs' => null,
            'cause' => $h->cause()->code(),
            'course' => $h->hazard === Hazard::PowerCut ? json_encode(DarkCourse::of($tank, $h), JSON_THROW_ON_ERROR) : null,
            'finding' => json_encode(self::plain($h->finding), JSON_THROW_ON_ERROR),
            'computed_at' => $at,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function waiting(System $system, Night $night, string $needs, CarbonImmutable $at): array
    {
        return array_map(
            fn (Hazard $h): array => [
                'system_id' => $system->id,
                'night' => $night->value,
                'hazard' => $h->value,
                'harm_by' => null,
                'harm_h' => null,
                'noticed_h' => null,
                'acts_h' => null,
                'hours' => null,
                'who' => null,
                'how' => '',
                'needs' => mb_substr($needs, 0, 300),
                'cause' => null,
                'course' => null,
                'finding' => null,
                'computed_at' => $at,
            ],
            Hazard::ofEverySystem(),
        );
    }

    /** @return list<Hazard> those of every system, and what else can fail here */
    private static function hazards(Tonight $tank): array
    {
        $further = array_filter(
            Hazard::cases(),
            fn (Hazard $h): bool => ! in_array($h, Hazard::ofEverySystem(), true) && TimeToHarm::of($h, $tank) !== [],
        );

        return [...Hazard::ofEverySystem(), ...array_values($further)];
    }

    /**
     * A finding's parts as data, to be read in anyone's units later.
     *
     * @return array<string, mixed>
     */
    private static function plain(Finding $finding): array
    {
        return [
            'severity' => $finding->severity->value,
            'what' => PlainSentence::of($finding->what),
            'why' => PlainSentence::of($finding->why),
            'remedy' => $finding->remedy === null ? null : PlainSentence::of($finding->remedy),
        ];
    }
}
