<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Days;
use App\Rounds\Disturbed;
use App\Rounds\Visit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Velbrin\Core\Rounds\Disturbance;

/** What a messy job will look like and until when, told to the client before (X-12). */
final readonly class AnnounceView
{
    /** Told in the days before; earlier, the plan may still move. */
    private const AHEAD_DAYS = 10;

    private const LISTED = 40;

    private function __construct(
        public int $visitId,
        public string $place,
        public string $client,
        public string $words,
        public ?string $contact,
        public ?string $phone,
    ) {
    }

    /** @return list<self> visits nobody has spoken of yet, the next one first */
    public static function coming(): array
    {
        $today = Days::today();
        // One question, however many visits: the board has a fixed number of them.
        $contact = DB::table('contacts')
            ->whereColumn('contacts.client_id', 'sites.client_id')
            ->whereNull('contacts.archived_at')
            ->orderByDesc('phone')
            ->orderBy('id')
            ->limit(1)
            ->selectRaw("json_object('name', contacts.name, 'phone', contacts.phone)");
        $rows = DB::table('visit_tasks')
            ->join('visits', 'visits.id', '=', 'visit_tasks.visit_id')
            ->join('sites', 'sites.id', '=', 'visits.site_id')
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->join('task_types', 'task_types.id', '=', 'visit_tasks.task_type_id')
            ->where('visits.state', Visit::PLANNED)
            ->whereNull('visits.told_at')
            ->whereNotNull('visits.starts_at')
            ->whereBetween('visits.planned_on', [
                $today->toDateString(),
                $today->addDays(self::AHEAD_DAYS)->toDateString(),
            ])
            ->where('visit_tasks.state', 'open')
            ->whereNotNull('visit_tasks.disturbs_h')
            ->select([
                'visits.id',
                'visits.starts_at',
                'visits.minutes',
                'sites.name as place',
                'clients.name as client',
                'task_types.key',
                'task_types.messy',
            ])
            ->selectRaw('coalesce(visit_tasks.title, task_types.name) as job')
            ->selectSub($contact, 'contact')
            ->orderBy('visits.starts_at')
            ->orderBy('visit_tasks.id')
            ->limit(self::LISTED)
            ->get();

        return array_values($rows->groupBy('id')->map(fn (Collection $of): self => self::of($of))->all());
    }

    /** @param  Collection<int, stdClass>  $jobs  of one visit */
    private static function of(Collection $jobs): self
    {
        $visit = $jobs->first() ?? throw new \LogicException('a visit without a job');
        $starts = CarbonImmutable::parse((string) $visit->starts_at, 'UTC');
        $contact = json_decode((string) ($visit->contact ?? 'null'), true);
        $contact = is_array($contact) ? $contact : [];
        $text = fn (string $key): ?string => is_string($contact[$key] ?? null) ? $contact[$key] : null;
        $words = $jobs->map(fn (stdClass $j): ?string => self::words($j, $starts))->filter()->unique()->implode('; ');

        return new self(
            (int) $visit->id,
            (string) $visit->place,
            (string) $visit->client,
            $starts->setTimezone(Days::zone())->format('D j M H:i').": {$words}",
            $text('name'),
            $text('phone'),
        );
    }

    private static function words(stdClass $job, CarbonImmutable $starts): ?string
    {
        // A change stands here only where it was found to be a big one.
        $expected = Disturbance::after((string) $job->key, (bool) $job->messy, share: 1.0);

        return $expected === null
            ? null
            : Disturbed::say(
                $expected->looks,
                $starts->addMinutes((int) round((float) $job->minutes + 60 * $expected->hours)),
                lcfirst((string) $job->job),
            );
    }
}
