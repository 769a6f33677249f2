<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\Rounds\ChangeReader;
use App\Rounds\DueByCondition;
use App\Rounds\Observation;
use App\Rounds\VisitTask;
use App\Systems\Parameters;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\TakenReading;
use App\Systems\TakeReading;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Rounds\Grade;
use Velbrin\Core\Rounds\LitresOutAndIn;
use Velbrin\Core\Rounds\Sign;
use Velbrin\Core\Water\LevelFall;
use Velbrin\Core\Water\ShockCheck;
use Velbrin\Core\Water\WaterValues;

/** Readings, signs, litres, and the new water against the tank. */
final class Values
{
    public function reading(Sent $sent): Outcome
    {
        $system = $sent->system();
        $parameter = Parameters::here()->find($sent->text('parameter', 20) ?? '');
        $unit = ReadingUnit::tryFrom($sent->text('unit', 30) ?? '');
        $value = $sent->number('value', -1e6, 1e6);
        if ($system === null || $parameter === null || $unit === null || $value === null) {
            return Outcome::refused('A reading needs its system, what was read, a number and its unit.');
        }
        $method = $sent->text('method', 20);
        $taken = TakeReading::take(
            system: $system,
            user: $sent->user,
            parameter: $parameter,
            typed: $value,
            unit: $unit,
            at: $sent->at,
            uuid: $sent->uuid,
            sure: $sent->yes('sure'),
            method: in_array($method, ['probe', 'laboratory'], true) ? $method : 'kit',
            instrument: $sent->text('instrument', 120),
        );

        return match ($taken->outcome) {
            TakenReading::ASKED => Outcome::asked($taken->words),
            TakenReading::REFUSED => Outcome::refused($taken->words),
            TakenReading::KEPT => Outcome::ok(
                $taken->judged ? $taken->words : $this->judged($sent, $system, $parameter) ?? $taken->words,
            ),
            default => Outcome::ok($taken->words),
        };
    }

