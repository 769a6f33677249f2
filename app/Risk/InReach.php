<?php

declare(strict_types=1);

namespace App\Risk;

use App\Clients\Site;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\PartAway;
use Velbrin\Core\Rounds\Spot;

/** What lies ready where, as it stands now: whether help brings air, and how long until a part is where it is needed. */
final readonly class InReach
{
    /**
     * @param  bool|null  $bringsAir  null: nobody keeps a store
     * @param  array<string, int>  $leadDays  by job, of the quickest supplier
     * @param  list<array{job: Job, siteId: int|null, spot: Spot|null, riders: list<int>}>  $lies  whole devices that can stand in now: at a
     *     place, in a depot, or in a van, with whoever drives it
     */
    public function __construct(
        public ?bool $bringsAir,
        private array $leadDays,
        private array $lies,
        private int $usualLeadDays,
    ) {
    }

    /**
     * @param  int|null  $userId  whoever comes
     * @return array<string, float>|null by job, from when somebody was called; what nobody has is ordered; null: nobody keeps a store
     */
    public function hoursTo(Site $site, ?int $userId = null): ?array
    {
        if ($this->bringsAir === null) {
            return null;
        }
        $hours = [];
        foreach ([Job::Heater, Job::ReturnPump, Job::Light] as $job) {
            $hours[$job->value] = PartAway::ordered($this->leadDays[$job->value] ?? $this->usualLeadDays);
        }
        foreach ($this->lies as $one) {
            $key = $one['job']->value;
            if (isset($hours[$key]) && ($one['siteId'] === null || $one['siteId'] === $site->id)) {
                $hours[$key] = min($hours[$key], self::away($one, $site, $userId));
            }
        }

        return $hours;
    }

    /** @param  array{job: Job, siteId: int|null, spot: Spot|null, riders: list<int>}  $one */
    private static function away(array $one, Site $site, ?int $userId): float
    {
        $isKnown = $one['spot'] !== null && $site->lat !== null && $site->lon !== null;

        return PartAway::lying(
            isThere: $one['siteId'] !== null || in_array($userId, $one['riders'], true),
            driveMin: $isKnown ? $one['spot']->minutesTo(new Spot($site->lat, $site->lon)) : null,
        );
    }
}
