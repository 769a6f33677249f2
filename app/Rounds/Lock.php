<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use App\House\Days;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Velbrin\Core\Rounds\AfterJob;

/** Not before that day, because of a job that was done (S-49). */
#[UsePolicy(SandProfilePolicy::class)]
final class Lock extends Row
{
    protected $fillable = ['system_id', 'visit_id', 'what', 'because', 'until_on', 'lifted_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['until_on' => 'immutable_date', 'lifted_at' => 'immutable_datetime'];
    }

    public static function after(VisitTask $done, CarbonImmutable $at): void
    {
        foreach (AfterJob::locks((string) $done->type?->key) as $what => $days) {
            self::query()->create([
                'system_id' => $done->system_id,
                'visit_id' => $done->visit_id,
                'what' => $what,
                'because' => lcfirst($done->name()),
                'until_on' => $at->setTimezone(Days::zone())->addDays($days)->toDateString(),
            ]);
        }
    }

    /** @return list<string> "No new animals until 4 Dec (sand top-up)" */
    public static function words(int $systemId): array
    {
        return self::bySystem([$systemId])[$systemId] ?? [];
    }

    /**
     * @param  list<int>  $systemIds
     * @return array<int, list<string>>
     */
    public static function bySystem(array $systemIds): array
    {
        $words = [];
        foreach (
            self::query()
                ->whereIn('system_id', $systemIds)
                ->whereNull('lifted_at')
                ->where('until_on', '>=', Days::today()->toDateString())
                ->orderBy('until_on')
                ->get() as $lock
        ) {
            $words[$lock->system_id][] = self::say($lock->what, $lock->until_on->toDateString(), $lock->because);
        }

        return $words;
    }

    public static function say(string $what, string $untilOn, string $because): string
    {
        return ucfirst($what).' until '.CarbonImmutable::parse($untilOn)->format('j M')." ({$because})";
    }
}
