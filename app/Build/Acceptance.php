<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Days;
use App\House\TableRows;
use App\House\Views\FigureView;
use App\Systems\Material;
use App\Systems\OpenRipple;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Systems\SystemFacts;
use App\Systems\SystemStart;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\OpenCheck;
use Velbrin\Core\Build\Plan as CorePlan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Waivable;
use Velbrin\Core\Build\WholeAnswer;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Control\Ripples;
use Velbrin\Core\Measure\Finding;

/** Accepting a version: every open Stop is answered, the answers are frozen, and the system's record is opened from them. */
final class Acceptance
{
    /** What a plug’s kind is in the register. */
    private const JOBS = [
        'heater' => 'heater',
        'return' => 'return-pump',
        'stream' => 'circulation-pump',
        'light' => 'light',
        'skimmer' => 'skimmer',
        'top-off' => 'top-off',
        'cooling' => 'chiller',
        'controller' => 'controller',
        'other' => 'other',
    ];

    /** @return list<Finding> Stops nobody has answered */
    public static function open(PlanVersion $version, PlanAnswers $answers): array
    {
        $answered = $version->waivers->pluck('finding_key')->all();

        return array_values(
            array_filter(
                $answers->stops(),
                fn (Finding $f): bool => array_filter($answered, fn (mixed $key): bool => is_string($key) && $f->isCalled($key)) === [],
            ),
        );
    }

    /** @return list<string> why this version cannot be accepted yet */
    public static function against(PlanVersion $version, PlanAnswers $answers): array
    {
        $reasons = [];
        foreach ($answers->errors as $error) {
            $reasons[] = "{$error->field} cannot be as it stands";
        }
        foreach (self::open($version, $answers) as $stop) {
            $reasons[] =
                $stop->rule.
                ': '.
                (Waivable::byReason($stop->rule)
                    ? 'put it right, or waive it with a reason'
                    : 'put it right, or store the licensed person’s document');
        }
        foreach ($answers->openSafety() as $open) {
            // What a later stage holds by its own gate may still be settled there.
            if (! StageGate::holds($open->rule)) {
                $reasons[] = "{$open->rule} is open: ".self::settles($open);
            }
        }
        $since = RefitSince::open($version->plan()->with('refits')->firstOrFail(), PlanBrief::read($version->brief));
        foreach ($since as $moved) {
            $what = lcfirst(FigureView::fieldLabel($moved->field));
            $reasons[] = "the record moved since: {$what}; decide it in the plan and keep a version";
        }
        foreach (RefitSince::rows($version->plan()->with('refits')->firstOrFail(), $version->brief) as $moved) {
            $reasons[] = "the record moved since: {$moved->name}; decide it in the plan and keep a version";
        }
        if ($answers->figure('systemL')?->quantity === null) {
            $reasons[] = 'the sizes of the display are missing';
        }

        return array_values(array_unique($reasons));
    }

    /** What would settle it, in words. */
    private static function settles(OpenCheck $open): string
    {
        $words = fn (array $fields): string => lcfirst(
            implode(', ', array_unique(array_map(FigureView::fieldLabel(...), $fields))),
        );

        return implode(
            '; ',
            array_filter([
                $open->needs === [] ? '' : 'say '.$words($open->needs),
                $open->assumed === [] ? '' : 'confirm '.$words($open->assumed),
            ]),
        );
    }