    /** Where the value stands, and what it did since last time. */
    private function judged(Sent $sent, System $system, Measured $parameter): ?string
    {
        $now = StoredJudgement::for($system->load('judgements'), $parameter);
        if ($now === null) {
            return null;
        }
        $units = $sent->user->units();
        $before = $system
            ->readings()
            ->where('parameter', $parameter->key())
            ->whereNull('marked_at')
            ->where('taken_at', '<', $now->latest_at)
            ->latest('taken_at')
            ->value('value');
        $moved = is_numeric($before) ? $now->latest - (float) $before : 0.0;

        return "{$parameter->label()} {$units->show(
            Quantity::of($now->latest, $parameter->kind()),
        )}: {$now->standing->words()}".
            (abs($moved) < $parameter->resolution()
                ? '.'
                : ', '.
                    $units->show(Quantity::of(abs($moved), $parameter->differenceKind())).
                    ($moved > 0 ? ' more' : ' less').
                    ' than last time.');
    }

    public function seen(Sent $sent): Outcome
    {
        $system = $sent->system();
        $sign = Sign::tryFrom($sent->text('sign', 40) ?? '');
        $grade = Grade::tryFrom($sent->text('grade', 10) ?? '');
        if ($system === null || $sign === null || $grade === null) {
            return Outcome::refused('Say what was seen, and how much.');
        }
        Observation::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'system_id' => $system->id,
                'visit_id' => $sent->visit->id,
                'sign' => $sign->value,
                'grade' => $grade->value,
                'note' => $sent->text('note', 300),
                'seen_at' => $sent->at,
                'user_id' => $sent->user->id,
            ],
        );
        DueByCondition::again($system->id);

        return Outcome::ok();
    }

    /** By gauge marks or level: out and in; why the change was made (W-40, W-64). */
    public function litres(Sent $sent): Outcome
    {
        $task = $sent->task();
        if ($task === null) {
            return Outcome::refused('That change is not of this visit.');
        }
        $most = LitresOutAndIn::mostL($task->system?->volumeL());
        $byLevel = $this->byLevel($sent, $task);
        if (is_string($byLevel)) {
            return Outcome::refused($byLevel);
        }
        $out = $byLevel['outMm'] ?? $sent->number('outL', 0, $most);
        $in = $byLevel['inMm'] ?? $sent->number('inL', 0, $most);
        if (
            $out === null &&
            $in === null &&
            $sent->text('reason', 60) !== null &&
            ! isset($sent->payload['outL'], $sent->payload['inL'])
        ) {
            $task->update(['reason' => $sent->text('reason', 60)]);

            return Outcome::ok();
        }
        if (($out === null && $in === null) || max($out ?? 0.0, $in ?? 0.0) > $most) {
            return Outcome::refused(sprintf('Litres from 0 to %.0f, please: the system holds no more.', $most));
        }
        $task->update([
            'out_l' => $out ?? $task->out_l,
            'in_l' => $in ?? $task->in_l,
            'reason' => $sent->text('reason', 60) ?? $task->reason,
        ]);
        if ($task->out_l !== null && $task->in_l !== null && LitresOutAndIn::differ($task->out_l, $task->in_l)) {
            return Outcome::ok(
                sprintf(
                    '%.0f L out and %.0f L in: is the level where it was? A difference is a leak or a wrong valve.',
                    $task->out_l,
                    $task->in_l,
                ),
            );
        }

        return Outcome::ok($byLevel === [] ? null : sprintf('By the level: %.0f L.', $out ?? $in));
    }

    /** @return array<string, float>|string litres from a fall or rise of the display’s level (W-64), or why not */
    private function byLevel(Sent $sent, VisitTask $task): array|string
    {
        $litres = [];
        foreach (['outMm', 'inMm'] as $key) {
            $mm = $sent->number($key, 0, 2000);
            if ($mm !== null) {
                $area = $task->system === null ? null : ChangeReader::netAreaM2($task->system->load('vessels'));
                if ($area === null) {
                    return 'The display’s size is not in the record, so a level says nothing yet. Give the litres.';
                }
                $litres[$key] = LevelFall::litres($area, $mm);
            }
        }

        return $litres;
    }

    /** The new water, measured: what it would move, against what the animals bear (W-33). */
    public function water(Sent $sent): Outcome
    {
        $task = $sent->task();
        $temp = $sent->number('tempC', 2, 40);
        $salinity = $sent->number('salinity', 0, 45);
        if ($task === null || $task->system === null || $temp === null || $salinity === null) {
            return Outcome::refused('Temperature and salinity of the new water, please.');
        }
        $tank = ChangeReader::tank($task->system);
        $volume = $task->system->volumeL();
        $litres = $sent->number('litres', 1, 1e6) ?? $task->litres;
        if ($tank === null || $volume === null || $litres === null || $litres <= 0) {
            return Outcome::ok(
                'Kept. The tank’s own temperature and salinity are not read yet, so it cannot be compared.',
            );
        }
        $ages = ChangeReader::ages($task->system);
        $units = $sent->user->units();
        if ($ages->stale() !== [] && ! $sent->yes('sure')) {
            return Outcome::asked(
                'Read '.
                    implode(' and ', $ages->stale()).
                    ' of the tank again first, then compare. '.
                    $ages->sentence()->in($units),
            );
        }
        try {
            $check = ShockCheck::of(
                min(1.0, $litres / $volume),
                $tank,
                new WaterValues($temp, $salinity, $sent->number('alkDkh', 0, 30), $sent->number('ph', 6.5, 9.5)),
                ChangeReader::limits($task->system),
                $task->reason === 'ammonia',
            );
        } catch (OutOfRange $e) {
            return Outcome::refused("That cannot be: {$e->field} must be {$e->allows->in($units)}.");
        }
        $say = fn (Finding $f): string => $f->what->in($units).'. '.($f->remedy?->in($units) ?? $f->why->in($units));
        $bad = array_values(array_filter($check->findings, fn (Finding $f): bool => $f->severity === Severity::Fix));

        return $bad !== [] && ! $sent->yes('sure')
            ? Outcome::asked(implode(' ', array_map($say, $bad)))
            : Outcome::ok(
                implode(' ', [
                    ...array_map(fn (Finding $f): string => $f->what->in($units).'.', $check->findings),
                    $ages->sentence()->in($units),
                ]),
            );
    }
}
