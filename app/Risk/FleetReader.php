<?php

declare(strict_types=1);

namespace App\Risk;

use App\Clients\Contact;
use App\Risk\Views\CauseView;
use App\Risk\Views\ExposureLineView;
use App\Risk\Views\RingView;
use App\Systems\System;
use App\Team\User;
use Illuminate\Contracts\Pagination\Paginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Risk\Cause;
use Velbrin\Core\Risk\HandState;

/** The fleet by hours in hand, as it was last worked out: one line a cause where many share it, one a system else. */
final class FleetReader
{
    /** So many systems with one cause stand as one line. */
    private const MANY = 4;

    private const A_PAGE = 25;

    /** @var array<int, array<string, int>> asked once a page */
    private array $counted = [];

    /** @return Paginator<int, System> */
    public function page(FleetAsked $asked): Paginator
    {
        return $this->systems($asked)->simplePaginate(self::A_PAGE)->withQueryString();
    }

    /** @return list<System> for the paper: everything asked for, up to a folder’s worth */
    public function all(FleetAsked $asked, int $limit): array
    {
        return array_values($this->systems($asked)->limit($limit)->get()->all());
    }

    /** @return list<CauseView> what many share, the most first */
    public function groups(FleetAsked $asked): array
    {
        $views = [];
        foreach ($this->counts($asked) as $code => $count) {
            $cause = Cause::read($code);
            if ($cause !== null) {
                $views[] = CauseView::of($cause, $count);
            }
        }

        return $views;
    }

    /**
     * @param  array<array-key, System>  $found  ids, in their order
     * @return list<ExposureLineView>
     */
    public function lines(array $found, FleetAsked $asked, User $user): array
    {
        $ids = array_map(fn (System $s): int => $s->id, array_values($found));
        $systems = System::query()->whereIntegerInRaw('id', $ids)->with('site.client')->get()->keyBy('id');
        $rows = Exposure::query()
            ->where('night', $asked->night->value)
            ->whereIn('system_id', $ids)
            ->when($asked->fault !== null, fn ($q) => $q->where('hazard', $asked->fault?->value))
            ->get()
            ->toBase()
            ->groupBy('system_id');
        $helpers = Helpers::onCall();
        $clients = $systems->map(fn (System $s): ?int => $s->site?->client_id)->filter()->unique()->values();
        $contacts = Contact::query()
            ->current()
            ->whereIn('client_id', $clients)
            ->whereNotNull('phone')
            ->orderByDesc('holds_key')
            ->orderBy('id')
            ->get()
            ->toBase()
            ->groupBy('client_id');
        $lines = [];
        foreach ($ids as $id) {
            $system = $systems[$id] ?? null;
            if ($system !== null) {
                $site = $system->site;
                $ring =
                    $site === null
                        ? null
                        : RingView::of(
                            $site,
                            $helpers->toRing($site, $asked->night),
                            $contacts[$site->client_id] ?? collect(),
                        );
                $lines[] = ExposureLineView::of($system, $rows[$id] ?? collect(), $user, $ring);
            }
        }

        return $lines;
    }

    /** @return Builder<System> ids alone, sorted by the gap */
    private function systems(FleetAsked $asked): Builder
    {
        $shared = array_keys($this->counts($asked));

        return System::query()
            ->current()
            ->select('systems.id')
            ->leftJoinSub(self::gaps($asked), 'gaps', 'gaps.system_id', '=', 'systems.id')
            ->when(
                $asked->fault !== null || $asked->canAct || $asked->cause !== null,
                fn (Builder $q) => $q->whereNotNull('gaps.gap'),
            )
            ->when($asked->canAct, fn (Builder $q) => $q->where(self::inTime(...)))
            ->when($asked->cause !== null, fn (Builder $q) => $q->where('gaps.cause', $asked->cause?->code()))
            ->when(
                $asked->cause === null && $shared !== [],
                fn (Builder $q) => $q->where(
                    fn (Builder $w) => $w->whereNull('gaps.cause')->orWhereNotIn('gaps.cause', $shared),
                ),
            )
            ->orderByRaw('gaps.gap is null, gaps.gap')
            ->orderBy('systems.name');
    }

    /** @param  Builder<System>  $query  whose fault somebody who acts when it is noticed still meets */
    private static function inTime(Builder $query): void
    {
        foreach (HandState::cases() as $state) {
            if ($state->canAct()) {
                $query->orWhere('gaps.cause', 'like', "%:{$state->value}");
            }
        }
    }

    /** A system’s shortest hazard, or the one fault that is asked for. */
    private static function gaps(FleetAsked $asked): Query
    {
        return $asked->fault === null
            ? DB::table('exposure_worst')
                ->where('night', $asked->night->value)
                ->select(['system_id', DB::raw('`rank` as gap'), 'cause'])
            : DB::table('exposures')
                ->where('night', $asked->night->value)
                ->where('hazard', $asked->fault->value)
                ->select(['system_id', DB::raw('hours as gap'), 'cause']);
    }

    /** @return array<string, int> systems by cause, for causes that many share */
    private function counts(FleetAsked $asked): array
    {
        return $this->counted[spl_object_id($asked)] ??= self::count($asked);
    }

    /** @return array<string, int> */
    private static function count(FleetAsked $asked): array
    {
        $counts = [];
        $rows = DB::query()
            ->fromSub(self::gaps($asked), 'gaps')
            ->join('systems', 'systems.id', '=', 'gaps.system_id')
            ->whereNull('systems.archived_at')
            ->whereNotNull('gaps.cause')
            ->groupBy('gaps.cause')
            ->havingRaw('count(*) >= ?', [self::MANY])
            ->orderByRaw('count(*) desc')
            ->get(['gaps.cause', DB::raw('count(*) as systems')]);
        foreach ($rows as $row) {
            $cause = Cause::read((string) $row->cause);
            if ($cause !== null && $cause->isShared() && (! $asked->canAct || $cause->state->canAct())) {
                $counts[(string) $row->cause] = (int) $row->systems;
            }
        }

        return $counts;
    }
}