    /** @throws ValidationException while something stands against it */
    public static function accept(
        PlanVersion $version,
        User $user,
        string $systemName,
        string $kind,
        Regime $regime,
    ): System {
        return DB::transaction(function () use ($version, $user, $systemName, $kind, $regime): System {
            $version = PlanVersion::query()
                ->lockForUpdate()
                ->with(['waivers', 'plan'])
                ->findOrFail($version->id);
            $brief = PlanBrief::read($version->brief);
            $whole = WholeAnswer::of($brief);
            $answers = $whole->answers;
            $against = $version->accepted_at === null ? self::against($version, $answers) : ['it is accepted already'];
            if ($against !== []) {
                throw ValidationException::withMessages(['accept' => 'Not yet: '.implode('; ', $against).'.']);
            }
            $version->update([
                'accepted_at' => now(),
                'accepted_by' => $user->id,
            ]);
            KeptAnswer::keep($version, $whole, KeptAnswer::ACCEPTED);
            $plan = $version->plan()->firstOrFail();
            $running = self::running($version);
            if ($running !== null) {
                return self::propose($running, $version, $brief, $answers, $user);
            }
            $system = System::query()->create([
                'site_id' => $plan->site_id,
                'room_id' => $plan->room_id,
                'plan_version_id' => $version->id,
                'name' => $systemName,
                'kind' => $kind,
                'regime' => $regime,
                'started_precision' => 'day',
                'facts' => [],
                'bases' => [],
                'chambers' => [],
            ]);
            $bases = [];
            foreach ($brief->bases as $field => $basis) {
                $bases[$field] = ['basis' => $basis->value, 'by' => $user->name, 'at' => Days::text()];
            }
            SystemFacts::write(
                $system,
                array_intersect_key($brief->values, PlanSheet::fields()),
                $bases,
                self::chambers($version),
            );
            $rows = TableRows::of($version->brief);
            SystemFacts::others($system, $rows['vessels']);
            SystemFacts::places($system, $rows, $version->created_at);
            self::devices($system, $brief, $answers);
            self::materials($system, $brief, $answers, $user);
            SystemStart::bands($system);
            $system
                ->logEntries()
                ->create([
                    'kind' => 'event',
                    'text' => "Opened from plan {$plan->name}, version {$version->number}",
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);

            return $system;
        });
    }

    /** The system this plan refits, or an earlier version of it opened. */
    public static function running(PlanVersion $version): ?System
    {
        $refits = Plan::query()->whereKey($version->plan_id)->value('refits_system_id');
        if (is_int($refits)) {
            return System::query()->current()->find($refits);
        }

        return System::query()
            ->current()
            ->whereIn('plan_version_id', PlanVersion::query()->where('plan_id', $version->plan_id)->select('id'))
            ->orderBy('id')
            ->first();
    }

    /** A running system is not rebuilt by a signature: what the version would change in it is re-opened there (X-30). */
    private static function propose(
        System $system,
        PlanVersion $version,
        PlanBrief $brief,
        PlanAnswers $answers,
        User $user,
    ): System {
        $is = SystemBrief::read($system->load('vessels'));
        $cause = "Plan version {$version->number} accepted";
        $opened = OpenRipple::open(
            $system,
            Ripples::of(Comparison::of($is, CorePlan::answer($is), $brief, $answers)),
            $cause,
            $user,
        );
        $system
            ->logEntries()
            ->create([
                'kind' => 'event',
                'text' => "{$cause}: {$opened} things re-opened. The record follows when it is built and measured.",
                'happened_at' => now(),
                'user_id' => $user->id,
            ]);

        return $system;
    }

    /** @return list<array<string, mixed>> */
    private static function chambers(PlanVersion $version): array
    {
        $chambers = $version->brief['chambers'] ?? [];

        return is_array($chambers) ? array_values(array_filter($chambers, is_array(...))) : [];
    }

    /** The devices the plan already counts on; their makes and plugs are written when they stand there. */
    private static function devices(System $system, PlanBrief $brief, PlanAnswers $answers): void
    {
        $sump = $system->vessels->firstWhere('role', 'sump');
        $plugs = [];
        foreach ($brief->rows('loads') as $row) {
            $job = self::JOBS[$row->word('kind')];
            $item = $system->items()->create([
                'vessel_id' => in_array($job, ['return-pump', 'heater', 'skimmer'], true) ? $sump?->id : null,
                'job' => $job,
                'name' => ucfirst($row->called('device')),
                'watts' => $row->number('watts') ?: null,
                'installed_precision' => 'day',
                'state' => 'mounted',
                'note' => 'from the plan; its make still to write down',
            ]);
            $strip = $row->numberOr('strip');
            $plugs[] = [
                'item' => $item->id,
                'device' => $row->called('device'),
                'circuit' => (int) $row->number('circuit'),
                'strip' => $strip === null ? null : (int) $strip,
            ];
        }
        $rating = $brief->values[PlanField::CircuitA->value] ?? null;
        $controllers = array_filter($brief->rows('board'), fn (TableRow $r): bool => $r->word('kind') === 'controller');
        BuiltFromPlan::dispatch(
            $system,
            $plugs,
            is_float($rating) ? $rating : null,
            array_values(array_map(fn (TableRow $r): string => $r->called('controller'), $controllers)),
        );
        if ($plugs !== []) {
            return;
        }
        if ($sump !== null) {
            $system
                ->items()
                ->create([
                    'vessel_id' => $sump->id,
                    'job' => 'return-pump',
                    'name' => 'Return pump',
                    'installed_precision' => 'day',
                    'state' => 'mounted',
                    'note' => 'from the plan; make and plug still to write down',
                ]);
        }
        if (is_float($brief->values['lightsW'] ?? null) && $brief->values['lightsW'] > 0) {
            $system
                ->items()
                ->create([
                    'job' => 'light',
                    'name' => 'Lights',
                    'watts' => $brief->values['lightsW'],
                    'installed_precision' => 'day',
                    'state' => 'mounted',
                    'note' => 'from the plan; all lamps together',
                ]);
        }
        $heaters = $answers->heating?->chosen;
        for ($i = 1; $heaters !== null && $i <= $heaters->count; $i++) {
            $system
                ->items()
                ->create([
                    'vessel_id' => $sump?->id,
                    'job' => 'heater',
                    'name' => "Heater {$i}",
                    'watts' => $heaters->wattsEach,
                    'installed_precision' => 'day',
                    'state' => 'mounted',
                    'note' => 'from the plan',
                ]);
        }
    }

    /** Rock and sand the plan counts with; grain is known, origin and lot are on the bag (K-47). */
    private static function materials(System $system, PlanBrief $brief, PlanAnswers $answers, User $user): void
    {
        $facts = Facts::of($brief);
        $rows = [
            'rock' => [$facts->knows(PlanField::RockKg) ? $facts->number(PlanField::RockKg) : 0.0, null],
            'sand' => [
                $answers->figure('sandKg')->quantity->value ?? 0.0,
                $brief->has(PlanField::GrainMm) ? $facts->number(PlanField::GrainMm).' mm' : null,
            ],
        ];
        foreach ($rows as $kind => [$kg, $grain]) {
            if ($kg > 0) {
                Material::query()->create([
                    'system_id' => $system->id,
                    'kind' => $kind,
                    'name' => ucfirst($kind),
                    'mass_kg' => round($kg, 1),
                    'grain' => $grain,
                    'in_on' => Days::text(),
                    'note' => 'from the plan; origin and lot still to write down',
                    'user_id' => $user->id,
                ]);
            }
        }
    }
}
