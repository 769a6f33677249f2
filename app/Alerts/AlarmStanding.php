<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Team\Absence;
use Illuminate\Support\Collection;
use Velbrin\Core\Risk\AlarmQuantity;

/** Whether an alarm helps tonight: the one word for it on every page. */
enum AlarmStanding: string
{
    case Sound = 'sound';
    case Untested = 'untested';
    case CallsNobody = 'calls-nobody';
    case AllAway = 'all-away';
    case NeedsLimit = 'needs-limit';
    case NeedsPlace = 'needs-place';

    /**
     * @param  Collection<int, Absence>  $absences
     * @param  string  $day  of tonight’s fault where it stands, Y-m-d
     */
    public static function of(Alarm $alarm, Collection $absences, string $day): self
    {
        $away = $absences
            ->filter(
                fn (Absence $a): bool => $a->from_on->toDateString() <= $day && $a->until_on->toDateString() >= $day,
            )
            ->pluck('user_id');
        $answers = fn (AlarmCall $c): bool => $c->user !== null &&
            ! $c->user->isArchived() &&
            ! $away->contains($c->user_id);
        $hasNoLimit = $alarm->low_limit === null && $alarm->high_limit === null;

        return match (true) {
            $alarm->calls->isEmpty() => self::CallsNobody,
            ! $alarm->calls->contains($answers) => self::AllAway,
            ! $alarm->isTested() => self::Untested,
            $alarm->quantity === null || ($alarm->quantity->hasLimits() && $hasNoLimit) => self::NeedsLimit,
            $alarm->quantity === AlarmQuantity::Leak && $alarm->is_lowest !== true => self::NeedsPlace,
            default => self::Sound,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Sound => 'tested, reaches somebody',
            self::Untested => 'not tested in time',
            self::CallsNobody => 'calls nobody',
            self::AllAway => 'calls only people who are away tonight',
            self::NeedsLimit => 'its limit is not entered',
            self::NeedsPlace => 'not known to lie where the floor is lowest',
        };
    }

    public function mark(): string
    {
        return match ($this) {
            self::Sound => 'fine',
            self::AllAway, self::CallsNobody => 'stop',
            self::Untested, self::NeedsLimit, self::NeedsPlace => 'watch',
        };
    }
}
