<?php

declare(strict_types=1);

namespace App\Systems\Http\Tab;

use App\Systems\Band;
use App\Systems\Http\SystemPage;
use App\Systems\MixWater;
use App\Systems\Parameters;
use App\Systems\Product;
use App\Systems\System;
use App\Systems\Views\BandView;
use App\Systems\Views\ProductView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Inertia\Response;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Seawater\Seawater;
use Velbrin\Core\Water\MixMatch;

/** How it is kept: bands, products, its record. */
final class RegimeTab
{
    public function __invoke(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewWorking', $system);
        SystemPage::load($system);

        return SystemPage::render('systems/Regime', $system, $user, $this->own($system));
    }

    /** @return array<string, mixed> */
    private function own(System $system): array
    {
        return [
            'bands' => array_map(
                fn (Measured $p): BandView => BandView::of($p, Band::for($system, $p)),
                Parameters::here()->all(),
            ),
            'regimes' => collect(Regime::cases())->mapWithKeys(fn (Regime $r): array => [$r->value => $r->label()]),
            'keepers' => User::query()
                ->current()
                ->whereIn('role', ['owner', 'planner', 'technician'])
                ->orderBy('name')
                ->pluck('name', 'id'),
            'products' => $system->products->map(
                fn (Product $p): ProductView => ProductView::of(
                    $p,
                    (string) $p->getRelation('pivot')->getAttribute('how_much'),
                ),
            ),
            'offered' => Product::query()->current()->orderBy('name')->pluck('name', 'id'),
            'others' => System::query()
                ->current()
                ->whereKeyNot($system->id)
                ->whereHas('bands', fn (Builder $b) => $b->whereNotNull('user_id'))
                ->with('site')
                ->orderBy('name')
                ->limit(200)
                ->get()
                ->mapWithKeys(fn (System $s): array => [$s->id => "{$s->name}, {$s->site?->name}"]),
            'record' => [
                'name' => $system->name,
                'kind' => $system->kind,
                'regime' => $system->regime->value,
                'keeper_id' => $system->keeper_id,
                'room_id' => $system->room_id,
                'started_on' => $system->started_on?->toDateString(),
                'started_precision' => $system->started_precision,
                'settling_until' => $system->settling_until?->toDateString(),
                'measured_volume_l' => $system->measured_volume_l,
                'measured_how' => $system->measured_how,
                'salt_mix_id' => $system->salt_mix_id,
                'hose_flow_lh' => $system->hose_flow_lh,
                'emergency_share_pct' => $system->emergency_share_pct,
            ],
            'mixes' => DB::table('salt_mixes')
                ->where(fn ($q) => $q->whereNull('archived_at')->orWhere('id', $system->salt_mix_id))
                ->orderBy('name')
                ->pluck('name', 'id'),
            'leastMixes' => array_keys(
                MixMatch::rank(
                    array_filter(MixWater::here()->all()),
                    $system->bands->mapWithKeys(fn (Band $b): array => [$b->parameter->key() => $b->limits()])->all(),
                    self::salinity($system),
                ),
            ),
        ];
    }

    private static function salinity(System $system): float
    {
        $given = $system->facts[PlanField::Salinity->value] ?? null;

        return is_numeric($given) ? (float) $given : Seawater::USUAL_SALINITY;
    }
}
