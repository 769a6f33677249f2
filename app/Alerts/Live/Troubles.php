<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Alerts\Views\TroubleView;
use Illuminate\Database\Eloquent\Builder;

/** What goes on now, and what lately was. */
final class Troubles
{
    private const LATELY = 30;

    /** @return list<TroubleView> not over, or not answered; the newest first */
    public function open(): array
    {
        return $this->views(AlarmEvent::query()->open()->whereNull('joined_id'));
    }

    /** @return list<TroubleView> over and answered */
    public function past(): array
    {
        return $this->views(AlarmEvent::query()->whereNull('joined_id')->whereNotNull('cleared_at')->whereNotNull('acknowledged_at'));
    }

    /**
     * @param  Builder<AlarmEvent>  $query
     * @return list<TroubleView>
     */
    private function views(Builder $query): array
    {
        $events = $query
            ->with(['alarm.system.site', 'notices.user', 'acknowledger'])
            ->latest('raised_at')
            ->limit(self::LATELY)
            ->get();
        $joined = AlarmEvent::query()->whereIn('joined_id', $events->modelKeys())->with('alarm')->get()->groupBy('joined_id');

        return array_values($events->map(fn (AlarmEvent $e): TroubleView => TroubleView::of(
            $e,
            array_values(($joined->get($e->id) ?? collect())->map(fn (AlarmEvent $j): string => (string) $j->alarm?->name)->all()),
        ))->all());
    }
}
